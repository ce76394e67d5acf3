import type { ClearReport } from '../../../physics/clearance/clearReport';
import type { WorldId } from '../../../words/carrier/land';
import type { CarrierFamily } from '../../../words/carrier/machine';
import { worstFirst, type CheckResult } from '../../../words/check/result';
import { bodyFindings } from './findings/bodyFindings';
import { contactFindings } from './findings/contactFindings';
import { groundFinding } from './findings/groundFinding';
import { longPoleFinding } from './findings/longPoleFinding';
import { outsideFindings } from './findings/outsideFindings';
import { roomFinding, wayOutFinding } from './findings/roomFindings';
import { sightFindings } from './findings/sightFindings';
import { tetherFinding } from './findings/tetherFinding';
import { turningFinding } from './findings/turningFinding';
import { underWayFindings } from './findings/underWayFindings';

/** Who drives or rides. */
export interface ClearSituation {
  readonly family: CarrierFamily;
  readonly world: WorldId;
}

/** Does it strike, catch, hide or hang in somebody's way? */
export function judgeClear(report: ClearReport, { family, world }: ClearSituation): CheckResult {
  return worstFirst('clear', [
    ...contactFindings(report),
    ...wayOutFinding(report),
    ...(report.longPole ? [longPoleFinding(report.longPole)] : []),
    ...(report.tethered ? [tetherFinding(report.tethered)] : []),
    ...turningFinding(report),
    ...outsideFindings(report, world),
    ...(report.overGroundM === null ? [] : [groundFinding(report.overGroundM, report.comesUp)]),
    ...roomFinding(report),
    ...sightFindings(report, family),
    ...underWayFindings(report),
    ...bodyFindings(report),
  ]);
}
