import dayjs from 'dayjs';
import { BIN_DAYS, deleteForGood, emptyBin, takeOutOfBin } from '../../storage/bin';
import type { StoredOuting } from '../../storage/outings';

const daysLeft = (deletedAt: string | null): number =>
  Math.max(0, BIN_DAYS - dayjs().startOf('day').diff(dayjs(deletedAt).startOf('day'), 'day'));

const days = (count: number): string => `${count} ${count === 1 ? 'day' : 'days'}`;

/** Outings that were deleted, for as long as they are kept. */
export function Bin({ stored }: { stored: readonly StoredOuting[] }) {
  return (
    <details className="mt-8">
      <summary className="caption cursor-pointer border-b border-hair-strong pb-1">Bin ({stored.length})</summary>
      <ul>
        {stored.map((one) => {
          const name = one.kind === 'readable' ? one.outing.name : 'An outing that cannot be opened';
          return (
            <li key={one.id} className="flex flex-wrap items-center gap-x-4 border-b border-hair py-1">
              <span className="min-w-0 flex-1 wrap-anywhere">{name}</span>
              <span className="text-ink-2">kept for {days(daysLeft(one.deletedAt))} more</span>
              <button type="button" className="action action-quiet" onClick={() => void takeOutOfBin(one.id)}>
                Take out<span className="sr-only"> {name}</span>
              </button>
              <button type="button" className="action action-quiet" onClick={() => void deleteForGood(one.id)}>
                Delete for good<span className="sr-only"> {name}</span>
              </button>
            </li>
          );
        })}
      </ul>
      <button type="button" className="action mt-2" onClick={() => void emptyBin()}>
        Empty the bin
      </button>
    </details>
  );
}
