import { useState } from 'react';

interface OptionalNumberProps {
  readonly label: string;
  /** What it belongs to, for who hears the page. */
  readonly of: string;
  /** null = left open */
  readonly value: number | null;
  readonly onChange: (value: number | null) => void;
  readonly whenOpen: string;
  readonly min: number;
  readonly max: number;
  /** Whole numbers only. */
  readonly whole?: boolean;
}

/** A number that may be left open, kept as it is typed. What was typed stands until the field is left: it comes
 * back from storage only a little later, and must not be typed over by it. */
export function OptionalNumber({ label, of, value, onChange, whenOpen, min, max, whole }: OptionalNumberProps) {
  const [typed, setTyped] = useState<{ readonly text: string; readonly refused: boolean } | null>(null);
  return (
    <>
      <label className="flex min-h-6 items-center gap-2 max-lg:min-h-touch">
        <span className="whitespace-nowrap text-ink-2">{label}</span>
        <span className="sr-only">: {of}</span>
        <input
          type="number"
          className={`field min-w-0 ${whole ? 'w-20' : 'w-24'}`}
          min={min}
          max={max}
          step={whole ? 1 : 'any'}
          placeholder={whenOpen}
          value={typed?.text ?? value ?? ''}
          aria-invalid={typed?.refused}
          onChange={({ target: { value: text, validity, valueAsNumber } }) => {
            setTyped({ text, refused: !validity.valid });
            if (validity.valid) onChange(text === '' ? null : valueAsNumber);
          }}
          onBlur={() => setTyped(null)}
        />
      </label>
      {typed?.refused && (
        <p role="alert" className="text-[0.9rem] font-[600]">
          {whole ? 'A whole number' : 'A number'} from {min} to {max}
          {value !== null && `; it stays ${value}`}
        </p>
      )}
    </>
  );
}
