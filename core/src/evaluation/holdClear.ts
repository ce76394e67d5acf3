import { clearCheck } from '../checks/clear/clearCheck';
import { holdCheck, holdMend, rulesFor, situationWith } from '../checks/hold/holdCheck';
import type { CheckResult } from '../checks/result';
import { clearReport, type ClearReport } from '../clearance/clearReport';
import { forceElevation, type ForceElevation } from '../drawing/forceElevation';
import { holdReport, type HoldReport } from '../holding/holdReport';
import type { RuleDefinition } from '../holding/rules';
import { usualVenue } from '../holding/venue';
import { resolveRig } from '../rig/resolveRig';
import { placedSpots } from '../rig/spots';
import { spotZone } from '../rig/spotZone';
import type { ShotQuestion } from './shotQuestion';
import { shakeQuestionOf, type SteadyReport } from './steadyReport';

/** Whether it stays on and in whose way it is; plain data. */
export interface HoldClearReport {
  readonly hold: HoldReport;
  readonly drawn: ForceElevation;
  /** Distances take longer: only when asked for. */
  readonly clear: ClearReport | null;
  readonly rules: readonly RuleDefinition[];
  readonly checks: readonly CheckResult[];
}

/** @param deep with distances, sight and the mend @param steady what the camera is shaken by */
export function holdClear(
  question: ShotQuestion,
  steady: Pick<SteadyReport, 'accelerationMS2' | 'landing'>,
  { deep }: { deep: boolean },
): HoldClearReport {
  const { rig, setUp, actionStanceId, ride } = shakeQuestionOf(question);
  const { machine } = resolveRig(rig);
  const asked = {
    rig,
    setUp,
    actionStanceId,
    ride,
    shakeRmsMS2: steady.accelerationMS2,
    landingG: steady.landing?.peakG ?? 0,
  };
  const hold = holdReport(asked);
  const { spot } = placedSpots(rig).find((p) => p.spot.id === setUp.spotId)!;
  const zone = spotZone(rig, spot);
  const fixed = {
    family: machine.family,
    material: spot.surface.material,
    worn: zone === null ? null : zone === 'head' ? ('head' as const) : ('body' as const),
    sheltered: hold.envelope.sheltered,
    venueId: ride.venueId ?? usualVenue(machine),
  };
  const situationOf = (s: typeof setUp) => situationWith(rig, s, fixed);
  const situation = situationOf(setUp);
  const first = holdCheck(hold, situation, null);
  const mend = deep && first.verdict !== 'good' ? holdMend(asked, situationOf) : null;
  const clear = deep ? clearReport({ rig, setUp, actionStanceId, ride }) : null;
  return {
    hold,
    drawn: forceElevation(rig, setUp, actionStanceId, hold),
    clear,
    rules: rulesFor(situation),
    checks: [holdCheck(hold, situation, mend), ...(clear ? [clearCheck(clear, machine.family)] : [])],
  };
}
