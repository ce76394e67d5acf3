import { meshBounds, meshPoint, triangleCount, triangleNormal, type Mesh } from '../../mathematics/geometry/mesh';
import { inverseRotation, rotate } from '../../mathematics/geometry/rotation';
import { surfacePoint } from '../../mathematics/geometry/surfacePoint';
import { add, addScaled, dot, mix, ORIGIN, scale, type Vec3 } from '../../mathematics/geometry/vec3';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import type { RigSpec } from '../../words/rig/rigSpec';
import { poseRig } from './poseRig';

/** A place on a part that nobody pointed at. */
interface PartTop {
  readonly partId: string;
  /** With whose it is, where several people on board have one of the same name. */
  readonly name: string;
  /** Part frame, metres. */
  readonly point: Vec3;
  readonly normal: Vec3;
}

/** From higher than any part rays look down, metres. */
const ABOVE_M = 20;
const PEOPLE = ['passenger', 'second passenger', 'third passenger'];

/** Top of each part over its middle, or where it lies highest: where a spot of one's own comes without a click. */
export function partTops(rig: RigSpec): readonly PartTop[] {
  const times = new Map<string, number>();
  return poseRig(rig, SET_UP_STANCE_ID)
    .parts.filter((part) => part.group !== 'subject')
    .flatMap(({ id, name, mesh, worldFromPart }) => {
      const { min, max } = meshBounds(mesh);
      const down = rotate(inverseRotation(worldFromPart.rotation), [0, -1, 0]);
      const under = (at: Vec3) => surfacePoint(mesh, addScaled(at, down, -ABOVE_M), down);
      // A cage or two seats have nothing in their middle.
      const found = under(mix(min, max, 0.5)) ?? under(highestOf(mesh, down));
      if (!found) return [];
      const before = times.get(name) ?? 0;
      times.set(name, before + 1);
      const told = before === 0 ? name : `${name}, ${PEOPLE[before - 1] ?? before + 1}`;
      return [{ partId: id, name: told, point: found.point, normal: found.normal }];
    });
}

/** Middle of the face of a mesh that lies highest. @param down in the mesh's own frame */
function highestOf(mesh: Mesh, down: Vec3): Vec3 {
  let best: Vec3 = ORIGIN;
  let least = Infinity;
  for (let t = 0; t < triangleCount(mesh); t++) {
    const [a, b, c] = [0, 1, 2].map((k) => meshPoint(mesh, mesh.indices[t * 3 + k]!)) as [Vec3, Vec3, Vec3];
    const middle = scale(add(add(a, b), c), 1 / 3);
    const depth = dot(middle, down);
    if (depth < least && dot(triangleNormal(mesh, t), down) < 0) [best, least] = [middle, depth];
  }
  return best;
}
