import { loft, type Ring } from '../../src/mathematics/geometry/build/loft';
import type { Mesh } from '../../src/mathematics/geometry/mesh';
import { add, addScaled, cross, normalize, type Vec3 } from '../../src/mathematics/geometry/vec3';

/** One section of a wing: leading edge, chord, thickness and camber as shares of the chord; metres. */
export interface WingSection {
  readonly leading: Vec3;
  readonly chordM: number;
  readonly thickness: number;
  readonly camber?: number;
  /** Direction out of the upper surface. */
  readonly up?: Vec3;
  /** Nose up, degrees. */
  readonly twistDeg?: number;
}

const STEPS = 11;

/**
 * Aerofoil of the four-digit family: y over the chord line for x from 0 to 1.
 * Source: Jacobs, Ward & Pinkerton, NACA Report 460 (1933), thickness and camber formulas; closed trailing edge; from memory.
 */
export const aerofoil = (x: number, thickness: number, camber: number): { upper: number; lower: number } => {
  const t = 5 * thickness * (0.2969 * Math.sqrt(x) - 0.126 * x - 0.3516 * x ** 2 + 0.2843 * x ** 3 - 0.1036 * x ** 4);
  const p = 0.4;
  const c =
    x < p ? (camber / p ** 2) * (2 * p * x - x ** 2) : (camber / (1 - p) ** 2) * (1 - 2 * p + 2 * p * x - x ** 2);
  return { upper: c + t, lower: c - t };
};

/** Wing through its sections, chord along -x. */
export const wingMesh = (sections: readonly WingSection[]): Mesh =>
  loft(
    sections.map(({ leading, chordM, thickness, camber = 0.02, up = [0, 1, 0], twistDeg = 0 }): Ring => {
      const a = (twistDeg * Math.PI) / 180;
      const side = normalize(cross([1, 0, 0], up));
      const normal = cross(side, [1, 0, 0]);
      const back: Vec3 = addScaled([-Math.cos(a), 0, 0], normal, -Math.sin(a));
      const out: Vec3 = addScaled([-Math.sin(a), 0, 0], normal, Math.cos(a));
      const at = (x: number, y: number): Vec3 =>
        add(leading, addScaled(addScaled([0, 0, 0], back, x * chordM), out, y * chordM));
      const xs = Array.from({ length: STEPS }, (_, i) => (1 - Math.cos((Math.PI * i) / (STEPS - 1))) / 2);
      const upper = xs.map((x) => at(x, aerofoil(x, thickness, camber).upper + 0.0008));
      const lower = xs.slice(1).map((x) => at(x, aerofoil(x, thickness, camber).lower - 0.0008));
      return [...upper, ...lower.reverse()];
    }),
  );

/** The same wing on both sides, through the middle. */
export const bothSides = (right: readonly WingSection[]): Mesh =>
  wingMesh([
    ...[...right].reverse().map((s) => ({
      ...s,
      leading: [s.leading[0], s.leading[1], -s.leading[2]] as Vec3,
      ...(s.up ? { up: [s.up[0], s.up[1], -s.up[2]] as Vec3 } : {}),
    })),
    ...right.filter((s) => s.leading[2] > 1e-6),
  ]);
