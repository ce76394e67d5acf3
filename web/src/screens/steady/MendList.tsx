import type { ProvedMend } from '@strut-spot/core';
import { Eye, Wrench } from 'lucide-react';
import { useShot } from '../../state/useShot';
import { useInUnits } from '../../ui/useInUnits';

interface MendListProps {
  readonly mends: readonly ProvedMend[];
  readonly busy: boolean;
  /** The mend that is looked at beside the present picture. */
  readonly tried: string | null;
  readonly onTry: (id: string | null) => void;
}

/** What would make it steadier, best for its cost first; each can be looked at before it is taken. */
export function MendList({ mends, busy, tried, onTry }: MendListProps) {
  const { changeSetUp } = useShot();
  const inUnits = useInUnits();
  if (busy) return <p className="caption py-1">Looking for what would help…</p>;
  if (mends.length === 0) return <p className="py-1">Nothing in the kit makes it much steadier.</p>;
  return (
    <ol aria-label="What would make it steadier" data-testid="mends">
      {mends.map((mend) => (
        <li key={mend.id} className="flex items-start gap-1.5 border-b border-hair py-1 leading-tight">
          <div className="min-w-0 flex-1">
            {mend.setUp ? (
              <button
                type="button"
                className="text-left font-[620] text-hivis-ink underline underline-offset-2"
                onClick={() => {
                  onTry(null);
                  if (mend.setUp) changeSetUp(mend.setUp);
                }}
              >
                <Wrench size={13} aria-hidden className="mr-1.5 inline" />
                {inUnits(mend.text)}
              </button>
            ) : (
              <span className="font-[620]">{inUnits(mend.text)}</span>
            )}
            <span className="block text-[0.86rem] text-ink-2">
              {inUnits(`costs ${mend.costs}${mend.loses ? `; but ${mend.loses}` : ''}`)}
            </span>
          </div>
          {mend.setUp && (
            <button
              type="button"
              className="action action-quiet"
              aria-pressed={tried === mend.id}
              aria-label={`See it: ${inUnits(mend.text)}`}
              title="See it beside the present picture"
              onClick={() => onTry(tried === mend.id ? null : mend.id)}
            >
              <Eye size={15} aria-hidden />
            </button>
          )}
        </li>
      ))}
    </ol>
  );
}
