import {
  kitWith,
  piecesLeft,
  searchQuestionIn,
  type Ask,
  type Outing,
  type SearchedShot,
  type SearchQuestion,
} from '@strut-spot/core';
import type { KitBox } from '../storage/database';
import { isInBox, ownedOf } from '../storage/kitBox';

/** The question as the search takes it, with the pieces that the ask allows of the box. */
export function searchQuestionOf(outing: Outing, shot: SearchedShot, ask: Ask, box: KitBox): SearchQuestion {
  const { cameras, bases, links, heads } = kitWith(outing.ownKit);
  const inBox = [...cameras, ...bases, ...links, ...heads]
    .map((piece) => piece.id)
    .filter((id) => ask.kit === 'anything' || isInBox(box, id));
  const others = outing.shots.filter((other) => other.id !== shot.id);
  return searchQuestionIn(outing, shot, ask, ask.kit === 'left' ? piecesLeft(inBox, ownedOf(box), others) : inBox);
}
