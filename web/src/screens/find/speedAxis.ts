/** Times the speed that the eyes see. */
export const TICKS = [0.05, 0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 50];

/** The ticks on both sides of what is shown, an octave at least. */
export function rangeOf(feels: readonly number[]): { readonly min: number; readonly max: number } {
  const least = Math.min(1, ...feels);
  const most = Math.max(1, ...feels);
  return {
    min: TICKS.findLast((t) => t < least * 0.9) ?? TICKS[0]!,
    max: TICKS.find((t) => t > most * 1.1) ?? TICKS.at(-1)!,
  };
}
