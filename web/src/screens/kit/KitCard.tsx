import type { KitKind, OwnKit } from '@strut-spot/core';
import { Trash2 } from 'lucide-react';
import { DEAREST, MOST_OF_ONE } from '../../storage/kitBox';
import { PictureCanvas } from '../../ui/PictureCanvas';
import { drawing } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';
import { kitFacts, type KitPiece } from './kitFacts';
import { OptionalNumber } from './OptionalNumber';
import { useInUnits } from '../../ui/useInUnits';

interface KitCardProps {
  readonly kind: KitKind;
  readonly piece: KitPiece;
  readonly own: OwnKit;
  readonly inBox: boolean;
  readonly onInBox: (into: boolean) => void;
  /** null = as many as it takes */
  readonly count: number | null;
  readonly onCount: (count: number | null) => void;
  /** null = not known */
  readonly price: number | null;
  readonly onPrice: (price: number | null) => void;
  /** Only for pieces of the user's own. */
  readonly onRemove: (() => void) | null;
}

export function KitCard({ kind, piece, own, inBox, onInBox, count, onCount, price, onPrice, onRemove }: KitCardProps) {
  const inUnits = useInUnits();
  const picture = useLatest(`${kind}/${piece.id}`, () =>
    drawing.kitPortrait(own, kind, piece.id, { widthPx: 192, heightPx: 128, aroundDeg: 38, aboveDeg: 22, land: false }),
  );
  return (
    <li className="border-r border-b border-hair bg-sheet p-2">
      <div className="flex gap-3">
        <PictureCanvas picture={picture.value} label={piece.name} className="h-20 w-28 shrink-0 object-contain" />
        <div className="min-w-0 flex-1">
          <h2 className="font-[640]">{piece.name}</h2>
          <p className="text-[0.9rem] text-ink-2">costs {piece.cost}</p>
          <label className="mt-1 flex min-h-6 items-center gap-2 max-lg:min-h-touch">
            <input type="checkbox" checked={inBox} onChange={(event) => onInBox(event.target.checked)} />
            in the box
            <span className="sr-only">: {piece.name}</span>
          </label>
          {inBox ? (
            <OptionalNumber
              label="how many"
              of={piece.name}
              value={count}
              onChange={onCount}
              whenOpen="enough"
              min={1}
              max={MOST_OF_ONE}
              whole
            />
          ) : (
            <OptionalNumber
              label="price"
              of={piece.name}
              value={price}
              onChange={onPrice}
              whenOpen="unknown"
              min={0}
              max={DEAREST}
            />
          )}
        </div>
        {onRemove && (
          <button
            type="button"
            className="action action-quiet self-start"
            aria-label={`Take ${piece.name} out of the kit`}
            onClick={onRemove}
          >
            <Trash2 size={15} aria-hidden />
          </button>
        )}
      </div>
      <dl className="mt-1 text-[0.9rem] leading-snug">
        {kitFacts(kind, piece).map(({ label, value, source }) => (
          <div key={label} className="flex gap-2" title={source && inUnits(source)}>
            <dt className="label w-24 shrink-0 text-ink-2">{label}</dt>
            <dd className={source ? 'underline decoration-hair decoration-dotted underline-offset-2' : ''}>
              {inUnits(value)}
            </dd>
          </div>
        ))}
      </dl>
    </li>
  );
}
