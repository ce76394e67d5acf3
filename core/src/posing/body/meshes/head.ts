import { loft, type Ring } from '../../../mathematics/geometry/build/loft';
import { superellipse } from '../../../mathematics/geometry/build/superellipse';
import { mergeMeshes, transformMesh, type Mesh } from '../../../mathematics/geometry/mesh';
import { poseAt } from '../../../mathematics/geometry/pose';
import { RIGHT, type Vec3 } from '../../../mathematics/geometry/vec3';
import type { Mark } from '../../../words/carrier/posedPart';
import type { BodySegments } from '../../../words/carrier/bodySegments';

/** Stature for which the head below is drawn, metres; others are scaled. Shapes are estimates, within a centimetre. */
const DRAWN_M = 1.75;

/** Sections from chin to crown: height, half width, how far it reaches to the front and to the back. */
const SECTIONS = [
  [-0.126, 0.02, 0.074, -0.018],
  [-0.118, 0.037, 0.087, 0],
  [-0.098, 0.052, 0.09, 0.028],
  [-0.06, 0.064, 0.088, 0.062],
  [-0.03, 0.07, 0.088, 0.085],
  [0, 0.075, 0.087, 0.096],
  [0.04, 0.077, 0.09, 0.1],
  [0.08, 0.069, 0.078, 0.092],
  [0.108, 0.05, 0.055, 0.07],
  [0.122, 0.026, 0.028, 0.042],
] as const;

/** Heights of the rings: close where the face has its features. */
const LEVELS = [
  -0.126, -0.118, -0.106, -0.094, -0.086, -0.079, -0.072, -0.062, -0.053, -0.046, -0.038, -0.028, -0.018, -0.008, 0.002,
  0.012, 0.022, 0.034, 0.05, 0.068, 0.086, 0.104, 0.116, 0.122,
];

/** What stands out of the face or lies in it: middle (height, from the middle line), half height and half width, and how far. */
const FEATURES: readonly { y: number; z: number; tall: number; wide: number; out: number }[] = [
  // Brow, sockets, cheekbones.
  { y: 0.021, z: 0.024, tall: 0.009, wide: 0.02, out: 0.005 },
  { y: -0.001, z: 0.032, tall: 0.012, wide: 0.014, out: -0.007 },
  { y: -0.03, z: 0.046, tall: 0.016, wide: 0.016, out: 0.004 },
  // Nose from its bridge to the tip, and its wings.
  { y: 0.004, z: 0, tall: 0.016, wide: 0.007, out: 0.007 },
  { y: -0.022, z: 0, tall: 0.016, wide: 0.008, out: 0.013 },
  { y: -0.039, z: 0, tall: 0.008, wide: 0.0095, out: 0.015 },
  { y: -0.041, z: 0.013, tall: 0.006, wide: 0.006, out: 0.006 },
  // Lips and chin.
  { y: -0.07, z: 0.008, tall: 0.005, wide: 0.016, out: 0.004 },
  { y: -0.081, z: 0.004, tall: 0.005, wide: 0.014, out: 0.003 },
  { y: -0.09, z: 0, tall: 0.005, wide: 0.02, out: -0.003 },
  { y: -0.112, z: 0, tall: 0.011, wide: 0.022, out: 0.005 },
];

const bell = (distance: number, half: number): number => Math.exp(-0.5 * (distance / half) ** 2);

/** How far the face stands out at a height and distance from its middle line, metres. */
const standsOut = (y: number, z: number): number =>
  FEATURES.reduce((sum, f) => sum + f.out * bell(y - f.y, f.tall) * bell(Math.abs(z) - f.z, f.wide), 0);

/** A section at a height, drawn smoothly through those given. */
function sectionAt(y: number): readonly [half: number, front: number, back: number] {
  const next = Math.max(
    1,
    SECTIONS.findIndex(([at]) => at >= y),
  );
  const [low, high] = [SECTIONS[next - 1]!, SECTIONS[next]!];
  const [before, after] = [SECTIONS[Math.max(0, next - 2)]!, SECTIONS[Math.min(SECTIONS.length - 1, next + 1)]!];
  const step = high[0] - low[0];
  const t = (y - low[0]) / step;
  const through = (i: 1 | 2 | 3): number => {
    const into = ((high[i] - before[i]) / (high[0] - before[0])) * step;
    const outOf = ((after[i] - low[i]) / (after[0] - low[0])) * step;
    return (
      low[i] * (1 + 2 * t) * (1 - t) ** 2 +
      high[i] * t * t * (3 - 2 * t) +
      into * t * (1 - t) ** 2 -
      outOf * t * t * (1 - t)
    );
  };
  return [through(1), through(2), through(3)];
}

const AROUND = 34;
/** Points of a ring, from the nose round the right ear: most of them in the face. */
const ANGLES = Array.from({ length: AROUND }, (_, i) => {
  const turn = (2 * Math.PI * i) / AROUND;
  return turn - 0.52 * Math.sin(turn);
});

const ringAt = (y: number): Ring => {
  const [half, front, back] = sectionAt(y);
  const power = 2 / 2.2;
  return ANGLES.map((angle): Vec3 => {
    const [c, s] = [Math.cos(angle), Math.sin(angle)];
    const z = Math.sign(s) * Math.abs(s) ** power * half;
    const x = (front - back) / 2 + Math.sign(c) * Math.abs(c) ** power * ((front + back) / 2);
    return [x + (c > 0 ? Math.min(1, 2 * c) * standsOut(y, z) : 0), y, z];
  });
};

const ear = (sign: number): Mesh =>
  transformMesh(
    loft(
      [-0.03, -0.024, -0.008, 0.012, 0.026, 0.032].map((y, i) =>
        superellipse(
          {
            centre: [-0.008 - 0.25 * y, y, sign * 0.004 * (i - 2)] as Vec3,
            u: RIGHT,
            v: [1, 0, 0],
            halfU: [0.003, 0.006, 0.008, 0.009, 0.008, 0.003][i]!,
            halfV: [0.005, 0.009, 0.013, 0.018, 0.017, 0.008][i]!,
          },
          8,
        ),
      ),
    ),
    poseAt([0, -0.012, sign * 0.073]),
  );

/** Head without helmet, head frame (origin at eye level between the ears, +x to the nose). */
export function headMesh(body: BodySegments): Mesh {
  const drawn = mergeMeshes([loft(LEVELS.map(ringAt)), ear(1), ear(-1)]);
  return { positions: drawn.positions.map((v) => v * scaleOf(body)), indices: drawn.indices };
}

const scaleOf = ({ statureM }: BodySegments): number => statureM / DRAWN_M;

/** Both sides alike. */
const pair = (tone: Mark['tone'], [x, y, z]: Vec3, half: Vec3): readonly Mark[] => [
  { tone, at: [x, y, z], half },
  { tone, at: [x, y, -z], half },
];

const MARKS: readonly Mark[] = [
  ...pair('tyre', [0.08, 0.0075, 0.032], [0.03, 0.002, 0.0145]),
  ...pair('lens', [0.08, 0, 0.0315], [0.03, 0.0062, 0.0058]),
  ...pair('shell', [0.08, 0, 0.032], [0.03, 0.0066, 0.0135]),
  ...pair('tyre', [0.085, 0.0245, 0.031], [0.03, 0.0042, 0.0185]),
  { tone: 'tyre', at: [0.095, -0.0755, 0], half: [0.03, 0.0014, 0.0225] },
  { tone: 'wood', at: [0.095, -0.0755, 0], half: [0.03, 0.0075, 0.0235] },
  // Hair, from above the brow over the temples to the nape.
  { tone: 'tyre', at: [-0.062, 0.07, 0], half: [0.138, 0.118, 0.1] },
];

/** Eyes, brows, mouth and hair; head frame. */
export const headMarks = (body: BodySegments): readonly Mark[] => {
  const k = scaleOf(body);
  const scaled = (v: Vec3): Vec3 => [v[0] * k, v[1] * k, v[2] * k];
  return MARKS.map(({ tone, at, half }) => ({ tone, at: scaled(at), half: scaled(half) }));
};
