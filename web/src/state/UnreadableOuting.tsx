import { Link } from 'react-router';
import { download } from '../devices/download';
import { nowIso } from './newId';
import { takeOutOfBin } from '../storage/bin';

type Why =
  | { readonly kind: 'deleted' }
  | { readonly kind: 'failed'; readonly because: string }
  | { readonly kind: 'unreadable'; readonly problems: readonly string[]; readonly document: unknown };

/** Stands where an outing would that cannot be opened: why, and how to take out what is there. */
export function UnreadableOuting({ id, state }: { id: string; state: Why }) {
  return (
    <main className="mx-auto max-w-xl p-8">
      <h1 className="mb-2 text-2xl font-[660]">
        {state.kind === 'deleted' ? 'This outing is in the bin' : 'This outing cannot be opened'}
      </h1>
      {state.kind === 'failed' && <p className="mb-4">The store was not read: {state.because}.</p>}
      {state.kind === 'unreadable' && (
        <>
          <p className="mb-2 text-ink-2">
            It lies in this browser as it was; nothing was changed. What is wrong with it:
          </p>
          <ul className="mb-4 list-disc pl-5 wrap-anywhere">
            {state.problems.map((problem) => (
              <li key={problem}>{problem}</li>
            ))}
          </ul>
        </>
      )}
      <div className="flex flex-wrap gap-2">
        {state.kind === 'deleted' && (
          <button
            type="button"
            className="action action-main"
            onClick={() => void takeOutOfBin(id).then(() => location.reload())}
          >
            Take it out of the bin
          </button>
        )}
        {state.kind === 'unreadable' && (
          <button
            type="button"
            className="action"
            onClick={() =>
              download(
                `outing-${nowIso().slice(0, 10)}.json`,
                JSON.stringify(state.document, null, 2),
                'application/json',
              )
            }
          >
            Save as a file
          </button>
        )}
        <Link className="action" to="/">
          All outings
        </Link>
      </div>
    </main>
  );
}
