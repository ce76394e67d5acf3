import { loft, type Ring } from '../../../mathematics/geometry/build/loft';
import { smoothPath, tube } from '../../../mathematics/geometry/build/tube';
import { superellipse } from '../../../mathematics/geometry/build/superellipse';
import { mergeMeshes, mirrorMesh, type Mesh } from '../../../mathematics/geometry/mesh';
import { RIGHT, UP, type Vec3 } from '../../../mathematics/geometry/vec3';
import { SOLE_M } from '../../../words/carrier/posture';
import type { BodySegments } from '../../../words/carrier/bodySegments';

/** Hand length for which the glove below is drawn, metres; other hands are scaled. */
const DRAWN_HAND_M = 0.189;

/**
 * Right gloved hand closed round a grip of 33 mm: hand frame with its origin in the middle of the grip, +x from the wrist
 * over the bar, +y the back of the hand, +z to the little finger. Shapes are estimates from a glove of size L.
 */
function rightGlove(): Mesh {
  // Back of the hand: sections from the cuff to the knuckles.
  const back = loft(
    (
      [
        [-0.102, 0.012, 0.029, 0.027, 2.3],
        [-0.094, 0.013, 0.034, 0.0305, 2.3],
        [-0.076, 0.016, 0.033, 0.026, 2.3],
        [-0.055, 0.021, 0.037, 0.02, 2.5],
        [-0.03, 0.026, 0.042, 0.016, 2.6],
        [-0.006, 0.029, 0.043, 0.0135, 2.6],
        [0.012, 0.026, 0.042, 0.0115, 2.4],
        [0.02, 0.021, 0.036, 0.006, 2.2],
      ] as const
    ).map(([x, y, halfZ, halfY, power]) =>
      superellipse({ centre: [x, y, 0.001], u: RIGHT, v: UP, halfU: halfZ, halfV: halfY, power }, 20),
    ),
  );
  const finger = (z: number, long: number, radius: number): Mesh =>
    tube(
      smoothPath(
        [
          [-0.002, 0.029, z * 0.97],
          [0.018 + 0.004 * long, 0.027, z],
          [0.032 + 0.002 * long, 0.009, z],
          [0.028, -0.014, z],
          [0.008, -0.027, z * 0.98],
          [-0.006 - 0.004 * long, -0.026, z * 0.97],
        ],
        3,
      ),
      { radiusM: (t) => radius * (1 - 0.18 * t), segments: 9, rounded: true, reference: UP },
    );
  const thumb = tube(
    smoothPath(
      [
        [-0.05, 0.014, -0.026],
        [-0.026, 0.006, -0.045],
        [-0.004, -0.012, -0.052],
        [0.016, -0.024, -0.046],
        [0.026, -0.022, -0.036],
      ],
      4,
    ),
    { radiusM: (t) => 0.0145 - 0.005 * t, segments: 10, rounded: true },
  );
  return mergeMeshes([
    back,
    finger(-0.031, 0.6, 0.0103),
    finger(-0.01, 1, 0.0107),
    finger(0.0115, 0.8, 0.0104),
    finger(0.0315, 0.1, 0.0094),
    thumb,
  ]);
}

const drawnGlove = rightGlove();

export function handMesh(body: BodySegments, side: 'left' | 'right'): Mesh {
  const k = body.handM / DRAWN_HAND_M;
  // The hand grows about the grip, whose thickness stays: only a little of the change shows.
  const scaled: Mesh = {
    positions: drawnGlove.positions.map((v) => v * (1 + (k - 1) * 0.5)),
    indices: drawnGlove.indices,
  };
  return side === 'right' ? scaled : mirrorMesh(scaled);
}

/** Shoe with sole; foot frame with its origin on the ball of the foot at the sole's underside, +x to the toe. */
export function shoeMesh(body: BodySegments): Mesh {
  const f = body.footM * 1.07;
  const heel = -0.68 * f;
  const toe = 0.36 * f;
  const across = (t: number) => 0.05 * (0.62 + 0.75 * t - 0.38 * t * t) * (body.footM / 0.27);
  const upper = loft(
    (
      [
        [0, 0.018, 0.5],
        [0.03, 0.05, 0.85],
        [0.12, 0.105, 0.98],
        [0.27, 0.112, 1],
        [0.38, 0.088, 1],
        [0.5, 0.07, 1],
        [0.68, 0.058, 1.04],
        [0.84, 0.05, 1.0],
        [0.95, 0.04, 0.8],
        [1, 0.024, 0.45],
      ] as const
    ).map(([t, high, wide]): Ring => {
      const height = high * (body.footM / 0.27);
      return superellipse(
        {
          centre: [heel + t * (toe - heel), SOLE_M * 0.6 + height / 2, 0],
          u: RIGHT,
          v: UP,
          halfU: across(t) * wide * (t > 0.05 && t < 0.4 ? 0.86 : 1),
          halfV: height / 2,
          power: 2.6,
        },
        16,
      );
    }),
  );
  const sole = loft(
    [
      [0, 0.5],
      [0.04, 0.86],
      [0.3, 0.92],
      [0.65, 1.06],
      [0.9, 0.94],
      [1.01, 0.5],
    ].map(([t, wide]): Ring => {
      return superellipse(
        {
          centre: [heel + t! * (toe - heel), SOLE_M / 2, 0],
          u: RIGHT,
          v: UP,
          halfU: across(Math.min(1, t!)) * wide! * 1.04,
          halfV: SOLE_M / 2,
          power: 5,
        },
        16,
      );
    }),
  );
  return mergeMeshes([upper, sole]);
}

/** Goggles: frame with strap round the head, and the pane; head frame. */
export function gogglesMeshes(body: BodySegments): { frame: Mesh; pane: Mesh } {
  const s = body.statureM / 1.75;
  const path = (radius: number, lift: number, from: number, to: number, steps: number): Vec3[] =>
    Array.from({ length: steps + 1 }, (_, i) => {
      const a = ((from + ((to - from) * i) / steps) * Math.PI) / 180;
      return [(0.012 + Math.cos(a) * (0.092 + radius)) * s, lift * s, Math.sin(a) * (0.079 + radius * 0.7) * s];
    });
  return {
    frame: mergeMeshes([
      flatBand(path(0.006, 0.004, -62, 62, 16), 0.042 * s, 0.012 * s),
      flatBand(path(0.002, 0.01, 60, 300, 24), 0.017 * s, 0.002 * s),
    ]),
    pane: flatBand(path(0.015, 0.004, -52, 52, 14), 0.033 * s, 0.006 * s),
  };
}

/** Band along a level path, standing on edge. */
function flatBand(path: readonly Vec3[], halfHeight: number, halfThick: number): Mesh {
  const rings = path.map((point, i): Ring => {
    const before = path[Math.max(0, i - 1)]!;
    const after = path[Math.min(path.length - 1, i + 1)]!;
    const size = Math.hypot(after[0] - before[0], after[2] - before[2]);
    const outward: Vec3 = [-(after[2] - before[2]) / size, 0, (after[0] - before[0]) / size];
    return superellipse({ centre: point, u: UP, v: outward, halfU: halfHeight, halfV: halfThick, power: 4 }, 12);
  });
  return loft(rings);
}
