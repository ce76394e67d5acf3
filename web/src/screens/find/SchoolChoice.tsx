import type { SchoolId, schoolCosts } from '@strut-spot/core';
import { termName } from '../../searching/candidateWords';

interface SchoolChoiceProps {
  readonly costs: ReturnType<typeof schoolCosts>;
  readonly chosen: readonly SchoolId[];
  readonly onChange: (chosen: readonly SchoolId[]) => void;
}

/** The schools of the trade: each narrows the sheet to its own, and says how far the best of it lies behind. */
export function SchoolChoice({ costs, chosen, onChange }: SchoolChoiceProps) {
  return (
    <div className="flex flex-wrap gap-1 border-b border-hair px-3 py-1" role="group" aria-label="Schools of the trade">
      {costs.map(({ id, name, count, lost, mostly }) => (
        <button
          key={id}
          type="button"
          aria-pressed={chosen.includes(id)}
          disabled={count === 0}
          className={`min-h-[24px] border border-hair px-2 text-[0.9rem] disabled:opacity-50 max-lg:min-h-touch ${chosen.includes(id) ? 'bg-ink text-paper' : 'bg-sheet'}`}
          title={
            lost === null
              ? 'nothing of this kind'
              : `its best lies ${(lost * 100).toFixed(1)} points behind${mostly ? `, mostly for ${termName(mostly).toLowerCase()}` : ''}`
          }
          onClick={() => onChange(chosen.includes(id) ? chosen.filter((s) => s !== id) : [...chosen, id])}
        >
          {name}{' '}
          <span className="reading text-[0.82rem]">
            {lost === null ? '–' : lost < 0.0005 ? 'best' : `−${(lost * 100).toFixed(0)}`}
          </span>
        </button>
      ))}
    </div>
  );
}
