import {
  intentOf,
  kitWith,
  litFor,
  piecesLeft,
  bandsAt,
  heldOf,
  measuredKey,
  placedSpots,
  momentOf,
  runningOf,
  resolveRig,
  shakeLessonsOf,
  rigOfCarrier,
  rigOfShot,
  type Ask,
  type Outing,
  type OutingCarrier,
  type SearchQuestion,
  type Shot,
} from '@strut-spot/core';
import type { KitBox } from '../storage/database';
import { isInBox, ownedOf } from '../storage/kitBox';

/** The question as the search takes it: carriers as fitted, pieces by id. */
export function searchQuestionOf(
  outing: Outing,
  shot: Pick<
    Shot,
    'id' | 'carrierId' | 'actionStanceId' | 'stanceShares' | 'hour' | 'only' | 'use' | 'seconds' | 'lightId'
  > &
    Partial<Pick<Shot, 'intentId'>>,
  ask: Ask,
  box: KitBox,
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
  const { cameras, bases, links, heads } = kitWith(outing.ownKit);
  const inBox = [...cameras, ...bases, ...links, ...heads]
    .map((piece) => piece.id)
    .filter((id) => ask.kit === 'anything' || isInBox(box, id));
  const others = outing.shots.filter((other) => other.id !== shot.id);
  const pieceIds = ask.kit === 'left' ? piecesLeft(inBox, ownedOf(box), others) : inBox;
  return { ask, carriers, pieceIds };
}

/** Spots of which logs or clips may say something: all of them once clips taught how a part shakes, else those that have logs. */
const spotsHeardOf = (outing: Outing, carrier: OutingCarrier): readonly string[] =>
  shakeLessonsOf(outing).length > 0
    ? placedSpots(rigOfCarrier(outing, carrier)).map(({ spot }) => spot.id)
    : [...new Set(carrier.spotLogs.map((log) => log.spotId))];
