import {
  carrierOfShot,
  learntWords,
  lessonsOf,
  placedSpot,
  rigOfShot,
  shakeLearnt,
  shakeLessonsOf,
  shakeWords,
  strutOf,
  tiltLearnt,
  type Outing,
  type OutingCarrier,
  type RigSpec,
  type SetUp,
} from '@strut-spot/core';
import { useShot } from './useShot';

/** In sentences; null where no clip says anything of it. */
interface Learnt {
  readonly tilt: string | null;
  readonly shake: string | null;
}

const NOTHING: Learnt = { tilt: null, shake: null };

/** What clips taught of a set-up's spot and strut. */
export function learntOf(outing: Outing, carrier: OutingCarrier, rig: RigSpec, setUp: SetUp): Learnt {
  const [lessons, shakes] = [lessonsOf(outing), shakeLessonsOf(outing)];
  // Places are found by rays: nothing for the page's thread where there is nothing to be said.
  if (lessons.length === 0 && shakes.length === 0) return NOTHING;
  const spot = placedSpot(rig, setUp.spotId)?.spot;
  if (!spot) return NOTHING;
  const place = { machineId: rig.machineId, partId: spot.partId, spotId: spot.id, strut: strutOf(setUp) };
  const logged = carrier.spotLogs.some((log) => log.used && log.spotId === spot.id);
  return {
    tilt: learntWords(tiltLearnt(lessons, place)),
    // Where a measured log speaks for the spot, clips are not counted.
    shake: logged ? null : shakeWords(shakeLearnt(shakes, { ...place, groundId: carrier.ride.groundId })),
  };
}

/** The same of the present shot. */
export function useLearnt(): Learnt {
  const { outing, shot } = useShot();
  return learntOf(outing, carrierOfShot(outing, shot), rigOfShot(outing, shot), shot.setUp);
}
