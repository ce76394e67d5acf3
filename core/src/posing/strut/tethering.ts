import { keepLatest } from '../../mathematics/caching/keepLatest';
import { closestPoint } from '../../mathematics/geometry/closestPoint';
import { tube } from '../../mathematics/geometry/build/tube';
import type { Mesh } from '../../mathematics/geometry/mesh';
import { IDENTITY_POSE, invert, transformPoint } from '../../mathematics/geometry/pose';
import { addScaled, distance, mix, UP, type Vec3 } from '../../mathematics/geometry/vec3';
import type { PosedPart } from '../../words/carrier/posedPart';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import type { TetherDefinition } from '../../words/kit/tether';
import type { RigSpec } from '../../words/rig/rigSpec';
import type { TetherUse } from '../../words/setUp/setUp';
import { FOOT_M } from '../building/cameraMesh';
import { kitWith } from '../lookup/kit';
import { resolveRig } from '../lookup/resolveRig';
import { poseRig, type PosedRig } from '../rig/poseRig';
import { spotZone } from '../rig/spotZone';
import { baseRefusal } from './baseRefusal';
import { poseStrut, type StrutPose } from './kinematics';
import type { ResolvedSetUp, ResolvedTether } from './resolvedSetUp';

/** A tether as it hangs in a stance, world frame. */
export interface StandingTether {
  /** Round the camera, behind its middle. */
  readonly from: Vec3;
  readonly to: Vec3;
  /** So much too short in this stance, metres; 0 or less where it reaches. */
  readonly lacksM: number;
}

/** The pad with a ring is stuck on so far behind the base, and its ring stands so far off the surface. Estimate 40 to 80 mm, 5 to 10 mm. */
const PAD_BEHIND_M = 0.06;
const RING_M = 0.006;
const PAD_NAME = 'stick-on pad with a ring';
/** Anchors farther away than this keep nothing close. Metres. */
const WITHIN_M = 0.6;
/** Slack beyond the straight way, so that the camera can still be tilted. Metres. */
const SLACK_M = 0.03;

/** What a cord or a wire goes round: tubes, rails, stays, straps, cables. */
const TIED_TO: readonly PosedPart['tone'][] = ['frame', 'metal', 'rope', 'strap'];
/** Ids of what turns all the way round: nothing is tied to it. */
function wholeTurns(rig: RigSpec): ReadonlySet<string> {
  const { machine, fit } = resolveRig(rig);
  const moving = machine.moving(fit);
  return new Set(
    moving
      .filter(({ kind, low, high, steered }) => kind === 'turn' && high - low >= 360 && !steered)
      .map(({ id }) => id),
  );
}

const canBeTiedTo = ({ group, tone, bends, runs, id }: PosedPart): boolean =>
  group === 'machine' && !runs && id !== 'exhaust' && (bends === true || TIED_TO.includes(tone));

/** What holds a tether where no part does. */
type OwnAnchor = 'pad' | 'strap' | 'wrist';

/** On whoever wears it, what it is worn by; in a hand, the wrist; elsewhere a pad that is stuck on beside the base. Nothing goes round a neck. */
function ownAnchor(rig: RigSpec, { base, placed }: Pick<ResolvedSetUp, 'base' | 'placed'>): OwnAnchor | null {
  if (base.kind === 'hand') return 'wrist';
  const worn = spotZone(rig, placed.spot) !== null;
  if (worn && (base.kind === 'harness' || base.kind === 'strap')) return 'strap';
  const sticks = kitWith(rig.ownKit).bases.some(
    (other) => other.kind === 'adhesive' && baseRefusal(other, placed.spot.surface) === null,
  );
  return sticks ? 'pad' : null;
}

const ownAnchorName = (anchor: OwnAnchor, { base }: Pick<ResolvedSetUp, 'base'>): string =>
  anchor === 'wrist' ? 'wrist' : anchor === 'strap' ? `strap of the ${base.name.toLowerCase()}` : PAD_NAME;

const roundCamera = ({ camera }: Pick<ResolvedSetUp, 'camera'>, { worldFromBody }: Pick<StrutPose, 'worldFromBody'>) =>
  transformPoint(worldFromBody, [-camera.bodyM[0] / 2, FOOT_M + camera.bodyM[1] / 2, 0]);

/** Where the tether of a set-up is tied: nearest to the camera as it is set up. */
export function anchorOf(
  rig: RigSpec,
  resolved: Omit<ResolvedSetUp, 'tether'>,
  { partId }: TetherUse,
): ResolvedTether['anchor'] {
  if (partId === undefined) {
    const { spot, partFromSpot } = resolved.placed;
    const own = ownAnchor(rig, resolved);
    // A pad that does not stick on what the base is clamped to holds nothing.
    if (!own) return null;
    return {
      partId: spot.partId,
      name: ownAnchorName(own, resolved),
      ...(own === 'pad' ? { stuckOn: true } : {}),
      point: transformPoint(partFromSpot, [-PAD_BEHIND_M, RING_M, 0]),
    };
  }
  const posed = poseRig(rig, SET_UP_STANCE_ID);
  const part = posed.byId.get(partId);
  if (!part) return null;
  const from = roundCamera(resolved, poseStrut({ ...resolved, tether: null }, posed, posed));
  const near = closestPoint(part.mesh, transformPoint(invert(part.worldFromPart), from));
  return near && { partId, name: part.name, point: near.point };
}

/** The tether of a set-up in one stance; null where none is named, or where what it was tied to is not there. */
export function standingTether(resolved: ResolvedSetUp, pose: StrutPose, rig: PosedRig): StandingTether | null {
  const { tether } = resolved;
  const part = tether?.anchor && rig.byId.get(tether.anchor.partId);
  if (!tether?.anchor || !part) return null;
  const from = roundCamera(resolved, pose);
  const to = transformPoint(part.worldFromPart, tether.anchor.point);
  return { from, to, lacksM: distance(from, to) - tether.use.lengthM };
}

const meshes = keepLatest<Mesh>(64);

/** A bow between two ends that hangs so far below the straight line in its middle. */
const bow = (from: Vec3, to: Vec3, sagM: number): readonly Vec3[] =>
  Array.from({ length: 13 }, (_, i) => {
    const t = i / 12;
    return addScaled(mix(from, to, t), UP, -4 * sagM * t * (1 - t));
  });
const lengthOf = (path: readonly Vec3[]): number =>
  path.slice(1).reduce((sum, point, i) => sum + distance(point, path[i]!), 0);

/** As it hangs: a parabola of its length between the two ends, straight where it is drawn tight. World frame. */
export function tetherPath({ use }: ResolvedTether, { from, to, lacksM }: StandingTether): readonly Vec3[] {
  if (lacksM >= 0) return bow(from, to, 0);
  // Half its length down is more than any bow of it can hang.
  let [low, high] = [0, use.lengthM / 2];
  for (let i = 0; i < 24; i++) {
    const sagM = (low + high) / 2;
    if (lengthOf(bow(from, to, sagM)) < use.lengthM) low = sagM;
    else high = sagM;
  }
  return bow(from, to, low);
}

function tetherMesh(tether: ResolvedTether, standing: StandingTether): Mesh {
  const { definition, use } = tether;
  const ends = [...standing.from, ...standing.to].map((v) => v.toFixed(4)).join(' ');
  return meshes(`${definition.id} ${use.lengthM} ${ends}`, () =>
    tube(tetherPath(tether, standing), { radiusM: definition.radiusM, segments: 8 }),
  );
}

/** What is seen of it, in one stance. */
export function tetherParts(resolved: ResolvedSetUp, pose: StrutPose, rig: PosedRig): readonly PosedPart[] {
  const standing = standingTether(resolved, pose, rig);
  if (!standing) return [];
  const mesh = tetherMesh(resolved.tether!, standing);
  return [{ id: 'ownTether', name: 'tether', group: 'own', tone: 'rope', mesh, worldFromPart: IDENTITY_POSE }];
}

/** Something that a tether can go to. */
export interface TetherAnchor {
  /** None = what holds it beside the base: a pad, a strap, the wrist. */
  readonly partId?: string;
  readonly name: string;
  readonly farM: number;
}

/** What is near enough to tie to, the nearest first; what holds it beside the base comes last. What is worn is tied to what is worn alone. */
export function tetherAnchors(rig: RigSpec, resolved: ResolvedSetUp): readonly TetherAnchor[] {
  const posed = poseRig(rig, SET_UP_STANCE_ID);
  const turns = wholeTurns(rig);
  const pose = poseStrut(resolved, posed, posed);
  const from = roundCamera(resolved, pose);
  const worn = spotZone(rig, resolved.placed.spot) !== null;
  const parts = posed.parts
    .filter((part) => !worn && canBeTiedTo(part) && !(part.on !== undefined && turns.has(part.on)))
    .flatMap(({ id, name, mesh, worldFromPart }): TetherAnchor[] => {
      const near = closestPoint(mesh, transformPoint(invert(worldFromPart), from), WITHIN_M);
      return near ? [{ partId: id, name, farM: near.distanceM }] : [];
    })
    .sort((a, b) => a.farM - b.farM);
  const own = ownAnchor(rig, resolved);
  const beside = transformPoint(pose.worldFromSpot, [-PAD_BEHIND_M, RING_M, 0]);
  return own ? [...parts, { name: ownAnchorName(own, resolved), farM: distance(from, beside) }] : parts;
}

/** As long as it has to be, in whole centimetres within what there is; with some slack. */
export const tetherLengthM = ({ lengthM: { low, high } }: TetherDefinition, { farM }: TetherAnchor): number =>
  Math.min(high, Math.max(low, Math.ceil((farM + SLACK_M) * 100) / 100));
