import { allPieces, kitWith, piecesShort, type Outing } from '@strut-spot/core';
import { changeKitBox, DEAREST, ownedOf, useKitBox } from '../../storage/kitBox';
import { NumberField } from '../../ui/NumberField';

/** What the box lacks if every shot of the outing is rigged at the same time. */
export function KitShort({ outing }: { outing: Outing }) {
  const box = useKitBox();
  const short = box ? piecesShort(ownedOf(box), outing.shots) : [];
  if (short.length === 0) return null;
  const pieces = allPieces(kitWith(outing.ownKit));
  const nameOf = (id: string) => pieces.find((piece) => piece.id === id)?.name ?? id;
  const priced = short.map((piece) => ({
    ...piece,
    price: box?.prices?.[piece.pieceId] ?? null,
    missing: piece.needed - piece.owned,
  }));
  const total = priced.reduce((sum, { price, missing }) => sum + (price ?? 0) * missing, 0);
  const unpriced = priced.filter(({ price }) => price === null).length;
  const budget = box?.budget ?? 0;
  return (
    <section aria-labelledby="kit-short" className="mt-3 border-l-4 border-hivis pl-3">
      <h2 id="kit-short" className="caption">
        All shots rigged at the same time need more than the box holds
      </h2>
      <ul>
        {priced.map(({ pieceId, needed, owned, price, missing }) => (
          <li key={pieceId}>
            {nameOf(pieceId)}: {needed} needed, {owned === 0 ? 'none' : owned} in the box
            {price !== null && (
              <span className="text-ink-2">
                {' '}
                ({missing} × {price})
              </span>
            )}
          </li>
        ))}
      </ul>
      {unpriced < priced.length && (
        <div className="flex flex-wrap items-baseline gap-x-6">
          <p>
            To buy: <span className="reading">{total}</span> of your money
            {unpriced > 0 && `, ${unpriced} without a price (Kit box)`}
            {budget > 0 && total > budget && <strong>, {total - budget} over what you want to spend</strong>}
          </p>
          <NumberField
            label="To spend"
            value={budget}
            unit=""
            step={10}
            digits={0}
            min={0}
            max={DEAREST}
            onChange={(value) => void changeKitBox((b) => ({ ...b, budget: value }))}
          />
        </div>
      )}
      <p className="text-ink-2">Film them one after the other, or look for places with what is left (Find, Kit).</p>
    </section>
  );
}
