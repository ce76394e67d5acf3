import { compose, invert, transformPoint, type Pose } from '../../mathematics/geometry/pose';
import { sameFor } from '../../mathematics/caching/sameFor';
import { closestPoint } from '../../mathematics/geometry/closestPoint';
import { meshBounds } from '../../mathematics/geometry/mesh';
import { add, distance, scale, subtract, type Vec3 } from '../../mathematics/geometry/vec3';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import { poseRig, type PosedRig } from '../../posing/rig/poseRig';
import { resolveRig } from '../../posing/lookup/resolveRig';
import type { RigSpec } from '../../words/rig/rigSpec';
import type { PosedPart, Tone } from '../../words/carrier/posedPart';
import { poseStrut } from '../../posing/strut/kinematics';
import type { ResolvedSetUp } from '../../posing/strut/resolvedSetUp';
import { movingAgainst } from '../../posing/rig/movingAgainst';
import { ownPoints } from './ownPoints';
import type { Sweep } from '../../posing/rig/sweep';
import { sweepsOf } from './sweeps';

// Hot enough that looking up Math each time counts.
const { sqrt } = Math;

/** How near something that moves comes to camera and strut. */
export interface Approach {
  readonly partId: string;
  readonly partName: string;
  readonly distanceM: number;
  /** Between these two points, world frame of the stance. */
  readonly from: Vec3;
  readonly to: Vec3;
  readonly stanceId: string;
  readonly stanceName: string;
  /** What moves over its range and how, where it is not the stance alone that brings it near; with the way of the point that comes nearest. */
  readonly sweeping: {
    readonly name: string;
    readonly verb: string;
    readonly path: readonly Vec3[];
    readonly own: Sweep['own'];
  } | null;
  /** Turns all the way round: a wheel, a propeller, a rotor. */
  readonly turns: boolean;
  /** Gives way: cloth, skin, a cable. */
  readonly soft: boolean;
}

const SOFT_TONES: readonly Tone[] = ['jersey', 'trousers', 'glove', 'skin', 'strap', 'sail', 'rope'];

/** Whether a part gives way when it is met. */
export const isSoft = ({ bends, tone }: PosedPart): boolean => bends === true || SOFT_TONES.includes(tone);

/** Farther apart than this nothing is looked at more closely. */
const NEAR_M = 0.6;

/**
 * Closest distance of camera and strut to every part that moves against what they sit on: over all stances, and over the range of what
 * turns or slides on the machine and of the rider's head, from the set-up stance. Parts that move along are left out: what sits there was seen when it was put
 * on. Nearest first.
 */
export function approaches(rig: RigSpec, resolved: ResolvedSetUp): readonly Approach[] {
  const { machine } = resolveRig(rig);
  const setUpRig = poseRig(rig, SET_UP_STANCE_ID);
  const { partId } = resolved.placed.spot;
  const stances = machine.stances.filter((s) => s.share > 0);
  const posed = stances.map((stance) => ({ stance, rig: poseRig(rig, stance.id) }));
  const moving = movingAgainst(
    setUpRig,
    posed.map((p) => p.rig),
    partId,
  );
  const best = new Map<string, Approach>();
  /** What came nearer in another stance is not looked for again. */
  const known: Known = (partId, sweep) => best.get(keyOf(partId, sweep))?.distanceM ?? NEAR_M;
  const keep = (approach: Approach) => best.set(keyOf(approach.partId, approach.sweeping), approach);
  for (const { stance, rig: r } of posed) inStance(resolved, setUpRig, r, stance.name, moving, known).forEach(keep);
  const poseIn = sameFor((at: PosedRig) => poseStrut(resolved, setUpRig, at));
  const [some, all] = [false, true].map((lying) => sameFor((at: PosedRig) => ownPoints(resolved, poseIn(at), lying)));
  for (const sweep of sweepsOf(rig, setUpRig, partId)) {
    // The base counts against what turns: a tether begins there, and a wheel does not give way to what is strapped beside it.
    const points = (sweep.wholeTurn ? all : some)!(sweep.rig);
    swept(sweep, resolved, points, known).forEach(keep);
  }
  return [...best.values()].sort((a, b) => a.distanceM - b.distanceM);
}

/** How near a part is known to come, by itself or by a movement: only what comes nearer counts. Metres. */
type Known = (partId: string, sweep: Pick<Sweep, 'name' | 'verb'> | null) => number;

/** What the filmer can help is kept beside what nobody can, and each movement of a part beside its others: a fork that slides does not hide its wheel that turns. */
const keyOf = (partId: string, sweep: Pick<Sweep, 'name' | 'verb'> | null): string =>
  `${partId} ${sweep?.name ?? ''} ${sweep?.verb ?? ''}`;

/** In both hands it is held by the other one as well, and is not struck by it. */
const heldToo = ({ placed }: ResolvedSetUp): readonly string[] =>
  placed.spot.surface.shape === 'hands' ? OTHER_ARM : NOTHING;
const OTHER_ARM = ['handLeft', 'forearmLeft'];
const NOTHING: readonly string[] = [];

/** What comes nearer than is known to camera and strut in one stance. @param moving ids of what moves against what they sit on */
function inStance(
  resolved: ResolvedSetUp,
  setUpRig: PosedRig,
  rig: PosedRig,
  stanceName: string,
  moving: ReadonlySet<string>,
  known: Known,
): Approach[] {
  const points = ownPoints(resolved, poseStrut(resolved, setUpRig, rig));
  const held = heldToo(resolved);
  return rig.parts.flatMap((part): Approach[] => {
    const near =
      moving.has(part.id) && !held.includes(part.id) && nearest(points, part, part.worldFromPart, known(part.id, null));
    return near
      ? [
          {
            ...near,
            partId: part.id,
            partName: part.name,
            stanceId: rig.stanceId,
            stanceName,
            sweeping: null,
            turns: false,
            soft: isSoft(part),
          },
        ]
      : [];
  });
}

/** What strikes camera or strut in some stances, one by one and without the sweeps between them: cheap, for a search. */
export function* strikeInStances(
  resolved: ResolvedSetUp,
  setUpRig: PosedRig,
  stances: readonly { readonly name: string; readonly rig: PosedRig }[],
  limitM: number,
): Generator<Approach> {
  const moving = movingAgainst(
    setUpRig,
    stances.map((s) => s.rig),
    resolved.placed.spot.partId,
  );
  for (const { name, rig } of stances) yield* inStance(resolved, setUpRig, rig, name, moving, () => limitM);
}

/**
 * A sweep from its stance. What hangs on the moving thing goes along, and is then held against all that stays; a wheel that carries it is
 * left out.
 */
function swept(sweep: Sweep, resolved: ResolvedSetUp, points: readonly Vec3[], known: Known): Approach[] {
  const carrier = sweep.rig.byId.get(resolved.placed.spot.partId)!;
  const goesAlong = sweep.moves(carrier);
  if (goesAlong && sweep.wholeTurn) return [];
  const held = heldToo(resolved);
  const carried = goesAlong
    ? sweep.steps.map((step) => {
        const moved = step(carrier);
        return points.map((point) => transformPoint(moved, point));
      })
    : null;
  return sweep.rig.parts
    .filter(
      (p) =>
        p.group !== 'subject' &&
        !p.bends &&
        p.id !== carrier.id &&
        !held.includes(p.id) &&
        sweep.moves(p) !== goesAlong,
    )
    .filter((p) => !goesAlong || !sweep.yields(p))
    .flatMap((p): Approach[] => {
      let found: Approach | null = null;
      for (const [i, step] of sweep.steps.entries()) {
        const moved = carried?.[i] ?? points;
        const worldFromPart = goesAlong ? p.worldFromPart : compose(step(p), p.worldFromPart);
        const near = nearest(moved, p, worldFromPart, found?.distanceM ?? known(p.id, sweep));
        if (!near) continue;
        found = {
          ...near,
          partId: p.id,
          partName: p.name,
          stanceId: sweep.rig.stanceId,
          stanceName: sweep.stanceName,
          sweeping: {
            name: sweep.name,
            verb: sweep.verb,
            path: pathOf(sweep, i, goesAlong ? carrier : p, goesAlong ? near.from : near.to),
            own: sweep.own,
          },
          turns: sweep.wholeTurn,
          soft: isSoft(p),
        };
      }
      return found ? [found] : [];
    });
}

/** The way that the point goes which comes nearest, given the part it is on and where it is at that step. */
const pathOf = ({ steps }: Sweep, at: number, part: PosedPart, point: Vec3): readonly Vec3[] => {
  const start = transformPoint(invert(steps[at]!(part)), point);
  return steps.map((step) => transformPoint(step(part), start));
};

/** Nearest of some points to a part where it is; null where none comes nearer than the limit. */
function nearest(
  points: readonly Vec3[],
  { mesh }: PosedPart,
  worldFromPart: Pose,
  limitM = NEAR_M,
): { distanceM: number; from: Vec3; to: Vec3 } | null {
  const partFromWorld = invert(worldFromPart);
  const { min, max } = meshBounds(mesh);
  const { centre, radiusM, outermost } = ballRound(points);
  const localCentre = transformPoint(partFromWorld, centre);
  if (outside(localCentre, min, max) > radiusM + limitM) return null;
  const ofCentre = closestPoint(mesh, localCentre, radiusM + limitM);
  if (!ofCentre) return null;
  let best: { distanceM: number; from: Vec3; to: Vec3 } | null = null;
  const leastM = () => best?.distanceM ?? limitM;
  const look = (point: Vec3) => {
    const limit = leastM();
    const local = transformPoint(partFromWorld, point);
    if (outside(local, min, max) > limit) return;
    const near = closestPoint(mesh, local, limit);
    if (near) best = { distanceM: near.distanceM, from: point, to: transformPoint(worldFromPart, near.point) };
  };
  // The one farthest toward the part is mostly the nearest: the others are then soon done with.
  look(farthestToward(outermost, centre, transformPoint(worldFromPart, ofCentre.point)));
  for (const { point, fromCentreM } of outermost) {
    // No point is nearer to the part than the centre is, less its own way from the centre; those that follow have less.
    if (ofCentre.distanceM - fromCentreM >= leastM()) break;
    look(point);
  }
  return best;
}

/** Distance of a point from a box; 0 inside. */
function outside(p: Vec3, min: Vec3, max: Vec3): number {
  let sum = 0;
  for (let k = 0; k < 3; k++) {
    const out = max0(min[k]! - p[k]!, p[k]! - max[k]!);
    sum += out * out;
  }
  return sqrt(sum);
}

/** Of some points the one that lies farthest from a centre toward somewhere. */
function farthestToward(points: Ball['outermost'], centre: Vec3, to: Vec3): Vec3 {
  const [x, y, z] = subtract(to, centre);
  let best = points[0]!.point;
  let farthest = -Infinity;
  for (const { point } of points) {
    const along = point[0] * x + point[1] * y + point[2] * z;
    if (along > farthest) [best, farthest] = [point, along];
  }
  return best;
}

const max0 = (a: number, b: number): number => (a > b ? (a > 0 ? a : 0) : b > 0 ? b : 0);

interface Ball {
  readonly centre: Vec3;
  readonly radiusM: number;
  /** The points, farthest from the centre first. */
  readonly outermost: readonly { readonly point: Vec3; readonly fromCentreM: number }[];
}

const balls = new WeakMap<readonly Vec3[], Ball>();

function ballRound(points: readonly Vec3[]): Ball {
  const known = balls.get(points);
  if (known) return known;
  const centre = scale(points.reduce<Vec3>(add, [0, 0, 0]), 1 / points.length);
  const outermost = points
    .map((point) => ({ point, fromCentreM: distance(point, centre) }))
    .sort((a, b) => b.fromCentreM - a.fromCentreM);
  const ball = { centre, radiusM: outermost[0]!.fromCentreM, outermost };
  balls.set(points, ball);
  return ball;
}

/** Nearest part that turns all the way round, at whatever distance within the search; for the tether. */
export const nearestTurning = (all: readonly Approach[]): Approach | null => all.find((a) => a.turns) ?? null;
