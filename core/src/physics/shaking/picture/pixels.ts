import type { Lens } from '../../../mathematics/lens/lens';

/** Pictures are compared at this many lines, whatever they are recorded at. */
export const LINES = 1080;

/** Pixels of a 1080-line picture for each radian that the camera turns, in its middle and about the lens axis. */
export interface PixelScale {
  /** About an axis across the lens: the focal length. */
  readonly acrossPx: number;
  /** About the lens axis: root mean square distance from the middle, √((w² + h²)/12). */
  readonly rollPx: number;
}

/** The shorter side of the picture is taken for its 1080 lines, so that upright and lying pictures compare. */
export function pixelScale({ widthPx, heightPx, focalPx }: Lens): PixelScale {
  const k = LINES / Math.min(widthPx, heightPx);
  return { acrossPx: focalPx * k, rollPx: (Math.hypot(widthPx, heightPx) * k) / Math.sqrt(12) };
}
