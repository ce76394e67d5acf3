import type { Verdict } from '../../../../words/check/result';

export const percent = (share: number): string => (share < 0.01 ? 'less than 1 %' : `${Math.round(share * 100)} %`);
export const stops = (n: number): string => `${n.toFixed(1)} ${Math.abs(n - 1) < 0.05 ? 'stop' : 'stops'}`;
export const over = (value: number, { watch, stop }: { readonly watch: number; readonly stop: number }): Verdict => {
  if (value > stop) return 'stop';
  return value > watch ? 'watch' : 'good';
};
/** An ND filter that takes so many stops at least. */
export const filterWords = (stops: number): string => {
  const factor = 2 ** Math.max(1, Math.ceil(stops));
  return `an ND${factor} filter, which lets 1/${factor} of the light through`;
};

const COMPASS = ['north', 'north-east', 'east', 'south-east', 'south', 'south-west', 'west', 'north-west'] as const;
export const compassWords = (headingDeg: number): string => COMPASS[Math.round(headingDeg / 45) % 8]!;
