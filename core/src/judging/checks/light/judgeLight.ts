import { worseThan, worstFirst, type CheckResult, type Finding } from '../../../words/check/result';
import type { ShotScene } from '../../scene/shotScene';
import { exposureFindings } from './findings/exposureFindings';
import { mirrorFinding } from './findings/mirrorFinding';
import { shutterFindings } from './findings/shutterFindings';
import { sunFindings } from './findings/sunFindings';
import type { LightAt, LightFound } from './found/lightFound';

const findingsAt = (found: LightAt, scene: ShotScene): readonly Finding[] =>
  [
    ...sunFindings(found, scene),
    ...exposureFindings(found, scene),
    ...shutterFindings(found, scene),
    mirrorFinding(found),
  ].flatMap((finding) => finding ?? []);

/** Of what is said at several times the worst, and at what times it is so. */
function overTime(times: readonly { readonly at: string; readonly finding: Finding }[]): Finding {
  const worst = times.reduce((a, b) =>
    worseThan(b.finding.verdict, a.finding.verdict) ||
    (b.finding.verdict === a.finding.verdict && b.finding.margin < a.finding.margin - 1e-9)
      ? b
      : a,
  ).finding;
  if (worst.verdict === 'good') return times[0]!.finding;
  const bad = times.filter(({ finding }) => finding.verdict !== 'good').map(({ at }) => at);
  const when = bad.length === 1 ? `at ${bad[0]}` : `${bad[0]} to ${bad.at(-1)}`;
  return { ...worst, because: `${bad.length === times.length ? 'all the time' : when}: ${worst.because}` };
}

export function judgeLight(found: LightFound, scene: ShotScene): CheckResult {
  const first = findingsAt(found, scene);
  if (found.later.length === 0) return worstFirst('light', first);
  const { moment } = scene.question;
  const times = [{ at: moment?.at ?? '', ...found }, ...found.later].flatMap((one) =>
    findingsAt(one, scene).map((finding) => ({ at: one.at, finding })),
  );
  const ids = [...new Set(times.map(({ finding }) => finding.id))];
  return worstFirst(
    'light',
    ids.map((id) => overTime(times.filter(({ finding }) => finding.id === id))),
  );
}
