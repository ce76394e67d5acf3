import type { ClearReport } from '@strut-spot/core';

/** Mirrors and instruments that the eyes see, with what camera and strut hide of each. */
export function WatchedList({ watched }: { watched: ClearReport['watched'] }) {
  if (watched.length === 0) return null;
  return (
    <ul className="mt-1 text-[0.9rem]" data-testid="watched">
      {watched.map(({ name, hiddenShare }) => (
        <li key={name} className="flex justify-between gap-3 border-b border-hair py-0.5">
          <span>{name}</span>
          <span className={hiddenShare > 0 ? 'reading' : 'text-ink-2'}>
            {hiddenShare > 0 ? `${Math.ceil(hiddenShare * 100)} % hidden` : 'in sight'}
          </span>
        </li>
      ))}
    </ul>
  );
}
