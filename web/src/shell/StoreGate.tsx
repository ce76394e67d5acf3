import type { ReactNode } from 'react';
import { download } from '../devices/download';
import { allLeftBehind } from '../storage/leftBehind';
import { useOpening } from '../storage/opening';
import { useShapesKnown } from '../storage/shapes';

/**
 * Lets the program in once the store has been read from; says what is wrong where it does not open, and how to take out
 * what there is.
 */
export function StoreGate({ children }: { children: ReactNode }) {
  const opening = useOpening();
  const shapesKnown = useShapesKnown();
  if (opening.kind !== 'shut') return shapesKnown ? children : <p className="caption p-8">Opening…</p>;
  const left = allLeftBehind();
  return (
    <main className="mx-auto max-w-xl p-8">
      <h1 className="mb-2 text-2xl font-[660]">The browser&apos;s store does not open</h1>
      <p className="mb-2">Strut Spot keeps outings in this browser, and can&apos;t get at them: {opening.because}.</p>
      <p className="mb-4 text-ink-2">
        Nothing was changed or deleted: what is stored stays as it is, and files that you exported hold whole outings.
      </p>
      <div className="flex flex-wrap gap-2">
        <button type="button" className="action action-main" onClick={() => location.reload()}>
          Try again
        </button>
        {left.length > 0 && (
          <button
            type="button"
            className="action"
            onClick={() =>
              left.forEach((text, i) => download(`outing-kept-aside-${i + 1}.json`, text, 'application/json'))
            }
          >
            Save what was kept aside as a file
          </button>
        )}
      </div>
    </main>
  );
}
