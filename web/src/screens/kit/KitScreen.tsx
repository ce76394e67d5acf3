import { kitWith, type KitKind } from '@strut-spot/core';
import { useState } from 'react';
import { changeKitBox, isInBox, STANDARD_BOX, useKitBox, withCount, withInBox, withPrice } from '../../storage/kitBox';
import { SearchBar } from '../../ui/SearchBar';
import { KitCard } from './KitCard';
import { OwnKitForms } from './OwnKitForms';
import type { KitPiece } from './kitFacts';

const KINDS: readonly { readonly id: KitKind; readonly name: string }[] = [
  { id: 'cameras', name: 'Cameras' },
  { id: 'bases', name: 'Bases' },
  { id: 'links', name: 'Arms, poles, dampers' },
  { id: 'heads', name: 'Joints' },
  { id: 'filters', name: 'Filters' },
  { id: 'addOns', name: 'Housings, hoods, lenses' },
  { id: 'tethers', name: 'Tethers' },
];

/** All that a strut can be made of; what is in the box comes first on the bench. */
export function KitScreen() {
  const box = useKitBox() ?? STANDARD_BOX;
  const [words, setWords] = useState('');
  const [kind, setKind] = useState<KitKind | 'all'>('all');
  const kit = kitWith(box.own);
  const shown = KINDS.filter(({ id }) => kind === 'all' || kind === id).flatMap(({ id, name }) =>
    (kit[id] as readonly KitPiece[])
      .filter((piece) => `${piece.name} ${name}`.toLowerCase().includes(words.trim().toLowerCase()))
      .map((piece) => ({ kind: id, piece })),
  );
  const putIn = (into: boolean) => {
    const ids = shown.map(({ piece }) => piece.id);
    void changeKitBox((b) => withInBox(b, ids, into));
  };
  return (
    <main className="mx-auto max-w-7xl px-4 py-5">
      <h1 className="mb-3 text-3xl leading-none font-[700] [font-stretch:72%]">Kit box</h1>
      <SearchBar
        what="kit"
        words={words}
        onWords={setWords}
        filters={[{ id: 'all', name: 'All' }, ...KINDS]}
        filter={kind}
        onFilter={(id) => setKind(id as KitKind | 'all')}
        found={shown.length}
      />
      {shown.length > 0 && (
        <div className="mb-3 flex flex-wrap gap-2">
          <button type="button" className="action" onClick={() => putIn(true)}>
            All {shown.length} shown into the box
          </button>
          <button type="button" className="action action-quiet" onClick={() => putIn(false)}>
            None of them
          </button>
        </div>
      )}
      <ul className="grid grid-cols-[minmax(0,1fr)] border-t border-l border-hair sm:grid-cols-2 lg:grid-cols-3 xl:grid-cols-4">
        {shown.map(({ kind: of, piece }) => (
          <KitCard
            key={piece.id}
            kind={of}
            piece={piece}
            own={box.own}
            inBox={isInBox(box, piece.id)}
            onInBox={(into) => void changeKitBox((b) => withInBox(b, [piece.id], into))}
            count={box.counts?.[piece.id] ?? null}
            onCount={(count) => void changeKitBox((b) => withCount(b, piece.id, count))}
            price={box.prices?.[piece.id] ?? null}
            onPrice={(price) => void changeKitBox((b) => withPrice(b, piece.id, price))}
            onRemove={
              piece.id.startsWith('own-')
                ? () =>
                    void changeKitBox((b) => ({
                      ...b,
                      own: {
                        cameras: b.own.cameras.filter((c) => c.id !== piece.id),
                        links: b.own.links.filter((l) => l.id !== piece.id),
                        bases: b.own.bases.filter((x) => x.id !== piece.id),
                      },
                    }))
                : null
            }
          />
        ))}
      </ul>
      {shown.length === 0 && (
        <p className="border border-dashed border-hair-strong p-6 text-ink-2">No piece has that in its name.</p>
      )}
      <OwnKitForms />
    </main>
  );
}
