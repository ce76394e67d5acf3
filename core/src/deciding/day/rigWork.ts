import { foundBy, shotReport } from '../../judging/report/shotReport';
import { minutesToFit } from '../../posing/strut/minutesToFit';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import { resolveRig } from '../../posing/lookup/resolveRig';
import type { SetUp } from '../../words/setUp/setUp';
import { rigOfShot } from '../outing/outing';
import { shotQuestion } from '../outing/shotQuestion';
import type { Outing } from '../outing/records/outingRecord';
import type { Shot } from '../outing/records/shotRecord';
import type { Lap } from './laps';

/** Minutes of hands at work. Common practice, no source. */
const WORK = {
  /** Another angle on the same mount, another camera onto it, a base taken off again. */
  angle: 1,
  camera: 0.5,
  takeOff: 1,
  /** With a quick release the camera slides off and on, and a mount that is taken down comes off bare. */
  clicks: 0.2,
  /** A housing, a hood or a lens put on or taken off. */
  worn: 0.5,
  /** A pad that was stuck the evening before: the camera clicks in. */
  stuckBefore: 1.5,
  /** Press, pull, tether, level, ten seconds, look: whatever is newly mounted. */
  tried: 3,
  /** From one carrier to another, dressed and ready. */
  carrier: 6,
  /** Battery and card looked at. */
  looked: 1,
} as const;

/** What has to be done before a shot can be filmed, with its minutes. */
export interface RigStep {
  readonly shotId: string;
  readonly minutes: number;
  readonly words: string;
}

const mountOf = ({ spotId, baseId, headId, links, furtherArms = [] }: SetUp): string =>
  JSON.stringify([spotId, baseId, headId, links, furtherArms]);
const sameWorn = (a: SetUp, b: SetUp): boolean =>
  JSON.stringify([...(a.addOnIds ?? [])].sort()) === JSON.stringify([...(b.addOnIds ?? [])].sort());
const DEGREES = 0.5;
const sameAngles = (a: SetUp, b: SetUp): boolean =>
  (['panDeg', 'tiltDeg', 'rollDeg'] as const).every((key) => Math.abs(a.angles[key] - b.angles[key]) < DEGREES) &&
  a.mounting === b.mounting;

/** Steps from one lap to the next. @param before null = the first of the day, everything in its bag */
export function rigSteps(outing: Outing, before: Lap | null, lap: Lap): readonly RigStep[] {
  const steps = lap.map((shot): RigStep => {
    const rig = rigOfShot(outing, shot);
    const resolved = resolveSetUp(rig, shot.setUp);
    const same = before?.find((old) => old.carrierId === shot.carrierId && mountOf(old.setUp) === mountOf(shot.setUp));
    const place = resolved.placed.spot.name.toLowerCase();
    const clicks = resolved.links.some(({ definition }) => definition.kind === 'release');
    if (same) {
      const camera = same.setUp.cameraId === shot.setUp.cameraId ? 0 : clicks ? WORK.clicks : WORK.camera;
      const angle = sameAngles(same.setUp, shot.setUp) ? 0 : WORK.angle;
      const wears = sameWorn(same.setUp, shot.setUp) ? 0 : WORK.worn;
      const words =
        angle + camera + wears === 0
          ? `stays as it is: ${place}`
          : `mount stays: ${place}${angle ? ', other angle' : ''}${camera ? ', other camera' : ''}${wears ? ', something else on it' : ''}`;
      return { shotId: shot.id, minutes: angle + camera + wears, words };
    }
    const moves = before?.some(
      (old) => old.setUp.cameraId === shot.setUp.cameraId || old.setUp.baseId === shot.setUp.baseId,
    );
    const stuck = resolved.base.kind === 'adhesive' && (shot.setUp.curedH ?? 12) >= 8;
    const fit = stuck ? WORK.stuckBefore : minutesToFit(resolved);
    return {
      shotId: shot.id,
      minutes: fit + (moves ? (clicks ? WORK.clicks : WORK.takeOff) : 0) + WORK.tried,
      words: `${resolved.base.name.toLowerCase()} on: ${place}${stuck ? ', stuck the evening before' : ''}; pull, tether, level, ten seconds`,
    };
  });
  const [first] = lap;
  const [old] = before ?? [];
  if (first && old && old.carrierId !== first.carrierId) {
    const { machine } = resolveRig(rigOfShot(outing, first));
    steps.unshift({ shotId: first.id, minutes: WORK.carrier, words: `move to: ${machine.name.toLowerCase()}` });
  }
  return steps;
}

export const rigMinutes = (outing: Outing, before: Lap | null, lap: Lap): number =>
  WORK.looked + rigSteps(outing, before, lap).reduce((sum, { minutes }) => sum + minutes, 0);

/** Minutes that filming a shot takes once it is rigged: as long as Last has its camera out there. */
export const filmingMinutes = (outing: Outing, shot: Shot): number =>
  60 * foundBy(shotReport(shotQuestion(outing, shot), { only: ['last'] }), 'last').power.hours;

/** Charged batteries that filming a shot empties, as cold as it is there; a fed camera needs none. */
export function batteriesFor(outing: Outing, shot: Shot): number {
  const { power } = foundBy(shotReport(shotQuestion(outing, shot), { only: ['last'] }), 'last');
  return Math.max(0, power.neededWh - power.fedWh) / power.usableWh;
}
