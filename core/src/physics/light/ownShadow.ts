import { bvhOf, castRay } from '../../mathematics/geometry/bvh';
import { invert, transformDirection, transformPoint, type Pose } from '../../mathematics/geometry/pose';
import { addScaled, type Vec3 } from '../../mathematics/geometry/vec3';
import type { Lens } from '../../mathematics/lens/lens';
import { rayGrid, rowsFor } from '../../mathematics/lens/rayGrid';
import { groundHit } from '../../posing/rig/groundHit';
import type { Ground } from '../../words/carrier/land';
import type { PosedPart } from '../../words/carrier/posedPart';
import { castFrame, NO_PART, NO_IMAGE } from '../framing/castFrame';

/** Shadow of what the camera is carried by, on the ground in its picture; shares of the picture. */
export interface OwnShadow {
  readonly share: number;
  /** What camera and strut throw of it. */
  readonly ofCamera: number;
}

const OUT = 1e-4;

interface Placed {
  readonly part: PosedPart;
  readonly partFromWorld: Pose;
  readonly centre: Vec3;
  readonly radius2: number;
}

/** A part with the ball that it lies in: round the box of its tree of boxes. */
function placed(part: PosedPart): Placed {
  const [x0, y0, z0, x1, y1, z1] = bvhOf(part.mesh).boxes as unknown as number[];
  const middle: Vec3 = [(x0! + x1!) / 2, (y0! + y1!) / 2, (z0! + z1!) / 2];
  return {
    part,
    partFromWorld: invert(part.worldFromPart),
    centre: transformPoint(part.worldFromPart, middle),
    radius2: ((x1! - x0!) ** 2 + (y1! - y0!) ** 2 + (z1! - z0!) ** 2) / 4,
  };
}

type Shading = (point: Vec3, toSun: Vec3) => PosedPart | null;
const made = new WeakMap<readonly PosedPart[], Shading>();

/** What stands between points and the sun, glass left out; made once for a list of parts. Null = nothing. */
export function shading(parts: readonly PosedPart[]): Shading {
  let shade = made.get(parts);
  if (!shade) made.set(parts, (shade = shadingBy(parts)));
  return shade;
}

function shadingBy(parts: readonly PosedPart[]): Shading {
  const all = parts.filter((part) => !part.seeThrough).map(placed);
  return (point, toSun) => {
    for (const { part, partFromWorld, centre, radius2 } of all) {
      const x = centre[0] - point[0];
      const y = centre[1] - point[1];
      const z = centre[2] - point[2];
      const away2 = x * x + y * y + z * z;
      const along = x * toSun[0] + y * toSun[1] + z * toSun[2];
      if (away2 > radius2 && (along < 0 || away2 - along * along > radius2)) continue;
      if (castRay(part.mesh, transformPoint(partFromWorld, point), transformDirection(partFromWorld, toSun)))
        return part;
    }
    return null;
  };
}

/**
 * How much of the picture is ground that lies in the shadow of rider, machine, strut or camera.
 * @param parts all of them, in the world @param toSun unit direction to the sun @param columns of the grid it is read from
 */
export function ownShadow(
  parts: readonly PosedPart[],
  worldFromCamera: Pose,
  lens: Lens,
  ground: Ground,
  toSun: Vec3,
  columns = 40,
): OwnShadow {
  const solid = parts.filter((part) => !part.seeThrough);
  const cast = castFrame(solid, worldFromCamera, rayGrid(lens, columns, rowsFor(lens, columns)));
  const shaded = shading(solid);
  let [image, all, camera] = [0, 0, 0];
  for (let cell = 0; cell < cast.part.length; cell++) {
    const part = cast.part[cell]!;
    if (part === NO_IMAGE) continue;
    image++;
    if (part !== NO_PART) continue;
    const direction: Vec3 = [
      cast.directions[cell * 3]!,
      cast.directions[cell * 3 + 1]!,
      cast.directions[cell * 3 + 2]!,
    ];
    const hit = groundHit(ground, worldFromCamera.position, direction);
    if (!hit) continue;
    const by = shaded(addScaled(hit.point, toSun, OUT), toSun);
    if (!by) continue;
    all++;
    if (by.group === 'own') camera++;
  }
  return image > 0 ? { share: all / image, ofCamera: camera / image } : { share: 0, ofCamera: 0 };
}
