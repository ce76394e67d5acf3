import {
  ACCELERATION_UNITS,
  guessColumns,
  ROTATION_UNITS,
  TIME_UNITS,
  type AccelerationUnit,
  type LogColumns,
  type LogHead,
  type RotationUnit,
  type TimeUnit,
} from '@strut-spot/core';
import { useState } from 'react';
import { ChoiceField } from '../../ui/ChoiceField';

const AXES = ['x', 'y', 'z'] as const;
const units = (table: object) => Object.keys(table).map((id) => ({ id, name: id }));

/** Which column is what, where it was not found by itself. */
export function LogColumnsForm({ head, onRead }: { head: LogHead; onRead: (columns: LogColumns) => void }) {
  const [columns, setColumns] = useState<LogColumns>(
    () =>
      guessColumns(head) ?? {
        time: 0,
        acceleration: [1, 2, 3],
        rotation: null,
        timeUnit: 's',
        accelerationUnit: 'm/s²',
        rotationUnit: 'rad/s',
      },
  );
  const width = head.rows[0]?.length ?? head.names.length;
  const choices = Array.from({ length: width }, (_, i) => ({
    id: String(i),
    name: `${i + 1}: ${head.names[i] ?? `like ${head.rows[0]?.[i] ?? ''}`}`,
  }));
  const set = (edit: Partial<LogColumns>) => setColumns((c) => ({ ...c, ...edit }));
  const axis = (of: 'acceleration' | 'rotation', i: number, value: string) =>
    set({ [of]: (columns[of] ?? [4, 5, 6]).map((c, k) => (k === i ? Number(value) : c)) });
  return (
    <form
      className="space-y-0.5 border border-hair-strong p-2"
      aria-label="Columns of the log"
      onSubmit={(event) => {
        event.preventDefault();
        onRead(columns);
      }}
    >
      <ChoiceField
        label="Time"
        value={String(columns.time)}
        choices={choices}
        onChange={(id) => set({ time: Number(id) })}
      />
      <ChoiceField
        label="in"
        value={columns.timeUnit}
        choices={units(TIME_UNITS)}
        onChange={(id) => set({ timeUnit: id as TimeUnit })}
      />
      {AXES.map((name, i) => (
        <ChoiceField
          key={name}
          label={`Accel. ${name}`}
          value={String(columns.acceleration[i])}
          choices={choices}
          onChange={(id) => axis('acceleration', i, id)}
        />
      ))}
      <ChoiceField
        label="in"
        value={columns.accelerationUnit}
        choices={units(ACCELERATION_UNITS)}
        onChange={(id) => set({ accelerationUnit: id as AccelerationUnit })}
      />
      <label className="flex items-center gap-2">
        <input
          type="checkbox"
          checked={columns.rotation !== null}
          disabled={width < 7}
          onChange={(event) => set({ rotation: event.target.checked ? [4, 5, 6] : null })}
        />
        with rotation rates
      </label>
      {columns.rotation && (
        <>
          {AXES.map((name, i) => (
            <ChoiceField
              key={name}
              label={`Rate ${name}`}
              value={String(columns.rotation![i])}
              choices={choices}
              onChange={(id) => axis('rotation', i, id)}
            />
          ))}
          <ChoiceField
            label="in"
            value={columns.rotationUnit}
            choices={units(ROTATION_UNITS)}
            onChange={(id) => set({ rotationUnit: id as RotationUnit })}
          />
        </>
      )}
      <button type="submit" className="action action-main">
        Read it this way
      </button>
    </form>
  );
}
