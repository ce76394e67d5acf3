import { ArrowRight, X } from 'lucide-react';
import { Link, useSearchParams } from 'react-router';
import { STOPS, stopAt } from './stops';

/** What is said at a stop of the tour, at the foot of its sheet; nothing where none is under way. It can be left at any time. */
export function Tour() {
  const [params] = useSearchParams();
  const number = Number(params.get('tour'));
  const stop = Number.isInteger(number) ? STOPS[number - 1] : undefined;
  if (!stop) return null;
  return (
    <aside
      aria-label={`Tour, ${number} of ${STOPS.length}`}
      className="no-print fixed inset-x-2 bottom-2 z-30 mx-auto max-w-2xl border-2 border-ink bg-sheet p-3 shadow-none"
    >
      <p className="flex items-baseline justify-between gap-3">
        <b className="text-[1.1rem]">{stop.title}</b>
        <span className="caption shrink-0">
          {number} of {STOPS.length}
        </span>
      </p>
      <p>{stop.words}</p>
      <p className="mt-2 flex flex-wrap justify-end gap-2">
        <Link to="." relative="path" replace className="action action-quiet">
          <X size={15} aria-hidden /> Leave the tour
        </Link>
        {number > 1 && (
          <Link to={stopAt(number - 1)} className="action">
            Back
          </Link>
        )}
        {number < STOPS.length ? (
          <Link to={stopAt(number + 1)} className="action action-main">
            Next <ArrowRight size={15} aria-hidden />
          </Link>
        ) : (
          <Link to="/" className="action action-main">
            To your own film
          </Link>
        )}
      </p>
    </aside>
  );
}
