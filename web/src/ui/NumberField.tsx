import { useEffect, useId, useRef, useState, type KeyboardEvent } from 'react';

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

type Limits = Pick<NumberFieldProps, 'label' | 'unit' | 'min' | 'max' | 'digits'>;

/** What was typed as a number, or why it is none that can be taken. A limit as it is shown, rounded, is the limit. */
function read(text: string, { label, unit, min, max, digits = 1 }: Limits): { number: number; problem: string | null } {
  const number = text.trim() === '' ? NaN : Number(text.trim().replace(',', '.').replace('−', '-'));
  const half = 0.5 * 10 ** -digits;
  if (!Number.isFinite(number)) return { number, problem: `${label}: "${text}" is not a number` };
  if (number < min - half || number > max + half) {
    const [from, to] = [min, max].map((limit) => Number(limit.toFixed(digits)));
    return { number, problem: `${label}: from ${from} to ${to} ${unit}` };
  }
  return { number: Math.min(max, Math.max(min, number)), problem: null };
}

/** A number with its unit. Arrow keys step it, Shift ten times, Alt a tenth; what is typed counts on Enter or on leaving; what is refused stays to be mended. */
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
    const { number, problem } = read(text, props);
    if (problem !== null) return setRefused(problem);
    setTyped(null);
    setRefused(null);
    if (number !== value) onChange(number);
  };
  // What was typed counts too when the field goes away under it: another sheet is opened, or the page is left.
  const leave = useRef(() => undefined as void);
  useEffect(() => {
    leave.current = () => {
      const { number, problem } = typed === null ? { number: value, problem: null } : read(typed, props);
      if (problem === null && number !== value) onChange(number);
    };
  });
  useEffect(() => {
    const left = () => leave.current();
    addEventListener('pagehide', left);
    return () => {
      removeEventListener('pagehide', left);
      left();
    };
  }, []);
  const onKeyDown = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key === 'Enter') commit(event.currentTarget.value);
    else if (event.key === 'Escape') {
      setTyped(null);
      setRefused(null);
    } else if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
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
