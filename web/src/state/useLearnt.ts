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
} from '@strut-spot/core';
import { useShot } from './useShot';

/** What clips taught of the present shot's spot, in sentences; null where no clip says anything of it. */
export function useLearnt(): { readonly tilt: string | null; readonly shake: string | null } {
  const { outing, shot } = useShot();
  const [lessons, shakes] = [lessonsOf(outing), shakeLessonsOf(outing)];
  // Places are found by rays: nothing for the page's thread where there is nothing to be said.
  if (lessons.length === 0 && shakes.length === 0) return { tilt: null, shake: null };
  const rig = rigOfShot(outing, shot);
  const spot = placedSpot(rig, shot.setUp.spotId)?.spot;
  if (!spot) return { tilt: null, shake: null };
  const carrier = carrierOfShot(outing, shot);
  const place = { machineId: rig.machineId, partId: spot.partId, spotId: spot.id, strut: strutOf(shot.setUp) };
  const logged = carrier.spotLogs.some((log) => log.used && log.spotId === spot.id);
  return {
    tilt: learntWords(tiltLearnt(lessons, place)),
    // Where a measured log speaks for the spot, clips are not counted.
    shake: logged ? null : shakeWords(shakeLearnt(shakes, { ...place, groundId: carrier.ride.groundId })),
  };
}
