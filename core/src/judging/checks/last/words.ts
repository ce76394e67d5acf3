export const minutes = (min: number): string => {
  if (min >= 90) return `${(min / 60).toFixed(1)} h`;
  return min < 1 ? `${Math.max(1, Math.round(min * 60))} s` : `${Math.round(min)} min`;
};

export const count = (n: number, what: string): string => `${n} ${what}${n === 1 ? '' : what.endsWith('y') ? '' : 's'}`;

export const batteries = (n: number): string => `${n} ${n === 1 ? 'battery' : 'batteries'}`;
