import type { AlongTrack } from './track';

/** How much of a way goes north, north-east and so on round to the north-west, by its length: eight shares that sum to 1. */
export function octantsOf(along: readonly Pick<AlongTrack, 'alongM' | 'headingDeg'>[]): readonly number[] {
  const metres = new Array<number>(8).fill(0);
  let before = 0;
  for (const { alongM, headingDeg } of along) {
    metres[((Math.round(headingDeg / 45) % 8) + 8) % 8]! += Math.max(0, alongM - before);
    before = alongM;
  }
  const all = metres.reduce((sum, m) => sum + m, 0);
  return all > 0 ? metres.map((m) => Math.round((m / all) * 1000) / 1000) : metres.map(() => 1 / 8);
}
