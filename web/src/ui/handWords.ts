/**
 * What a turn is by hand, without any instrument.
 * Widths at arm's length: a finger 2°, three fingers 5°, a fist 10°, a spread hand 20°: common practice of sky watchers, no source.
 * A minute on a clock's face is 6°. A forearm turns some 80° each way from the thumb up (Boone and Azen 1979, from memory).
 */
const WIDTHS = [
  { deg: 2, name: 'a finger’s width' },
  { deg: 5, name: 'three fingers’ width' },
  { deg: 10, name: 'a fist’s width' },
  { deg: 20, name: 'a spread hand’s width' },
  { deg: 30, name: 'three fists’ width' },
] as const;
const MINUTE_DEG = 6;
const WRIST_DEG = 80;

/** A turn up, down or aside as a width at arm's length. @param deg of either sign */
export function widthWords(deg: number): string {
  const turn = Math.abs(deg);
  if (turn < 1) return 'less than a finger’s width at arm’s length';
  if (turn > 36) return turn < 60 ? 'half a right angle' : turn < 105 ? 'a right angle' : 'nearly round';
  // Half as much again is nearer to the next.
  const width = WIDTHS.find((one, i) => turn <= Math.sqrt(one.deg * (WIDTHS[i + 1]?.deg ?? 44))) ?? WIDTHS.at(-1)!;
  return `${width.name} at arm’s length`;
}

/** A turn about the lens as the big hand of a clock goes. */
export function clockWords(deg: number): string {
  const minutes = Math.round(Math.abs(deg) / MINUTE_DEG);
  return minutes === 0
    ? 'less than a minute of a clock’s big hand'
    : `${minutes} ${minutes === 1 ? 'minute' : 'minutes'} of a clock’s big hand`;
}

/** The same of what is held in the hand. */
export function wristWords(deg: number): string {
  const share = Math.abs(deg) / WRIST_DEG;
  if (share < 0.12) return 'hardly a turn of the wrist';
  if (share < 0.375) return 'a quarter turn of the wrist';
  if (share < 0.75) return 'half a turn of the wrist';
  return share < 1.25 ? 'a whole turn of the wrist' : 'more than the wrist turns: grip it anew';
}
