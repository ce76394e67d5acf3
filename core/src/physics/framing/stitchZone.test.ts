import { rod } from '../../mathematics/geometry/build/tube';
import { IDENTITY_POSE, poseAt } from '../../mathematics/geometry/pose';
import {
  calibrateLens,
  fieldOfViewDeg,
  projectDirectionToPixel,
  unprojectPixelToDirection,
} from '../../mathematics/lens/lens';
import { rayGrid } from '../../mathematics/lens/rayGrid';
import type { PosedPart } from '../../words/carrier/posedPart';
import { CAMERAS } from '../../../catalog/index.generated';
import { seededNumbers } from '../../mathematics/numbers/seededNumbers';
import type { Vec3 } from '../../mathematics/geometry/vec3';
import { castFrame } from './castFrame';
import { inStitchZone, stitchedParts, stitchHalfWidthDeg } from './stitchZone';

const sphere = calibrateLens({
  projection: 'equirectangular',
  widthPx: 360,
  heightPx: 180,
  fovDeg: 360,
  fovAcross: 'horizontal',
  crop: 1,
});
const figures = CAMERAS.find((c) => c.id === 'two-lens-360')!.stitch!;
const pole = (id: string, to: Vec3): PosedPart => ({
  id,
  name: 'pole',
  group: 'own',
  tone: 'metal',
  mesh: rod([to[0] * 0.06, to[1] * 0.06, to[2] * 0.06], to, { radiusM: 0.008, segments: 12 }),
  worldFromPart: IDENTITY_POSE,
});

describe('the whole sphere', () => {
  it('is 360° × 180°: ahead in the middle, right at three quarters, straight up at the top', () => {
    expect(fieldOfViewDeg(sphere, 'horizontal')).toBeCloseTo(360, 9);
    expect(fieldOfViewDeg(sphere, 'vertical')).toBeCloseTo(180, 9);
    expect(projectDirectionToPixel(sphere, [1, 0, 0])).toEqual({ u: 180, v: 90 });
    expect(projectDirectionToPixel(sphere, [0, 0, 1])).toEqual({ u: 270, v: 90 });
    expect(projectDirectionToPixel(sphere, [0, 1, 0])!.v).toBeCloseTo(0, 9);
  });

  it('pixel → direction → pixel comes back', () => {
    const random = seededNumbers(5);
    for (let i = 0; i < 200; i++) {
      const pixel = { u: random() * 360, v: 1 + random() * 178 };
      const back = projectDirectionToPixel(sphere, unprojectPixelToDirection(sphere, pixel)!)!;
      expect(back.u).toBeCloseTo(pixel.u, 8);
      expect(back.v).toBeCloseTo(pixel.v, 8);
    }
  });
});

describe('the seam', () => {
  it('is asin(d / 2R) wider on each side for near things, and the blend alone for far ones', () => {
    const d = figures.pupilsM.value;
    const blend = figures.blendDeg.value;
    expect(stitchHalfWidthDeg(figures, 1e9)).toBeCloseTo(blend, 6);
    expect(stitchHalfWidthDeg(figures, d)).toBeCloseTo(blend + 30, 9);
    expect(stitchHalfWidthDeg(figures, d / 3)).toBe(90);
    expect(stitchHalfWidthDeg(figures, 0.3)).toBeGreaterThan(stitchHalfWidthDeg(figures, 3));
  });

  it('covers a pole directly under the camera, and not one held out sideways along the lenses', () => {
    const parts = [pole('under', [0, -1, 0]), pole('sideways', [1, 0, 0])];
    const cast = castFrame(parts, poseAt([0, 0, 0]), rayGrid(sphere, 360, 180));
    const within = Object.fromEntries(stitchedParts(cast, parts, IDENTITY_POSE, figures).map((p) => [p.id, p.within]));
    expect(within.under).toBeGreaterThan(0.97);
    expect(within.sideways ?? 0).toBeLessThan(0.03);
  });

  it('a thing straight to the side lies in it, one straight ahead or behind does not', () => {
    expect(inStitchZone(figures, [0, 0, 1], 2)).toBe(true);
    expect(inStitchZone(figures, [1, 0, 0], 2)).toBe(false);
    expect(inStitchZone(figures, [-1, 0, 0], 2)).toBe(false);
  });
});
