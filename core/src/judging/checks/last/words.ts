export const count = (n: number, what: string): string => `${n} ${what}${n === 1 ? '' : 's'}`;

export const batteries = (n: number): string => `${n} ${n === 1 ? 'battery' : 'batteries'}`;
