import { aimedSetUp } from '../../posing/aiming/aimedSetUp';
import { wantedHorizon } from '../../posing/aiming/wantedHorizon';
import { placedSpots } from '../../posing/rig/spots';
import { plainSetUp } from '../../posing/strut/plainSetUp';
import { fromMarkM, slides } from '../../words/carrier/spotZone';
import type { Attempt } from '../check/check';
import type { ShotScene } from '../scene/shotScene';

/** Shares of a stretch, from its nearer end to the other, that are tried. */
const SLID_TO = [0, 0.5, 1] as const;

/** The same strut elsewhere on the stretch that its spot has, aimed for what is asked. */
export function slideAttempts({ question, intent, resolved }: ShotScene): readonly Attempt[] {
  const { rig, setUp, actionStanceId } = question;
  const { spot, slideM: now } = resolved.placed;
  const { zone } = spot;
  if (!zone || !slides(zone)) return [];
  const height = wantedHorizon(question)?.height ?? null;
  const length = zone.nearerM + zone.fartherM;
  return SLID_TO.flatMap((share): Attempt[] => {
    const slideM = Math.round((share * length - zone.nearerM) * 100) / 100;
    if (Math.abs(slideM - now) < length / 8) return [];
    const there = { ...setUp, slideM };
    const aimed = aimedSetUp(rig, there, intent, actionStanceId, height) ?? there;
    return [
      {
        id: `slide-${share}`,
        alike: 'slide',
        text: `slide it to ${Math.round(fromMarkM(zone, slideM) * 100)} cm ${zone.mark}`,
        setUp: aimed,
        effort: 2,
        costs: 'another minute, measured with a tape',
      },
    ];
  });
}

/** The same camera at every other place, as plainly as it goes there, aimed for what is asked. */
export function placeAttempts({ question, intent }: ShotScene): readonly Attempt[] {
  const { rig, setUp, actionStanceId } = question;
  const { cameraId, modeId, stabiliserId } = setUp;
  const height = wantedHorizon(question)?.height ?? null;
  return placedSpots(rig).flatMap(({ spot }): Attempt[] => {
    if (spot.id === setUp.spotId) return [];
    const plain = plainSetUp(rig, spot.id, { cameraId, modeId, stabiliserId });
    const aimed = plain && aimedSetUp(rig, plain, intent, actionStanceId, height);
    if (!aimed) return [];
    const kept = setUp.ndStops === undefined ? aimed : { ...aimed, ndStops: setUp.ndStops };
    return [
      {
        id: `spot-${spot.id}`,
        text: `${spot.name} instead`,
        setUp: kept,
        elsewhere: true,
        effort: 6,
        costs: 'another place, another picture',
      },
    ];
  });
}
