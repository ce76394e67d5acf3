import { Search, X } from 'lucide-react';
import type { ReactNode } from 'react';
import type { SearchState } from '../../searching/searchState';
import { useTold, type Told } from '../../told/Told';

/** Starts and stops a search, and tells how far it is. */
export function SearchBar({
  state,
  busy,
  outdated,
  tried,
  kept,
  onStart,
  onStop,
  children,
}: {
  readonly state: SearchState;
  readonly busy: boolean;
  /** Whether the question has changed since. */
  readonly outdated: boolean;
  /** Pictures looked at, told many times a second. */
  readonly tried: Told<number>;
  /** How many hold up. */
  readonly kept: number;
  readonly onStart: () => void;
  readonly onStop: () => void;
  /** What else can be done with what was found. */
  readonly children?: ReactNode;
}) {
  return (
    <>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-ink px-3 py-1.5">
        {busy ? (
          <button type="button" className="action" onClick={onStop}>
            <X size={15} aria-hidden /> Stop
          </button>
        ) : (
          <button type="button" className="action action-main" onClick={onStart}>
            <Search size={15} aria-hidden /> Find spots
          </button>
        )}
        <p
          aria-live="polite"
          className="min-w-0 flex-1 leading-tight"
          data-testid="search-progress"
          data-phase={state.phase}
        >
          <Progress state={state} outdated={outdated} tried={tried} kept={kept} />
        </p>
        {children}
      </div>
      {busy && (
        <div
          className="h-1 w-full bg-paper-2"
          role="progressbar"
          aria-label="Spots searched"
          aria-valuemin={0}
          aria-valuemax={state.jobs}
          aria-valuenow={state.done}
        >
          <div className="h-full bg-hivis" style={{ width: `${(100 * state.done) / Math.max(1, state.jobs)}%` }} />
        </div>
      )}
    </>
  );
}

function Progress({
  state: { phase, because, done, jobs, seconds },
  outdated,
  tried,
  kept,
}: {
  readonly state: SearchState;
  readonly outdated: boolean;
  readonly tried: Told<number>;
  readonly kept: number;
}) {
  const counted = `${useTold(tried).toLocaleString('en')} pictures on ${done} of ${jobs} spots`;
  if (phase === 'searching') return <>{counted}…</>;
  if (phase === 'checking') return <>{counted}; checking the best in full…</>;
  if (phase === 'failed')
    return (
      <>
        The search broke off after {counted}: {because}
      </>
    );
  if (phase === 'cancelled') return <>Stopped after {counted}. What was found is below.</>;
  if (outdated) return <>The question has changed: search again.</>;
  if (phase === 'done') {
    return (
      <>
        {counted}
        {seconds === null ? '' : ` in ${seconds.toFixed(1)} s`}; {kept} hold up.
      </>
    );
  }
  return <>Ask on the left, then search.</>;
}
