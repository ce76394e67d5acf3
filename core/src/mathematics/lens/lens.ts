import { hypotenuse } from '../numbers/hypotenuse';
import { toDeg, toRad } from '../units/angle';
import type { Vec3 } from '../geometry/vec3';
import { PROJECTIONS, WHOLE_SPHERE, type ProjectionId } from './projection';

export type FovAcross = 'horizontal' | 'vertical' | 'diagonal';

/** What a camera's manual prints about one mode's picture. */
export interface LensMode {
  readonly projection: ProjectionId;
  readonly widthPx: number;
  readonly heightPx: number;
  /** The one published angle of view, of the whole picture before any stabiliser crop. */
  readonly fovDeg: number;
  readonly fovAcross: FovAcross;
  /** Linear share of the picture's width that the stabiliser leaves, 1 = no crop. */
  readonly crop: number;
}

/** Pixels: u to the right, v down, (0, 0) the top left corner of the picture, so the centre is (width/2, height/2). */
export interface Pixel {
  readonly u: number;
  readonly v: number;
}

/** A calibrated lens with its picture; directions are in the camera frame (+x lens axis, +y picture up, +z picture right). */
export interface Lens {
  readonly projection: ProjectionId;
  readonly widthPx: number;
  readonly heightPx: number;
  /** Focal length in output pixels. */
  readonly focalPx: number;
}

const halfExtent = (widthPx: number, heightPx: number, across: FovAcross): number =>
  ({ horizontal: widthPx, vertical: heightPx, diagonal: Math.hypot(widthPx, heightPx) })[across] / 2;

/**
 * Lens from one published angle of view. A stabiliser's crop enlarges the middle of the picture: a linear crop of the
 * image, so the focal length in output pixels grows by 1/crop.
 * @throws RangeError when fovDeg, crop or the size is outside what the projection can show
 */
export function calibrateLens(mode: LensMode): Lens {
  const { projection, widthPx, heightPx, fovDeg, fovAcross, crop } = mode;
  if (!(crop > 0 && crop <= 1)) throw new RangeError(`calibrateLens: crop ${crop} is outside 0 to 1`);
  if (!(widthPx > 0 && heightPx > 0)) throw new RangeError(`calibrateLens: picture of ${widthPx} × ${heightPx} pixels`);
  if (projection === WHOLE_SPHERE) {
    if (fovDeg !== 360 || fovAcross !== 'horizontal' || widthPx !== 2 * heightPx) {
      throw new RangeError(`calibrateLens: the whole sphere is 360° across and twice as wide as high, got ${fovDeg}°`);
    }
    return { projection, widthPx, heightPx, focalPx: widthPx / (2 * Math.PI) / crop };
  }
  const limitDeg = 2 * toDeg(PROJECTIONS[projection].limitRad);
  if (!(fovDeg > 0 && fovDeg < limitDeg)) {
    throw new RangeError(
      `calibrateLens: fovDeg ${fovDeg} is outside 0 to ${limitDeg} for the ${projection} projection`,
    );
  }
  const radius = PROJECTIONS[projection].radiusFromAngle(toRad(fovDeg) / 2);
  return { projection, widthPx, heightPx, focalPx: halfExtent(widthPx, heightPx, fovAcross) / radius / crop };
}

/** The picture turned upright (9:16): same lens, width and height exchanged. */
export const portrait = (lens: Lens): Lens => ({ ...lens, widthPx: lens.heightPx, heightPx: lens.widthPx });

/** The same view at another picture size of the same shape. */
export const resized = (lens: Lens, widthPx: number): Lens => {
  const k = widthPx / lens.widthPx;
  return { ...lens, widthPx, heightPx: lens.heightPx * k, focalPx: lens.focalPx * k };
};

/** Pixel of a direction (any length) in the camera frame, or null where the projection has no image of it. */
export function projectDirectionToPixel(lens: Lens, direction: Vec3): Pixel | null {
  const [x, y, z] = direction;
  if (lens.projection === WHOLE_SPHERE) {
    return {
      u: lens.widthPx / 2 + Math.atan2(z, x) * lens.focalPx,
      v: lens.heightPx / 2 - Math.atan2(y, hypotenuse(x, z)) * lens.focalPx,
    };
  }
  const across = hypotenuse(y, z);
  const theta = Math.atan2(across, x);
  const { limitRad, radiusFromAngle } = PROJECTIONS[lens.projection];
  if (theta >= limitRad) return null;
  const r = radiusFromAngle(theta) * lens.focalPx;
  const k = across > 0 ? r / across : 0;
  return { u: lens.widthPx / 2 + k * z, v: lens.heightPx / 2 - k * y };
}

/** Unit direction in the camera frame of a pixel, or null outside the projection's image circle. Exact inverse. */
export function unprojectPixelToDirection(lens: Lens, { u, v }: Pixel): Vec3 | null {
  const right = (u - lens.widthPx / 2) / lens.focalPx;
  const up = (lens.heightPx / 2 - v) / lens.focalPx;
  if (lens.projection === WHOLE_SPHERE) {
    if (Math.abs(right) > Math.PI + 1e-9 || Math.abs(up) > Math.PI / 2 + 1e-9) return null;
    return [Math.cos(up) * Math.cos(right), Math.sin(up), Math.cos(up) * Math.sin(right)];
  }
  const r = hypotenuse(right, up);
  const theta = PROJECTIONS[lens.projection].angleFromRadius(r);
  if (!Number.isFinite(theta)) return null;
  const k = r > 0 ? Math.sin(theta) / r : 0;
  return [Math.cos(theta), up * k, right * k];
}

/** Angle of view across the picture, degrees; 360 where the image circle lies inside the picture. */
export function fieldOfViewDeg(lens: Lens, across: FovAcross): number {
  if (lens.projection === WHOLE_SPHERE) {
    return {
      horizontal: toDeg(lens.widthPx / lens.focalPx),
      vertical: toDeg(lens.heightPx / lens.focalPx),
      diagonal: 360,
    }[across];
  }
  const { angleFromRadius, limitRad } = PROJECTIONS[lens.projection];
  const theta = angleFromRadius(halfExtent(lens.widthPx, lens.heightPx, across) / lens.focalPx);
  return 2 * toDeg(Number.isFinite(theta) ? theta : limitRad);
}
