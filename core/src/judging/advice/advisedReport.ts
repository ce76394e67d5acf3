import type { ShotQuestion } from '../../words/shot/shotQuestion';
import { CHECKS } from '../checks';
import { reportIn, type ReportOptions, type ShotReport } from '../report/shotReport';
import { shotScene } from '../scene/shotScene';
import { mendsOf, type ProvedMend } from './mends';
import { withMends } from './withMends';

/** A report with how far its estimates may lie off, and what would mend it. */
interface AdvisedReport extends ShotReport {
  readonly mends: readonly ProvedMend[];
}

/** Everything about a shot, mends tried and proved; some ten times as long as the report alone. */
export function advisedReport(question: ShotQuestion, options: ReportOptions = {}): AdvisedReport {
  const scene = shotScene(question);
  const report = reportIn(scene, { ...options, ranges: true });
  const mends = mendsOf(scene, report.checks, options.checks ?? CHECKS);
  return { ...report, checks: withMends(report.checks, mends), mends };
}
