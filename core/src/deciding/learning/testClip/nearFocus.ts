import { edgeWidthWhere } from '../movingClip/blurWidth';
import { ridesAt, type RidesAlong } from '../movingClip/ridesAlong';
import type { PixelPicture } from './findHorizon';

/** Edges of what rides along that are so much wider than those beyond it are out of focus; in pixels of the picture. Estimates. */
const SOFTER = 1.8;
const SOFT_PX = 3;

/** How sharp what rides along with the camera is beside what lies beyond: 10 to 90 % of an edge, pixels. */
export interface NearFocus {
  readonly nearPx: number;
  readonly farPx: number;
  readonly soft: boolean;
}

/** Null where one of the two has too few edges. */
export function nearFocus({ rgba, widthPx, heightPx }: PixelPicture, rides: RidesAlong): NearFocus | null {
  const grey = new Float32Array(widthPx * heightPx);
  for (let i = 0; i < grey.length; i++)
    grey[i] = 0.3 * rgba[4 * i]! + 0.59 * rgba[4 * i + 1]! + 0.11 * rgba[4 * i + 2]!;
  const picture = { grey, widthPx, heightPx };
  const near = edgeWidthWhere(picture, (x, y) => ridesAt(rides, x, y));
  const far = edgeWidthWhere(picture, (x, y) => !ridesAt(rides, x, y));
  if (near === null || far === null) return null;
  return { nearPx: near, farPx: far, soft: near > SOFT_PX && near > SOFTER * far };
}
