import { measuredKey, type SearchQuestion } from '../search/searchQuestion';
import { placedSpots } from '../../posing/rig/spots';
import { intentOf } from '../../posing/lookup/intentOf';
import { resolveRig } from '../../posing/lookup/resolveRig';
import type { Ask } from '../../words/shot/ask';
import { litFor } from '../../words/shot/ownLight';
import { shakeLessonsOf } from './learnt/lessons';
import { bandsAt, rigOfCarrier, rigOfShot } from './outing';
import type { OutingCarrier } from './records/carrierRecord';
import type { Outing } from './records/outingRecord';
import type { Shot } from './records/shotRecord';
import { heldOf, momentOf, runningOf } from './shotQuestion';

/** What of a shot a search depends on. */
export type SearchedShot = Pick<
  Shot,
  'id' | 'carrierId' | 'actionStanceId' | 'stanceShares' | 'hour' | 'only' | 'use' | 'seconds' | 'lightId'
> &
  Partial<Pick<Shot, 'intentId'>>;

/** A shot's question as the search takes it: carriers as fitted and ridden, with what was measured and learnt. @param pieceIds what may be used */
export function searchQuestionIn(
  outing: Outing,
  shot: SearchedShot,
  ask: Ask,
  pieceIds: readonly string[],
): SearchQuestion {
  const struts = [...new Set(shakeLessonsOf(outing).flatMap(({ used, strut }) => (used && strut ? [strut] : [])))];
  const carriers = outing.carriers
    .filter((c) => ask.carrierIds.includes(c.id))
    .map((carrier) => ({
      carrierId: carrier.id,
      rig: carrier.id === shot.carrierId ? rigOfShot(outing, shot) : rigOfCarrier(outing, carrier),
      actionStanceId:
        carrier.id === shot.carrierId ? shot.actionStanceId : resolveRig(carrier.rig).machine.actionStanceId,
      ride: litFor(
        carrier.ride,
        intentOf(ask.intentId),
        // A light chosen for the shot belongs to what it shows.
        shot.intentId === ask.intentId ? shot.lightId : undefined,
      ),
      ...momentOf(outing, shot),
      ...runningOf(outing, shot),
      ...heldOf(outing, carrier),
      measured: Object.fromEntries(
        spotsHeardOf(outing, carrier).flatMap((spotId) => {
          const bands = bandsAt(outing, carrier, { spotId });
          return [
            ...(bands.length > 0 ? [[spotId, bands] as const] : []),
            // With nothing learnt of a strut as well, since else the spot would speak for it.
            ...struts.map(
              (strut) => [measuredKey(spotId, strut), bandsAt(outing, carrier, { spotId, strut })] as const,
            ),
          ];
        }),
      ),
    }));
  return { ask, carriers, pieceIds };
}

/** Spots of which logs or clips may say something: all of them once clips taught how a part shakes, else those that have logs. */
const spotsHeardOf = (outing: Outing, carrier: OutingCarrier): readonly string[] =>
  shakeLessonsOf(outing).length > 0
    ? placedSpots(rigOfCarrier(outing, carrier)).map(({ spot }) => spot.id)
    : [...new Set(carrier.spotLogs.map((log) => log.spotId))];
