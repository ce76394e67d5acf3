import { loftLoop, type Ring } from '../../../src/mathematics/geometry/build/loft';
import { revolveRing, revolveSolid } from '../../../src/mathematics/geometry/build/revolve';
import { rod } from '../../../src/mathematics/geometry/build/tube';
import { mergeMeshes, type Mesh } from '../../../src/mathematics/geometry/mesh';
import { ORIGIN, RIGHT, type Vec3 } from '../../../src/mathematics/geometry/vec3';
import type { BikeGeometry } from './bikeGeometry';

const KNOB_SEGMENTS = 96;
const SPOKES = 28;

/** Wheel frame: origin on the axle, axis along +z. */
export interface WheelMeshes {
  readonly tyre: Mesh;
  readonly rim: Mesh;
  readonly spokes: Mesh;
  readonly rotor: Mesh;
}

export function wheelMeshes(g: BikeGeometry): WheelMeshes {
  const w = g.tyreWidthM / 2;
  const outer = g.wheelRadiusM;
  const bead = g.beadSeatRadiusM;
  const high = outer - bead;
  const rings: Ring[] = Array.from({ length: KNOB_SEGMENTS }, (_, s) => {
    const angle = (2 * Math.PI * s) / KNOB_SEGMENTS;
    // Knobs alternate between crown and shoulder round the tyre.
    const crown = s % 4 < 2 ? 0 : -0.0045;
    const shoulder = s % 4 < 2 ? -0.004 : 0.001;
    const profile: readonly (readonly [number, number])[] = [
      [bead - 0.004, -0.36 * w],
      [bead + 0.3 * high, -0.86 * w],
      [bead + 0.56 * high, -1 * w],
      [bead + 0.82 * high + shoulder, -0.86 * w],
      [outer - 0.008 + crown, -0.5 * w],
      [outer + crown, -0.16 * w],
      [outer + crown, 0.16 * w],
      [outer - 0.008 + crown, 0.5 * w],
      [bead + 0.82 * high + shoulder, 0.86 * w],
      [bead + 0.56 * high, 1 * w],
      [bead + 0.3 * high, 0.86 * w],
      [bead - 0.004, 0.36 * w],
    ];
    return profile.map(([r, z]): Vec3 => [r * Math.sin(angle), r * Math.cos(angle), z]);
  });
  const rim = revolveRing(
    [
      [bead + 0.004, -0.0165],
      [bead + 0.004, 0.0165],
      [bead - 0.008, 0.0155],
      [bead - 0.021, 0.006],
      [bead - 0.021, -0.006],
      [bead - 0.008, -0.0155],
    ],
    { centre: ORIGIN, axis: RIGHT, segments: 72 },
  );
  const hub = revolveSolid(
    [
      [0.009, -0.055],
      [0.009, -0.036],
      [0.028, -0.034],
      [0.028, -0.03],
      [0.016, -0.026],
      [0.015, 0.026],
      [0.028, 0.03],
      [0.028, 0.034],
      [0.009, 0.036],
      [0.009, 0.055],
    ],
    { centre: ORIGIN, axis: RIGHT, segments: 18 },
  );
  const spokes = Array.from({ length: SPOKES }, (_, i) => {
    const side = i % 2 === 0 ? 1 : -1;
    const at = (2 * Math.PI * i) / SPOKES;
    const lean = (Math.floor(i / 2) % 2 === 0 ? 1 : -1) * 0.42;
    return rod(
      [0.026 * Math.sin(at + lean), 0.026 * Math.cos(at + lean), side * 0.031],
      [(bead - 0.018) * Math.sin(at), (bead - 0.018) * Math.cos(at), side * 0.003],
      { radiusM: 0.0014, segments: 4 },
    );
  });
  const rotor = revolveRing(
    [
      [0.066, -0.041],
      [0.09, -0.041],
      [0.09, -0.043],
      [0.066, -0.043],
    ],
    { centre: ORIGIN, axis: RIGHT, segments: 40 },
  );
  return { tyre: loftLoop(rings), rim, spokes: mergeMeshes([hub, ...spokes]), rotor };
}
