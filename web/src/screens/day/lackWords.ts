import type { PackItem } from '@strut-spot/core';
import type { KitBox } from '../../storage/database';
import { ownedOf } from '../../storage/kitBox';

/** What the box lacks of something that goes along, with what it would cost; null where there is enough of it, or it is no piece of the kit. */
export function lackWords(box: KitBox, { pieceId, count }: Pick<PackItem, 'pieceId' | 'count'>): string | null {
  if (!pieceId) return null;
  const owned = ownedOf(box)(pieceId);
  if (owned >= count) return null;
  const price = box.prices?.[pieceId];
  const words = owned === 0 ? 'not in your box' : `only ${owned} in your box`;
  return price === undefined ? words : `${words} (${price * (count - owned)})`;
}
