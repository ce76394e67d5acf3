import { kitWith, piecesShort, type Outing } from '@strut-spot/core';
import { ownedOf, useKitBox } from '../../storage/kitBox';

/** What the box lacks if every shot of the outing is rigged at the same time. */
export function KitShort({ outing }: { outing: Outing }) {
  const box = useKitBox();
  const short = box ? piecesShort(ownedOf(box), outing.shots) : [];
  if (short.length === 0) return null;
  const { cameras, bases, links, heads } = kitWith(outing.ownKit);
  const nameOf = (id: string) =>
    [...cameras, ...bases, ...links, ...heads].find((piece) => piece.id === id)?.name ?? id;
  return (
    <section aria-labelledby="kit-short" className="mt-3 border-l-4 border-hivis pl-3">
      <h2 id="kit-short" className="caption">
        All shots rigged at the same time need more than the box holds
      </h2>
      <ul>
        {short.map(({ pieceId, needed, owned }) => (
          <li key={pieceId}>
            {nameOf(pieceId)}: {needed} needed, {owned === 0 ? 'none' : owned} in the box
          </li>
        ))}
      </ul>
      <p className="text-ink-2">Film them one after the other, or look for places with what is left (Find, Kit).</p>
    </section>
  );
}
