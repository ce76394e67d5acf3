import { castRay } from '../../mathematics/geometry/bvh';
import { meshPoint } from '../../mathematics/geometry/mesh';
import { invert, transformDirection, transformPoint, type Pose } from '../../mathematics/geometry/pose';
import { length, scale, subtract, type Vec3 } from '../../mathematics/geometry/vec3';
import { projectDirectionToPixel, unprojectPixelToDirection, type Lens } from '../../mathematics/lens/lens';
import { heightAboveGround } from '../../posing/rig/groundHit';
import type { PosedRig } from '../../posing/rig/poseRig';
import type { StanceFrame } from './stanceFrame';

/** From where a picture is taken, and what of the craft it holds. @param closely with what hides the ends, and how much is seen through glass */
export const whereFrom = (
  rig: PosedRig,
  lens: Lens,
  worldFromCamera: Pose,
  { closely = true } = {},
): Pick<
  StanceFrame,
  'lensHeightM' | 'overShouldersM' | 'aheadOfEyesM' | 'endsInFrame' | 'riderInFrame' | 'throughGlass'
> => {
  const head = rig.byId.get('head');
  return {
    lensHeightM: heightAboveGround(rig.ground, worldFromCamera.position),
    overShouldersM: rig.body ? worldFromCamera.position[1] - rig.body.neckBase[1] : null,
    aheadOfEyesM: rig.body && rig.eyes ? aheadOf(rig, rig.eyes.position, worldFromCamera.position) : null,
    endsInFrame: inFrame(rig, endsOf(rig), lens, worldFromCamera, closely),
    riderInFrame: head ? inFrame(rig, [head.worldFromPart.position], lens, worldFromCamera, closely) === 1 : null,
    throughGlass: closely ? throughGlass(rig, lens, worldFromCamera) : 0,
  };
};

/** How far one point lies ahead of another as the machine goes, metres. */
function aheadOf({ worldFromMachine: { rotation } }: PosedRig, from: Vec3, to: Vec3): number {
  return (to[0] - from[0]) * rotation[0]! + (to[1] - from[1]) * rotation[3]! + (to[2] - from[2]) * rotation[6]!;
}

const ends = new WeakMap<PosedRig, readonly Vec3[]>();

/** The outermost points of machine and people on board: nose, tail, left, right and top, world frame; masts and sails left out. */
function endsOf(rig: PosedRig): readonly Vec3[] {
  const known = ends.get(rig);
  if (known) return known;
  const machineFromWorld = invert(rig.worldFromMachine);
  const best: { point: Vec3; value: number }[] = Array.from({ length: 5 }, () => ({
    point: [0, 0, 0],
    value: -Infinity,
  }));
  for (const { group, aloft, mesh, worldFromPart } of rig.parts) {
    if (group === 'subject' || group === 'own' || aloft) continue;
    for (let i = 0; i < mesh.positions.length / 3; i++) {
      const point = transformPoint(worldFromPart, meshPoint(mesh, i));
      const [x, y, z] = transformPoint(machineFromWorld, point);
      [x, -x, z, -z, y].forEach((value, end) => {
        if (value > best[end]!.value) best[end] = { point, value };
      });
    }
  }
  const made = best.map(({ point }) => point);
  ends.set(rig, made);
  return made;
}

/** An end is still seen when what stands before it does so this near to it, metres: the end of a wing hides itself. */
const AT_THE_END_M = 0.4;

/** Share of some points that lie in the picture. */
function inFrame(rig: PosedRig, points: readonly Vec3[], lens: Lens, worldFromCamera: Pose, closely: boolean): number {
  const cameraFromWorld = invert(worldFromCamera);
  const inside = points.filter((point) => {
    const pixel = projectDirectionToPixel(lens, transformPoint(cameraFromWorld, point));
    const inside =
      pixel !== null && pixel.u >= 0 && pixel.u <= lens.widthPx && pixel.v >= 0 && pixel.v <= lens.heightPx;
    return inside && !(closely && isHidden(rig, worldFromCamera.position, point));
  });
  return inside.length / points.length;
}

/** Whether machine or people stand before a point. */
function isHidden({ parts }: PosedRig, from: Vec3, point: Vec3): boolean {
  const way = subtract(point, from);
  const far = length(way);
  const direction = scale(way, 1 / Math.max(far, 1e-9));
  return parts.some(({ group, seeThrough, mesh, worldFromPart }) => {
    if (seeThrough || group === 'subject' || group === 'own') return false;
    const partFromWorld = invert(worldFromPart);
    return (
      castRay(
        mesh,
        transformPoint(partFromWorld, from),
        transformDirection(partFromWorld, direction),
        far - AT_THE_END_M,
      ) !== null
    );
  });
}

/** Rays across and down by which the share of glass is found: within about a tenth. */
const RAYS = { across: 5, down: 3 } as const;
/** Glass farther off than this is somebody else's. */
const GLASS_M = 4;

function throughGlass({ parts }: PosedRig, lens: Lens, worldFromCamera: Pose): number {
  const glass = parts.filter((part) => part.seeThrough && part.group === 'machine');
  if (glass.length === 0) return 0;
  const placed = glass.map(({ mesh, worldFromPart }) => {
    const partFromWorld = invert(worldFromPart);
    return { mesh, partFromWorld, origin: transformPoint(partFromWorld, worldFromCamera.position) };
  });
  let [met, rays] = [0, 0];
  for (let row = 0; row < RAYS.down; row++) {
    for (let column = 0; column < RAYS.across; column++) {
      const direction = unprojectPixelToDirection(lens, {
        u: ((column + 0.5) / RAYS.across) * lens.widthPx,
        v: ((row + 0.5) / RAYS.down) * lens.heightPx,
      });
      if (!direction) continue;
      rays++;
      const inWorld = transformDirection(worldFromCamera, direction);
      if (
        placed.some(({ mesh, partFromWorld, origin }) =>
          castRay(mesh, origin, transformDirection(partFromWorld, inWorld), GLASS_M),
        )
      )
        met++;
    }
  }
  return rays > 0 ? met / rays : 0;
}
