import {
  kitWith,
  piecesLeft,
  bandsAt,
  placedSpots,
  momentOf,
  runningOf,
  resolveRig,
  rigOfCarrier,
  rigOfShot,
  type Ask,
  type Outing,
  type SearchQuestion,
  type Shot,
} from '@strut-spot/core';
import type { KitBox } from '../../storage/database';
import { isInBox, ownedOf } from '../../storage/kitBox';

/** The question as the search takes it: carriers as fitted, pieces by id. */
export function searchQuestionOf(
  outing: Outing,
  shot: Pick<Shot, 'id' | 'carrierId' | 'actionStanceId' | 'stanceShares' | 'hour' | 'use' | 'seconds'>,
  ask: Ask,
  box: KitBox,
): SearchQuestion {
  const carriers = outing.carriers
    .filter((c) => ask.carrierIds.includes(c.id))
    .map((carrier) => ({
      carrierId: carrier.id,
      rig: carrier.id === shot.carrierId ? rigOfShot(outing, shot) : rigOfCarrier(outing, carrier),
      actionStanceId:
        carrier.id === shot.carrierId ? shot.actionStanceId : resolveRig(carrier.rig).machine.actionStanceId,
      ride: carrier.ride,
      ...momentOf(outing, shot),
      ...runningOf(outing, shot),
      measured: Object.fromEntries(
        placedSpots(rigOfCarrier(outing, carrier))
          .map(({ spot }) => [spot.id, bandsAt(outing, carrier, spot.id)] as const)
          .filter(([, bands]) => bands.length > 0),
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
