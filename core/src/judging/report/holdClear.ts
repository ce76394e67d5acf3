import { clearCheck } from '../checks/clear/clearCheck';
import { holdCheck, holdMend, rulesFor, situationWith } from '../checks/hold/holdCheck';
import type { CheckResult } from '../../words/check/result';
import { clearReport, type ClearReport } from '../../physics/clearance/clearReport';
import { forceElevation, type ForceElevation } from '../../showing/drawing/forceElevation';
import { holdReport, type HoldReport } from '../../physics/holding/holdReport';
import type { RuleDefinition } from '../../words/rule/rule';
import { usualVenue } from '../../words/ride/venue';
import { resolveRig } from '../../posing/lookup/resolveRig';
import { placedSpots } from '../../posing/rig/spots';
import { spotZone } from '../../posing/rig/spotZone';
import type { ShotQuestion } from '../../words/shot/shotQuestion';
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
