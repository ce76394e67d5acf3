import type { RideConditions, SetUp } from '@strut-spot/core';
import { AltitudeField, TemperatureField } from '../../ui/AirFields';
import { NumberField } from '../../ui/NumberField';

interface PutOnFieldsProps {
  readonly kind: 'adhesive' | 'suction';
  readonly setUp: SetUp;
  readonly ride: RideConditions;
  readonly onChange: (edit: Partial<SetUp>, what: string) => void;
}

/** When and where a cup or pad was pressed on: air that is left under a cup, and glue, remember it. */
export function PutOnFields({ kind, setUp, ride, onChange }: PutOnFieldsProps) {
  const { putOn = {}, curedH } = setUp;
  const set = (edit: NonNullable<SetUp['putOn']>) => onChange({ putOn: { ...putOn, ...edit } }, 'put-on');
  return (
    <>
      <NumberField
        label={kind === 'adhesive' ? 'Stuck on before the ride' : 'Pressed on before the ride'}
        value={curedH ?? (kind === 'adhesive' ? 24 : 0)}
        unit="h"
        step={1}
        digits={0}
        min={0}
        max={240}
        onChange={(hours) => onChange({ curedH: hours }, 'cured')}
      />
      <TemperatureField
        label={kind === 'adhesive' ? 'Stuck on at' : 'Pressed on at'}
        value={putOn.temperatureC ?? ride.temperatureC}
        onChange={(temperatureC) => set({ temperatureC })}
      />
      {kind === 'suction' && (
        <AltitudeField
          label="Pressed on at a height of"
          value={putOn.altitudeM ?? ride.altitudeM}
          onChange={(altitudeM) => set({ altitudeM })}
        />
      )}
    </>
  );
}
