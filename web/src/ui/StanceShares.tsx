import {
  SET_UP_STANCE_ID,
  withStanceShare,
  type MachineDefinition,
  type StanceShares as Shares,
} from '@strut-spot/core';
import { NumberField } from './NumberField';

interface StanceSharesProps {
  /** With the shares that hold now. */
  readonly machine: MachineDefinition;
  /** Whether they are the usual ones. */
  readonly asUsual: boolean;
  /** What going back is called. */
  readonly usual: string;
  readonly onChange: (shares: Shares | undefined) => void;
}

/** How the time is spent, in percent a stance; 0 = it is never ridden, and nothing is held against a place for it. */
export function StanceShares({ machine, asUsual, usual, onChange }: StanceSharesProps) {
  const stances = machine.stances.filter(({ id }) => id !== SET_UP_STANCE_ID);
  return (
    <div className="space-y-0.5">
      {stances.map(({ id, name, share }) => (
        <NumberField
          key={id}
          label={name}
          value={share * 100}
          unit="%"
          step={5}
          digits={0}
          min={0}
          max={100}
          onChange={(percent) => onChange(withStanceShare(stances, id, percent / 100))}
        />
      ))}
      <p className="text-[0.9rem] text-ink-2">The sum stays 100 %. A stance at 0 % is left out of every check.</p>
      {!asUsual && (
        <button type="button" className="action action-quiet" onClick={() => onChange(undefined)}>
          {usual}
        </button>
      )}
    </div>
  );
}
