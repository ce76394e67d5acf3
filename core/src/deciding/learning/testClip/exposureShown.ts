import type { PixelPicture } from './findHorizon';

/** How a still was exposed. */
export interface ExposureShown {
  /** Shares of the picture in which nothing is drawn any more, 0 to 1: all white, all black. */
  readonly blown: number;
  readonly black: number;
  /** Middle brightness, 0 to 1. */
  readonly mean: number;
  /** What is wrong with it, and what would mend it; null where nothing is. */
  readonly words: string | null;
}

/** From here on a channel of eight bits is full, or empty. */
const FULL = 252;
const EMPTY = 5;
/** More than that is seen. Common practice, no source. */
const MUCH = { blown: 0.08, black: 0.15 } as const;
const DARK = 0.18;
const BRIGHT = 0.75;

/** What a still says of its exposure; a pixel counts as blown where two of its colours are full, as black where all are empty. */
export function exposureShown({ rgba, widthPx, heightPx }: PixelPicture): ExposureShown {
  const pixels = widthPx * heightPx;
  let [blown, black, sum] = [0, 0, 0];
  for (let i = 0; i < pixels * 4; i += 4) {
    const [r, g, b] = [rgba[i]!, rgba[i + 1]!, rgba[i + 2]!];
    if (Number(r >= FULL) + Number(g >= FULL) + Number(b >= FULL) >= 2) blown++;
    if (r <= EMPTY && g <= EMPTY && b <= EMPTY) black++;
    sum += 0.3 * r + 0.59 * g + 0.11 * b;
  }
  const shares = { blown: blown / pixels, black: black / pixels, mean: sum / pixels / 255 };
  return { ...shares, words: wordsOf(shares) };
}

const percent = (share: number): string => `${Math.round(share * 100)} %`;

function wordsOf({ blown, black, mean }: Omit<ExposureShown, 'words'>): string | null {
  if (blown > MUCH.blown && black > MUCH.black)
    return `${percent(blown)} is white and ${percent(black)} black: more contrast than the camera holds. Turn away from the sun, or wait for softer light.`;
  if (blown > MUCH.blown || mean > BRIGHT)
    return `${percent(blown)} is all white: one stop less exposure, or less sky in the picture.`;
  if (black > MUCH.black || mean < DARK)
    return `${percent(black)} is all black, the middle is dark: less sky in the picture, or one stop more exposure.`;
  return null;
}
