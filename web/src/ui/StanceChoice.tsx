import { SET_UP_STANCE_ID, type MachineDefinition } from '@strut-spot/core';

/** The stances of a carrier as a row of choices, with what happens in the chosen one. */
export function StanceChoice({
  machine,
  chosen,
  onChoose,
}: {
  readonly machine: MachineDefinition;
  readonly chosen: string;
  readonly onChoose: (stanceId: string) => void;
}) {
  return (
    <div className="border-t border-hair">
      <div role="radiogroup" aria-label="Stance" className="flex flex-wrap">
        {machine.stances.map((stance) => (
          <button
            key={stance.id}
            type="button"
            role="radio"
            aria-checked={stance.id === chosen}
            className={`label border-r border-hair px-3 py-1.5 font-[600] max-lg:min-h-touch ${stance.id === chosen ? 'bg-ink text-paper' : 'hover:bg-paper-2'}`}
            onClick={() => onChoose(stance.id)}
          >
            {stance.name}{' '}
            <span className="reading text-[0.82rem] font-[400]">
              {stance.id === SET_UP_STANCE_ID ? 'level' : `${Math.round(stance.share * 100)} %`}
            </span>
          </button>
        ))}
      </div>
      <p className="border-t border-hair px-3 py-1 text-ink-2">{machine.stances.find((s) => s.id === chosen)?.note}</p>
    </div>
  );
}
