import { dot, subtract, type Vec3 } from '../../mathematics/geometry/vec3';
import { meshPoint } from '../../mathematics/geometry/mesh';
import { transformPoint } from '../../mathematics/geometry/pose';
import { resolveRig } from '../../posing/lookup/resolveRig';
import type { PosedRig } from '../../posing/rig/poseRig';
import type { RigSpec } from '../../words/rig/rigSpec';

/** A wheel where it stands in a stance, world frame. */
export interface WheelAt {
  readonly name: string;
  /** The moving part that turns. */
  readonly movingId: string;
  readonly middle: Vec3;
  readonly radiusM: number;
  readonly halfWidthM: number;
}

/** As near as that to the ground a wheel stands on it, metres: tyres are drawn a little soft. */
const STANDS_M = 0.04;

interface Ends {
  low: number;
  high: number;
}

const known = new WeakMap<PosedRig, readonly WheelAt[]>();

/** What rolls on the ground: all that turns the whole way round about a level axis and touches it. */
export function wheelsOf(spec: RigSpec, rig: PosedRig): readonly WheelAt[] {
  const kept = known.get(rig);
  if (kept) return kept;
  const { machine, fit } = resolveRig(spec);
  const turning = machine
    .moving(fit)
    .filter(
      ({ kind, axis, low, high, pedalledIn }) =>
        kind === 'turn' && !pedalledIn && Math.abs(axis[2]) > 0.9 && high - low >= 360,
    );
  const found = turning.flatMap(({ id, name }): WheelAt[] => {
    const ends = [0, 1, 2].map(() => ({ low: Infinity, high: -Infinity })) as [Ends, Ends, Ends];
    for (const { mesh, worldFromPart } of rig.parts.filter((part) => part.on === id)) {
      for (let i = 0; i < mesh.positions.length / 3; i++) {
        transformPoint(worldFromPart, meshPoint(mesh, i)).forEach((at, axis) => {
          const end = ends[axis]!;
          if (at < end.low) end.low = at;
          if (at > end.high) end.high = at;
        });
      }
    }
    const [x, y, z] = ends;
    if (x.low > x.high) return [];
    const middle: Vec3 = [(x.low + x.high) / 2, (y.low + y.high) / 2, (z.low + z.high) / 2];
    const radiusM = (x.high - x.low) / 2;
    const overGround = dot(subtract(middle, rig.ground.point), rig.ground.normal) - radiusM;
    if (Math.abs(overGround) > STANDS_M) return [];
    return [{ name, movingId: id, middle, radiusM, halfWidthM: (z.high - z.low) / 2 }];
  });
  known.set(rig, found);
  return found;
}
