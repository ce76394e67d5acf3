import { useId } from 'react';

export interface Choice {
  readonly id: string;
  readonly name: string;
  /** Why it cannot be taken here. */
  readonly refused?: string | null;
}

interface ChoiceFieldProps {
  readonly label: string;
  readonly value: string;
  readonly choices: readonly Choice[];
  readonly onChange: (id: string) => void;
}

/** One of a few, by the platform's own list: works with gloves, keyboard and reader. */
export function ChoiceField({ label, value, choices, onChange }: ChoiceFieldProps) {
  const id = useId();
  return (
    <div className="flex min-w-0 items-baseline gap-2">
      <label htmlFor={id} className="label w-20 shrink-0 text-ink-2">
        {label}
      </label>
      <select
        id={id}
        className="field min-w-0 flex-1 truncate"
        value={value}
        onChange={(event) => onChange(event.target.value)}
      >
        {choices.map((choice) => (
          <option key={choice.id} value={choice.id} disabled={Boolean(choice.refused)} className="bg-sheet text-ink">
            {choice.refused ? `${choice.name} (${choice.refused})` : choice.name}
          </option>
        ))}
      </select>
    </div>
  );
}
