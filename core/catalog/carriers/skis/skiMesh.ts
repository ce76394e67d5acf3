import { boardMesh, boardStations } from '../../shapes/board';
import { revolveSolid } from '../../../src/mathematics/geometry/build/revolve';
import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { rod } from '../../../src/mathematics/geometry/build/tube';
import { mergeMeshes, transformMesh, type Mesh } from '../../../src/mathematics/geometry/mesh';
import { poseAt } from '../../../src/mathematics/geometry/pose';
import { addScaled, normalize, subtract, type Vec3 } from '../../../src/mathematics/geometry/vec3';

/** Thickness of a ski under the boot, and the plate of its binding; metres, estimate ± 20 %. */
const THICK_M = 0.016;
const PLATE_M = 0.03;
/** Where the soles stand, and the middle of the boots ahead of the middle of the ski. */
export const SOLE_Y = THICK_M + PLATE_M;
export const BOOT_X = -0.06;

/** One ski: waisted, its tip turned up, its tail a little. @param z of its middle */
export function ski(lengthM: number, waistM: number, z: number): Mesh {
  const end = 0.11 / lengthM;
  const width = (t: number) => {
    const fromEnd = Math.min(t, 1 - t);
    const tip = waistM * (t > 0.5 ? 1.48 : 1.3);
    const m = Math.min(1, Math.abs(t - 0.45) / 0.42) ** 2;
    const wide = waistM + (tip - waistM) * m;
    return fromEnd < end ? wide * Math.sqrt(Math.max(0, 1 - (1 - fromEnd / end) ** 2)) : wide;
  };
  const rise = (t: number) => 0.07 * Math.max(0, (t - 0.86) / 0.14) ** 2 + 0.018 * Math.max(0, (0.07 - t) / 0.07) ** 2;
  const thick = (t: number) => 1 - 0.55 * Math.abs(2 * t - 0.94) ** 1.6;
  return transformMesh(boardMesh(boardStations(lengthM, THICK_M, width, rise, thick), 6), poseAt([0, 0, z]));
}

/** Plate, toe piece with its wings and heel piece with its lever. */
export function binding(z: number): Mesh {
  const at = (x: number, y: number, side = 0): Vec3 => [BOOT_X + x, y, z + side];
  return mergeMeshes([
    roundedBox([0.42, PLATE_M, 0.062], 0.008, poseAt(at(0.01, THICK_M + PLATE_M / 2 - 0.001))),
    roundedBox([0.075, 0.04, 0.07], 0.012, poseAt(at(0.215, SOLE_Y + 0.014))),
    rod(at(0.19, SOLE_Y + 0.022, 0.036), at(0.15, SOLE_Y + 0.02, 0.042), {
      radiusM: 0.009,
      segments: 8,
      rounded: true,
    }),
    rod(at(0.19, SOLE_Y + 0.022, -0.036), at(0.15, SOLE_Y + 0.02, -0.042), {
      radiusM: 0.009,
      segments: 8,
      rounded: true,
    }),
    roundedBox([0.1, 0.05, 0.06], 0.012, poseAt(at(-0.205, SOLE_Y + 0.018))),
    rod(at(-0.2, SOLE_Y + 0.05), at(-0.265, SOLE_Y + 0.075), { radiusM: 0.011, segments: 8, rounded: true }),
  ]);
}

/** A pole from its grip to its tip, with the basket a hand's breadth over the tip. */
export function pole(top: Vec3, tip: Vec3): Mesh {
  const along = normalize(subtract(tip, top));
  const basket = addScaled(tip, along, -0.06);
  return mergeMeshes([
    rod(addScaled(top, along, -0.045), addScaled(top, along, 0.09), { radiusM: 0.0155, segments: 12, rounded: true }),
    rod(addScaled(top, along, 0.08), tip, { radiusM: 0.008, segments: 10 }),
    revolveSolid(
      [
        [0.045, -0.004],
        [0.045, 0.004],
      ],
      { centre: basket, axis: along, segments: 16 },
    ),
  ]);
}
