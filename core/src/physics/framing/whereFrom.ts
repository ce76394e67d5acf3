import { castRay } from '../../mathematics/geometry/bvh';
import { rotate } from '../../mathematics/geometry/rotation';
import { inverseOf, invert, transformDirection, transformPoint, type Pose } from '../../mathematics/geometry/pose';
import { distance, dot, length, normalize, scale, subtract, UP, type Vec3 } from '../../mathematics/geometry/vec3';
import { clamp, toDeg } from '../../mathematics/units/angle';
import { projectDirectionToPixel, unprojectPixelToDirection, type Lens } from '../../mathematics/lens/lens';
import { heightAboveGround } from '../../posing/rig/groundHit';
import type { PosedRig } from '../../posing/rig/poseRig';
import { endsOf } from './craftEnds';
import type { StanceFrame } from './stanceFrame';

/** From where a picture is taken, and what of the craft it holds. @param closely with what hides the ends, and how much is seen through glass */
export const whereFrom = (
  rig: PosedRig,
  lens: Lens,
  worldFromCamera: Pose,
  { closely = true } = {},
): Pick<
  StanceFrame,
  | 'lensHeightM'
  | 'onItsHead'
  | 'overShouldersM'
  | 'aheadOfNeckM'
  | 'endsInFrame'
  | 'lengthwise'
  | 'faceFrom'
  | 'riderInFrame'
  | 'fromTrunkM'
  | 'riderBehindGlass'
  | 'underRoof'
  | 'throughGlass'
  | 'throughNearGlass'
> => {
  const head = rig.byId.get('head');
  const glass = closely ? throughGlass(rig, lens, worldFromCamera) : NO_GLASS;
  const holds = inFrame(lens, worldFromCamera);
  const hides = closely ? hidesFrom(rig, worldFromCamera.position) : HIDES_NOTHING;
  const sees = (point: Vec3): boolean =>
    holds(point) && distance(worldFromCamera.position, point) > WHOLE_FROM_M && !hides(point, BY_SOLIDS);
  return {
    lensHeightM: heightAboveGround(rig.ground, worldFromCamera.position),
    onItsHead: rotate(worldFromCamera.rotation, [0, 1, 0])[1] < ON_ITS_HEAD,
    overShouldersM: rig.body ? worldFromCamera.position[1] - rig.body.neckBase[1] : null,
    aheadOfNeckM: rig.body ? aheadOf(rig, rig.body.neckBase, worldFromCamera.position) : null,
    faceFrom: rig.body && rig.eyes ? seenFrom(rig.eyes, worldFromCamera.position) : null,
    ...endsSeen(rig, worldFromCamera.position, holds, hides),
    riderInFrame: head ? sees(head.worldFromPart.position) : null,
    fromTrunkM: rig.body
      ? Math.min(
          ...[rig.body.pelvis, rig.body.ribcage].map(({ position }) => distance(worldFromCamera.position, position)),
        )
      : null,
    riderBehindGlass: head !== undefined && hides(head.worldFromPart.position, BY_GLASS, HEAD_M),
    underRoof: closely && hasRoofOver(rig, worldFromCamera.position),
    throughGlass: glass.throughGlass,
    throughNearGlass: glass.throughNearGlass,
  };
};

/** What goes up in the picture goes down in the world by more than this: sine of 12°, so that a look straight down is still upright. */
const ON_ITS_HEAD = -0.2;

/** The most that a picture from a place could hold of the craft, whatever lens is aimed from there and however. */
export function mostSeenFrom(
  rig: PosedRig,
  from: Vec3,
): Pick<StanceFrame, 'endsInFrame' | 'lengthwise' | 'riderBehindGlass' | 'underRoof'> {
  const head = rig.byId.get('head');
  const hides = hidesFrom(rig, from);
  return {
    ...endsSeen(rig, from, () => true, hides),
    riderBehindGlass: head !== undefined && hides(head.worldFromPart.position, BY_GLASS, HEAD_M),
    underRoof: hasRoofOver(rig, from),
  };
}

function seenFrom(eyes: Pose, from: Vec3): StanceFrame['faceFrom'] {
  const at = transformPoint(invert(eyes), from);
  const [ahead, up, right] = normalize(at);
  return {
    upDeg: toDeg(Math.asin(clamp(up, -1, 1))),
    asideDeg: toDeg(Math.atan2(Math.abs(right), ahead)),
    awayM: length(at),
  };
}

/** How far one point lies ahead of another as the machine goes, metres. */
function aheadOf({ worldFromMachine: { rotation } }: PosedRig, from: Vec3, to: Vec3): number {
  return (to[0] - from[0]) * rotation[0]! + (to[1] - from[1]) * rotation[3]! + (to[2] - from[2]) * rotation[6]!;
}

/** An end is still seen when what stands before it does so this near to it, as a share of nose to tail and in metres at most: the end of a wing hides itself. */
const AT_THE_END = { share: 0.12, mostM: 0.4 } as const;
const nearAnEndM = (rig: PosedRig): number => Math.min(AT_THE_END.mostM, AT_THE_END.share * lengthOf(rig));

/** From nose to tail, metres. */
const lengthOf = (rig: PosedRig): number => distance(endsOf(rig)[0]!.point, endsOf(rig)[1]!.point);

/** A lens this near to an end of the craft, as a share of its length, stands at it: nobody misses that end in the picture. Estimate 0.1 to 0.25. */
const STANDS_AT_SHARE = 0.2;

/** Which ends of the craft the picture holds, and how it lies in it lengthwise. */
function endsSeen(
  rig: PosedRig,
  from: Vec3,
  holds: (point: Vec3) => boolean,
  hides: Hides,
): Pick<StanceFrame, 'endsInFrame' | 'lengthwise'> {
  const ends = endsOf(rig);
  const at = ends.map((end) => distance(from, end.point) < STANDS_AT_SHARE * lengthOf(rig));
  const held = ends.map(
    ({ point, about }, i) => at[i]! || (holds(point) && about.some((p) => holds(p) && !hides(p, BY_ANYTHING))),
  );
  const [toNose, toTail] = [subtract(ends[0]!.point, from), subtract(ends[1]!.point, from)];
  const spanDeg = toDeg(Math.acos(clamp(dot(normalize(toNose), normalize(toTail)), -1, 1)));
  return {
    endsInFrame: held.filter(Boolean).length / ends.length,
    lengthwise: { bothEnds: held[0]! && held[1]!, spanDeg: at[0]! || at[1]! ? null : spanDeg },
  };
}

/** Tells whether a point lies in a picture. */
function inFrame(lens: Lens, worldFromCamera: Pose): (point: Vec3) => boolean {
  const cameraFromWorld = invert(worldFromCamera);
  return (point) => {
    const pixel = projectDirectionToPixel(lens, transformPoint(cameraFromWorld, point));
    return pixel !== null && pixel.u >= 0 && pixel.u <= lens.widthPx && pixel.v >= 0 && pixel.v <= lens.heightPx;
  };
}

type Hiding = Pick<PosedRig['parts'][number], 'seeThrough' | 'group'>;
const HIDES_NOTHING = (): boolean => false;
const BY_ANYTHING = (): boolean => true;
const BY_SOLIDS = ({ seeThrough }: Hiding): boolean => !seeThrough;
const BY_GLASS = ({ seeThrough, group }: Hiding): boolean => seeThrough === true && group === 'machine';

/** Less high over the lens a roof or canopy shuts it in, metres. Common practice, no source. */
const ROOF_M = 1;

/** Whether a part of the machine lies over a place; sails and wings on lines do not. */
const hasRoofOver = ({ parts }: PosedRig, from: Vec3): boolean =>
  parts.some(({ group, aloft, mesh, worldFromPart }) => {
    if (group !== 'machine' || aloft) return false;
    const partFromWorld = inverseOf(worldFromPart);
    return castRay(mesh, transformPoint(partFromWorld, from), transformDirection(partFromWorld, UP), ROOF_M) !== null;
  });

/** Nearer than this to head, waist or hips no figure is seen whole, metres. Estimate 0.4 to 0.8. */
export const WHOLE_FROM_M = 0.6;

/** From the middle of a head to its skin, with a helmet on it, metres: a pane stands farther off. Estimate 0.1 to 0.18. */
const HEAD_M = 0.15;

/** Tells whether machine or people stand before a point, as seen from one place, and which of their parts may hide it. */
type Hides = (point: Vec3, by: (part: Hiding) => boolean, nearM?: number) => boolean;

function hidesFrom(rig: PosedRig, from: Vec3): Hides {
  const placed = rig.parts
    .filter(({ group }) => group !== 'subject' && group !== 'own')
    .map((part) => {
      const partFromWorld = inverseOf(part.worldFromPart);
      return { part, partFromWorld, origin: transformPoint(partFromWorld, from) };
    });
  const nearEndM = nearAnEndM(rig);
  return (point, by, nearM = nearEndM) => {
    const way = subtract(point, from);
    const far = length(way);
    const direction = scale(way, 1 / Math.max(far, 1e-9));
    return placed.some(
      ({ part, partFromWorld, origin }) =>
        by(part) && castRay(part.mesh, origin, transformDirection(partFromWorld, direction), far - nearM) !== null,
    );
  };
}

/** Rays across and down by which the share of glass is found: within about a tenth. */
const RAYS = { across: 5, down: 3 } as const;
/** Glass farther off than this is somebody else's. */
const GLASS_M = 4;

/** What lies on glass nearer than this stands before half the picture. Estimate 0.05 to 0.2 m. */
const NEAR_GLASS_M = 0.1;

type Glass = Pick<StanceFrame, 'throughGlass' | 'throughNearGlass'>;
const NO_GLASS: Glass = { throughGlass: 0, throughNearGlass: 0 };

function throughGlass({ parts }: PosedRig, lens: Lens, worldFromCamera: Pose): Glass {
  const glass = parts.filter((part) => part.seeThrough && part.group === 'machine');
  if (glass.length === 0) return NO_GLASS;
  const placed = glass.map(({ mesh, worldFromPart }) => {
    const partFromWorld = inverseOf(worldFromPart);
    return { mesh, partFromWorld, origin: transformPoint(partFromWorld, worldFromCamera.position) };
  });
  let [met, near, rays] = [0, 0, 0];
  for (let row = 0; row < RAYS.down; row++) {
    for (let column = 0; column < RAYS.across; column++) {
      const direction = unprojectPixelToDirection(lens, {
        u: ((column + 0.5) / RAYS.across) * lens.widthPx,
        v: ((row + 0.5) / RAYS.down) * lens.heightPx,
      });
      if (!direction) continue;
      rays++;
      const inWorld = transformDirection(worldFromCamera, direction);
      const atM = Math.min(
        ...placed.map(
          ({ mesh, partFromWorld, origin }) =>
            castRay(mesh, origin, transformDirection(partFromWorld, inWorld), GLASS_M)?.distanceM ?? Infinity,
        ),
      );
      if (atM < Infinity) met++;
      if (atM < NEAR_GLASS_M) near++;
    }
  }
  return rays > 0 ? { throughGlass: met / rays, throughNearGlass: near / rays } : NO_GLASS;
}
