import { ALTITUDE_RANGE_M, metresToInches, TEMPERATURE_RANGE_C } from '@strut-spot/core';
import { useSettings } from '../storage/settings';
import { NumberField } from './NumberField';

interface AirFieldProps {
  readonly label: string;
  readonly value: number;
  readonly onChange: (value: number) => void;
}

/** Back in the units that are stored a limit may lie a hair beyond itself. */
const within = (value: number, { low, high }: { readonly low: number; readonly high: number }): number =>
  Math.min(high, Math.max(low, value));

/** Height over the sea, stored in metres. */
export function AltitudeField({ label, value, onChange }: AirFieldProps) {
  const metric = useSettings().units === 'metric';
  const per = metric ? 1 : metresToInches(1) / 12;
  return (
    <NumberField
      label={label}
      value={value * per}
      unit={metric ? 'm' : 'ft'}
      step={100}
      digits={0}
      min={ALTITUDE_RANGE_M.low * per}
      max={ALTITUDE_RANGE_M.high * per}
      onChange={(shown) => onChange(within(shown / per, ALTITUDE_RANGE_M))}
    />
  );
}

/** Stored in degrees Celsius. */
export function TemperatureField({ label, value, onChange }: AirFieldProps) {
  const metric = useSettings().units === 'metric';
  const shownOf = (celsius: number) => (metric ? celsius : celsius * 1.8 + 32);
  return (
    <NumberField
      label={label}
      value={shownOf(value)}
      unit={metric ? '°C' : '°F'}
      step={1}
      digits={0}
      min={shownOf(TEMPERATURE_RANGE_C.low)}
      max={shownOf(TEMPERATURE_RANGE_C.high)}
      onChange={(shown) => onChange(within(metric ? shown : (shown - 32) / 1.8, TEMPERATURE_RANGE_C))}
    />
  );
}
