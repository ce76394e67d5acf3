import { meshPoint } from '../../mathematics/geometry/mesh';
import { closestPoint } from '../../mathematics/geometry/closestPoint';
import { invert, transformPoint } from '../../mathematics/geometry/pose';
import type { PosedPart } from '../../words/carrier/posedPart';
import { distance, dot, subtract, type Vec3 } from '../../mathematics/geometry/vec3';
import { waterOn, type Water } from '../holding/loads/dips';
import { noTetherWithinM, tetherLimitM } from '../holding/tether/tether';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import { poseRig, type PosedRig } from '../../posing/rig/poseRig';
import { resolveRig } from '../../posing/lookup/resolveRig';
import type { RigSpec } from '../../words/rig/rigSpec';
import { isOthers } from '../../posing/rig/riderZone';
import type { RiderZone } from '../../posing/rig/riderZone';
import { spotZone } from '../../posing/rig/spotZone';
import { poseStrut, type StrutPose } from '../../posing/strut/kinematics';
import { ownParts } from '../../posing/strut/ownParts';
import { shelterIn } from '../../posing/scene/shelter';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import type { ResolvedSetUp } from '../../posing/strut/resolvedSetUp';
import type { SetUp } from '../../words/setUp/setUp';
import { bodyCorners } from '../../posing/strut/surfaceGap';
import type { RideConditions } from '../../words/ride/rideConditions';
import { armReach } from './armReach';
import { longPole, type LongPole } from './longPole';
import type { MachineDefinition } from '../../words/carrier/machine';
import { groundComesUp, type GroundComesUp } from './groundComesUp';
import { headPartIds } from './sweeps';
import { besideHeadM } from './besideHead';
import { liesOn, type LiesOn } from './liesOn';
import { headBurden } from './headBurden';
import { neckMinutes, type NeckMinutes } from './neckMinutes';
import { noticed, type Noticed } from './noticed';
import { onSpine } from './onSpine';
import { roomUnder, type RoomUnder } from './roomUnder';
import { ownPoints } from './ownPoints';
import { hiddenSight, levelEyes, type SightReport } from './sight';
import { approaches, nearestTurning, type Approach } from './strikes';
import { tetherReach, type TetherReach } from './tetherReach';
import { watchedHidden, watchedSights, type WatchedReport } from './watched';
import { waysOut, type WayOutReport } from './wayOut';

interface ClearQuestion {
  readonly rig: RigSpec;
  readonly setUp: SetUp;
  readonly actionStanceId: string;
  readonly ride: RideConditions;
}

/** In whose way camera and strut are. */
export interface ClearReport {
  readonly approaches: readonly Approach[];
  /** How far it stands over head and helmet, or over a cage or roof that stands higher, metres (negative = below); null where nobody rides. */
  readonly above: { readonly what: 'head' | 'machine'; readonly byM: number } | null;
  /** Farther to the side than the head is wide, metres; null where it is not on the head. */
  readonly besideHeadM: number | null;
  /** How high its top is over the ground; null on water and in the air. */
  readonly topM: number | null;
  /** Wider than rider and machine to the side, metres; negative = within. */
  readonly pastSidesM: number;
  /** From what it is worn on to the camera's body, metres; null where nobody wears it, or a hand holds it. */
  readonly standsOffM: number | null;
  /** How water meets it; null on land and in the air. */
  readonly water: Water | null;
  /** Least height over the ground in any stance, metres; null over water and in the air. */
  readonly overGroundM: number | null;
  /** How far the ground comes up there as the machine is ridden; null where nothing on it hangs low, and where it has no wheels. */
  readonly comesUp: GroundComesUp | null;
  /** A pole that reaches far; null where none does. */
  readonly longPole: LongPole | null;
  /** Under a canopy that is shut over it; null elsewhere. */
  readonly room: RoomUnder | null;
  /** The same where it is worn so low that plants catch it; null elsewhere. */
  readonly wornLowM: number | null;
  readonly sight: SightReport | null;
  /** Mirrors and instruments that the eyes see, with what is hidden of each; the most hidden first. Empty for what sits on the head: it goes along when the head turns to look. */
  readonly watched: readonly WatchedReport[];
  /** Distance from the nearer shoulder to the camera over the arm's length: within 1 it can be reached under way. */
  readonly reachShare: number | null;
  /** Ways out of a cockpit beside camera and strut; empty where nobody is shut in, or where the wearer takes it along. */
  readonly waysOut: readonly WayOutReport[];
  /** Whether its lamp is seen or its beep heard; null where nobody is on board. */
  readonly noticed: Noticed | null;
  /** Where somebody lies on it; null where nobody does, and where it is not worn. */
  readonly liesOn: LiesOn | null;
  /** Worn on the back, under the spine in a fall backward. */
  readonly onSpine: boolean;
  /** Why such a camera is not worn on a head at all; null where it is, and elsewhere. */
  readonly headBurden: string | null;
  /** How long a neck bears it; null where it is not on the head. */
  readonly neck: NeckMinutes | null;
  /** Nearest part that turns all the way round, and the longest tether beside it. */
  readonly turning: {
    readonly partName: string;
    readonly distanceM: number;
    /** Farther than this there is a tether that is short enough. */
    readonly neededM: number;
    readonly tetherM: number | null;
    /** What a short tie can go round, the nearest first. */
    readonly anchors: readonly string[];
  } | null;
  /** How far the tether that is named lets it get; null = none is. */
  readonly tethered: TetherReach | 'lost' | null;
}

/** Where there is ground to scrape on, and branches hang into the way: not on water, nor in the air. */
export const overLand = ({ world }: Pick<MachineDefinition, 'world'>): boolean => world !== 'water' && world !== 'air';

/** How far what is worn stands off the body: what sticks out catches, and is a lever in a fall. */
export const wornOffM = ({ base }: ResolvedSetUp, pose: StrutPose, worn: boolean): number | null =>
  worn && base.kind !== 'hand' ? distance(pose.worldFromSpot.position, pose.worldFromBody.position) : null;

/** Among plants is what is worn on a foot lower than this over the ground, metres. Common practice, no source. */
export const PLANTS_M = 0.6;

/** How high over the ground a foot wears it where plants catch it, metres; null where none do: in a car as little as on water. */
export const wornLow = (zone: RiderZone | null, machine: MachineDefinition, heightM: number): number | null =>
  zone === 'foot' && overLand(machine) && machine.family !== 'car' && heightM < PLANTS_M ? heightM : null;

/** What a hand holds is held out of the way; what is bolted on is not. */
export const underMachine = (
  { base, placed }: ResolvedSetUp,
  machine: MachineDefinition,
  action: PosedRig,
  camera: Vec3,
  ride: RideConditions,
): GroundComesUp | null =>
  overLand(machine) && base.kind !== 'hand' ? groundComesUp(machine, action, camera, placed.spot.partId, ride) : null;

export function clearReport({ rig, setUp, actionStanceId, ride }: ClearQuestion): ClearReport {
  const resolved = resolveSetUp(rig, setUp);
  const { machine } = resolveRig(rig);
  const setUpRig = poseRig(rig, SET_UP_STANCE_ID);
  const action = poseRig(rig, actionStanceId);
  const pose = poseStrut(resolved, setUpRig, action);
  const points = ownPoints(resolved, pose);
  const near = approaches(rig, resolved);
  const others = action.parts.filter((p) => p.group !== 'subject');
  const zone = spotZone(rig, resolved.placed.spot);
  const onHead = headPartIds(rig);
  const headTop = highest(action, (id) => /^(head|helmet)/.test(id));
  const top = Math.max(...points.map((p) => p[1]));
  const camera = pose.worldFromBody.position;
  // Between a cabin and what turns outside of it are its walls.
  const turning = shelterIn(rig, resolved, action, camera) === 'closed' ? null : nearestTurning(near);
  const heights = machine.stances
    .filter((s) => s.share > 0)
    .map(({ id }) => {
      const posed = poseRig(rig, id);
      const { point, normal } = posed.ground;
      return Math.min(
        ...ownPoints(resolved, poseStrut(resolved, setUpRig, posed)).map((p) => dot(subtract(p, point), normal)),
      );
    });
  const sides = Math.max(...others.map((p) => widest(action, p.id)));
  const massKg = resolved.camera.massKg.value + resolved.base.massKg.value + resolved.head.massKg.value;
  const { body } = action;
  return {
    approaches: near,
    above: headTop === null ? null : aboveAll(top, headTop, machineTopM(action)),
    besideHeadM: zone === 'head' ? besideHeadM(resolved, pose, action) : null,
    topM: overLand(machine) ? top - action.ground.point[1] : null,
    pastSidesM: Math.max(...points.map((p) => Math.abs(p[2]))) - sides,
    standsOffM: wornOffM(resolved, pose, zone !== null),
    water: waterOn(rig, resolved, ride),
    overGroundM: overLand(machine) ? Math.min(...heights) : null,
    comesUp: zone === null ? underMachine(resolved, machine, action, camera, ride) : null,
    longPole: longPole(resolved, machine, ride),
    room: zone === null ? roomUnder(rig, resolved, pose, action) : null,
    wornLowM: wornLow(zone, machine, Math.min(...heights)),
    sight:
      action.eyes && body
        ? hiddenSight(
            levelEyes(action.eyes, action.worldFromMachine),
            ownParts(resolved, pose),
            others.filter((p) => p.group === 'machine' && !p.seeThrough),
          )
        : null,
    watched:
      action.eyes && zone !== 'head'
        ? watchedHidden(action.eyes.position, sightsOf(action, onHead), ownParts(resolved, pose)).sort(
            (a, b) => b.hiddenShare - a.hiddenShare,
          )
        : [],
    reachShare: isOthers(resolved.placed.spot.partId) ? null : armReach(action, camera, rig.statureM),
    waysOut: zone === null ? waysOut(rig, action, resolved.placed.spot.partId, points) : [],
    noticed:
      body && action.eyes
        ? noticed(
            levelEyes(action.eyes, action.worldFromMachine),
            body.head.position,
            bodyCorners(resolved).map((corner) => transformPoint(pose.worldFromBody, corner)),
            others.filter(
              (p) => !p.seeThrough && p.id !== 'neck' && (zone === 'head' ? p.id !== 'head' : !onHead.has(p.id)),
            ),
            zone !== 'head',
          )
        : null,
    liesOn: zone === null || resolved.base.kind === 'hand' ? null : liesOn(rig, resolved),
    onSpine: onSpine(rig, resolved, pose, action),
    headBurden: zone === 'head' ? headBurden(resolved.camera) : null,
    neck: zone === 'head' && body ? neckMinutes(massKg, camera, body.neckBase, body.head.rotation) : null,
    tethered: tetherReach(rig, resolved),
    turning: turning && {
      partName: turning.partName,
      distanceM: turning.distanceM,
      neededM: noTetherWithinM(Math.max(...resolved.camera.bodyM)),
      tetherM: tetherLimitM(turning.distanceM, Math.max(...resolved.camera.bodyM)),
      anchors: anchorsNear(action, camera, turning.partId),
    },
  };
}

/** A tie of some centimetres round the camera reaches so far. Common practice: 20 to 40 mm of wire beside a loop round the body. */
const TIE_REACHES_M = 0.12;
/** What a wire or a cord goes round: tubes, rails, stays, cables. */
const TIED_TO: readonly PosedPart['tone'][] = ['frame', 'metal', 'rope'];

/** Names of what a short tie can go round, the nearest first. @param turningId what must not be tied to */
function anchorsNear({ parts }: PosedRig, camera: Vec3, turningId: string): readonly string[] {
  return parts
    .filter(
      (p) => p.group === 'machine' && p.id !== turningId && (p.bends === true || TIED_TO.includes(p.tone)) && !p.runs,
    )
    .flatMap(({ name, mesh, worldFromPart }) => {
      const near = closestPoint(mesh, transformPoint(invert(worldFromPart), camera), TIE_REACHES_M);
      return near ? [{ name, distanceM: near.distanceM }] : [];
    })
    .sort((a, b) => a.distanceM - b.distanceM)
    .map(({ name }) => name);
}

const sights = new WeakMap<PosedRig, ReturnType<typeof watchedSights>>();
function sightsOf(action: PosedRig, onHead: ReadonlySet<string>) {
  const known = sights.get(action);
  if (known) return known;
  const hiding = action.parts.filter((p) => p.group !== 'subject' && p.id !== 'neck' && !onHead.has(p.id));
  const made = watchedSights(action.eyes!.position, hiding);
  sights.set(action, made);
  return made;
}

/** Highest point of some parts, world frame; null where there is none. */
const aboveAll = (top: number, headTop: number, machineTop: number): NonNullable<ClearReport['above']> =>
  machineTop > headTop ? { what: 'machine', byM: top - machineTop } : { what: 'head', byM: top - headTop };

const tops = new WeakMap<PosedRig, number>();

/** Highest point of the machine itself, world y, sails and wings on lines left out; kept with the rig. */
export function machineTopM(rig: PosedRig): number {
  const known = tops.get(rig);
  if (known !== undefined) return known;
  const made = highest(rig, (id) => rig.byId.get(id)!.group === 'machine' && !rig.byId.get(id)!.aloft) ?? 0;
  tops.set(rig, made);
  return made;
}

function highest(rig: PosedRig, counts: (partId: string) => boolean): number | null {
  const parts = rig.parts.filter((p) => counts(p.id));
  if (parts.length === 0) return null;
  return Math.max(
    ...parts.flatMap((part) =>
      pointsOf(part.mesh.positions.length / 3, (i) => transformPoint(part.worldFromPart, meshPoint(part.mesh, i))[1]),
    ),
  );
}

function widest(rig: PosedRig, partId: string): number {
  const { mesh, worldFromPart } = rig.byId.get(partId)!;
  return Math.max(
    ...pointsOf(mesh.positions.length / 3, (i) => Math.abs(transformPoint(worldFromPart, meshPoint(mesh, i))[2])),
  );
}

/** Every third corner does for extents. */
const pointsOf = (count: number, of: (i: number) => number): number[] => {
  const values: number[] = [];
  for (let i = 0; i < count; i += 3) values.push(of(i));
  return values;
};
