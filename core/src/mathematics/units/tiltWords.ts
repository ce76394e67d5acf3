/** −3.4 → "3.4° down"; zero is level. */
export function tiltWords(deg: number, positive: string, negative: string, zero: string): string {
  const rounded = Math.round(deg * 2) / 2;
  if (rounded === 0) return zero;
  return `${Math.abs(rounded)}° ${rounded > 0 ? positive : negative}`;
}
