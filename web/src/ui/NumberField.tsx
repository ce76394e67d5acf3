import { useId, useState, type KeyboardEvent } from 'react';

interface NumberFieldProps {
  readonly label: string;
  readonly value: number;
  readonly unit: string;
  readonly step: number;
  readonly min: number;
  readonly max: number;
  readonly digits?: number;
  readonly hideLabel?: boolean;
  /** Label above the number, for narrow columns. */
  readonly stacked?: boolean;
  readonly disabled?: boolean;
  /** For two or three digits. */
  readonly narrow?: boolean;
  readonly onChange: (value: number) => void;
}

/** A number with its unit. Arrow keys step it, Shift ten times, Alt a tenth; what is typed counts on Enter or on leaving. */
export function NumberField(props: NumberFieldProps) {
  const {
    label,
    value,
    unit,
    step,
    min,
    max,
    digits = 1,
    hideLabel = false,
    stacked = false,
    disabled = false,
    narrow = false,
    onChange,
  } = props;
  const id = useId();
  const [typed, setTyped] = useState<string | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const shown = typed ?? value.toFixed(digits).replace(/^-(0(\.0*)?)$/, '$1');

  const commit = (text: string) => {
    setTyped(null);
    const number = Number(text.replace(',', '.').replace('−', '-'));
    if (text.trim() === '' || !Number.isFinite(number)) setRefused(`${label}: "${text}" is not a number`);
    else if (number < min || number > max) setRefused(`${label}: from ${min} to ${max} ${unit}`);
    else {
      setRefused(null);
      if (number !== value) onChange(number);
    }
  };
  const onKeyDown = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key === 'Enter') commit(event.currentTarget.value);
    else if (event.key === 'Escape') setTyped(null);
    else if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
      event.preventDefault();
      const by = (event.key === 'ArrowUp' ? 1 : -1) * step * (event.shiftKey ? 10 : event.altKey ? 0.1 : 1);
      setTyped(null);
      setRefused(null);
      onChange(Math.min(max, Math.max(min, Number((value + by).toFixed(6)))));
    }
  };
  return (
    <div className="flex min-w-0 flex-col">
      <div className={`flex items-baseline gap-x-1 ${stacked ? 'flex-wrap' : ''}`}>
        <label
          htmlFor={id}
          className={hideLabel ? 'sr-only' : `label truncate text-ink-2 ${stacked ? 'w-full' : 'flex-1'}`}
        >
          {label}
        </label>
        <input
          id={id}
          className={`field reading text-right disabled:opacity-50 ${stacked ? 'w-0 flex-1' : narrow ? 'w-8' : 'w-16'}`}
          inputMode="decimal"
          autoComplete="off"
          disabled={disabled}
          aria-invalid={refused !== null}
          aria-describedby={refused ? `${id}-refused` : undefined}
          value={shown}
          onChange={(event) => setTyped(event.target.value)}
          onFocus={(event) => event.target.select()}
          onBlur={(event) => typed !== null && commit(event.target.value)}
          onKeyDown={onKeyDown}
        />
        <span className={`reading text-ink-2 ${unit.length > 2 ? 'w-10' : narrow ? 'w-3' : 'w-6'}`}>{unit}</span>
      </div>
      {refused && (
        <p id={`${id}-refused`} role="alert" className="text-right text-[0.8rem] font-[600]">
          {refused}
        </p>
      )}
    </div>
  );
}
