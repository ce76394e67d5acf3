import type { Finding } from '@strut-spot/core';

/** Small measures need their hundredths; what is large is told whole. */
const HUNDREDTHS: readonly Finding['unit'][] = ['m', 'kg'];
const WHOLE_FROM: Partial<Record<Finding['unit'], number>> = { '%': 10, min: 10, N: 100, px: 100 };

/** A share so far off that its figure would tell nothing, percent. */
const FAR_OFF = 250;

/** Below this a length is told in millimetres, metres. */
const MILLIMETRES_BELOW_M = 0.095;

function withUnit(value: number, unit: Finding['unit']): string {
  if (unit === 'm' && Math.abs(value) < MILLIMETRES_BELOW_M) return `${Math.round(value * 1000)} mm`;
  const digits = HUNDREDTHS.includes(unit) ? 2 : Math.abs(value) >= (WHOLE_FROM[unit] ?? Infinity) ? 0 : 1;
  return `${value.toFixed(digits)} ${unit}`.trimEnd();
}

/** What a finding found, with its unit. */
export function figureWords({ value, unit }: Pick<Finding, 'value' | 'unit'>): string {
  if (unit === '%' && Math.abs(value) >= FAR_OFF) return value > 0 ? 'far below' : 'far above';
  if (unit === '' && Number.isInteger(value)) return String(value);
  return withUnit(value, unit);
}

/** How far it is from the nearer end of its limit, with its unit. */
export const marginWords = ({ margin, unit }: Pick<Finding, 'margin' | 'unit'>): string => withUnit(margin, unit);

/** Where it should lie, with its unit. */
export function wantedWords({ limit: [low, high], unit }: Pick<Finding, 'limit' | 'unit'>): string {
  const small = unit === 'm' && [low, high].every((end) => end === null || Math.abs(end) < MILLIMETRES_BELOW_M);
  const shown = (value: number): string => {
    if (small) return String(Math.round(value * 1000));
    return value.toFixed(HUNDREDTHS.includes(unit) ? 2 : Number.isInteger(value) || Math.abs(value) >= 10 ? 0 : 1);
  };
  const words =
    low === null
      ? `at most ${shown(high!)}`
      : high === null
        ? `at least ${shown(low)}`
        : `${shown(low)} to ${shown(high)}`;
  return `${words} ${small ? 'mm' : unit}`.trimEnd();
}
