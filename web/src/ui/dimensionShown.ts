import { metresToInches, type Dimension } from '@strut-spot/core';

/** How a measure is shown and typed in. */
interface Shown {
  readonly unit: string;
  /** Of it in one of what is stored (metres, degrees). */
  readonly scale: number;
  readonly digits: number;
  readonly step: number;
}

/** From here on a measure is told in metres or feet: nobody thinks of a wing in millimetres. */
const LONG_M = 2.5;
const INCH_STEP = 0.05;

export function dimensionShown({ unit, high, step }: Dimension, metric: boolean): Shown {
  if (unit === 'deg') return { unit: '°', scale: 1, digits: 1, step };
  if (high >= LONG_M) {
    const scale = metric ? 1 : metresToInches(1) / 12;
    return { unit: metric ? 'm' : 'ft', scale, digits: 2, step: step * scale };
  }
  return metric
    ? { unit: 'mm', scale: 1000, digits: 0, step: step * 1000 }
    : { unit: 'in', scale: metresToInches(1), digits: 2, step: INCH_STEP };
}
