import { keepLatest } from '../../../mathematics/caching/keepLatest';
import { meshBounds } from '../../../mathematics/geometry/mesh';
import { transformPoint } from '../../../mathematics/geometry/pose';
import { addScaled, distance, dot, mix, subtract, UP, type Vec3 } from '../../../mathematics/geometry/vec3';
import { armReach } from '../../../physics/clearance/armReach';
import { shelterIn, type Shelter } from '../../../posing/scene/shelter';
import { heardAt, levelAt, PANELS_DB, type Heard } from '../../../physics/lasting/sound';
import { EDDIES, windShare } from '../../../physics/lasting/windAt';
import { bodySegments } from '../../../posing/body/segments';
import { resolveRig } from '../../../posing/lookup/resolveRig';
import { HANDS, poseRig, type PosedRig } from '../../../posing/rig/poseRig';
import type { MachineDefinition } from '../../../words/carrier/machine';
import type { PosedPart } from '../../../words/carrier/posedPart';
import type { Start } from '../../../words/shot/use';
import type { ShotScene } from '../../scene/shotScene';

/** Who can get at it under way. */
export interface Reach {
  /** From the nearer shoulder to the camera over the length of that arm; infinite where nobody is on board. */
  readonly arms: number;
  /** Whether somebody else on board can. */
  readonly byOther: boolean;
  /** Whether the filmer drives or flies, and touches nothing under way. */
  readonly driving: boolean;
}

/** What a place is to who rides: in reach, out of the wind, near the mouth. */
export interface RiderFound {
  readonly reach: Reach;
  readonly start: Start;
  readonly shelter: Shelter;
  /** Air past the camera, m/s. */
  readonly airMps: number;
  /** Null where nobody is on board. */
  readonly mouth: Vec3 | null;
  readonly sound: Heard;
  /** Whether foam sits on the camera's own microphone. */
  readonly foam: boolean;
  /** Share of the time, as this carrier is usually ridden, for which the hand that carries the camera holds something else; 0 for other places. */
  readonly handBusy: number;
}

const busy = keepLatest<number>(40);

/** However this one shot is ridden: what else the hand has to do does not go away by it. */
function handBusyOf({ question: { rig }, resolved: { placed } }: ShotScene): number {
  const { partId } = placed.spot;
  if (partId !== HANDS.left && partId !== HANDS.right) return 0;
  const usual = { ...rig, stanceShares: undefined, ownKit: undefined, ownSpots: undefined };
  return busy(JSON.stringify([usual, partId]), () => {
    const { stances } = resolveRig(usual).machine;
    return stances.reduce((sum, { id, share }) => sum + (poseRig(usual, id).holds.includes(partId) ? share : 0), 0);
  });
}

function reachOf({ carrier, pose, question, machine }: ShotScene): Reach {
  const { rig } = carrier.ridden[0]!;
  const camera = pose.worldFromCamera.position;
  const arm = bodySegments(question.rig.statureM);
  const armM = arm.upperArmM + arm.forearmM + arm.handM;
  const arms = armReach(rig, camera, question.rig.statureM) ?? Infinity;
  const byOther = rig.parts.some(
    (part) => /^(second|third|fourth)\.upperArm/.test(part.id) && distance(part.worldFromPart.position, camera) < armM,
  );
  return { arms, byOther, driving: machine.family === 'car' || machine.family === 'aircraft' };
}

/** Within reach in the riding stance. */
export const IN_REACH = 1;

const startOf = ({ question: { use } }: ShotScene, { arms, driving }: Reach): Start =>
  use?.start ?? (arms <= IN_REACH && !driving ? 'button' : 'running');

const middles = new WeakMap<PosedPart, Vec3>();

/** Middle of a part's box; each found once, for thousands of cameras. */
function middleOf(part: PosedPart): Vec3 {
  const known = middles.get(part);
  if (known) return known;
  const { min, max } = meshBounds(part.mesh);
  const middle = transformPoint(part.worldFromPart, mix(min, max, 0.5));
  middles.set(part, middle);
  return middle;
}

/** Level of the engine at a place; null where there is none. */
function engineDbAt({ noise }: MachineDefinition, rig: PosedRig, at: Vec3, closed: boolean): number | null {
  if (!noise) return null;
  const part = rig.byId.get(noise.partId);
  if (!part) return null;
  if (closed) return noise.insideDb?.value ?? noise.db1m.value - PANELS_DB;
  return levelAt(noise.db1m.value, Math.max(0.3, distance(middleOf(part), at)));
}

const MOUTH: Vec3 = [0.1, -0.07, 0];
const FARTHEST_M = 100;

/** From the mouth down to a microphone at the collar, metres; and what of the wind comes there. Estimates. */
const COLLAR = { belowM: 0.18, windShare: 0.25 } as const;

/** @param rough as in the first pass of a search: nothing upwind is looked for */
export function riderFound(scene: ShotScene, rough: boolean): RiderFound {
  const { ride, resolved, pose, carrier, machine, question, ask } = scene;
  const { rig } = carrier.ridden[0]!;
  const use = question.use ?? {};
  const at = pose.worldFromCamera.position;
  const reach = reachOf(scene);
  const shelter = shelterIn(question.rig, resolved, rig, at);
  const closed = shelter === 'closed';
  const openMps = ride.speedMps + ride.windMps;
  const share = (): number => (rough ? (shelter === 'open' ? 1 : EDDIES) : windShare(rig, at));
  const airMps = closed ? 0 : openMps * share();
  const mouth = rig.body ? transformPoint(rig.body.head, MOUTH) : null;
  const foam = use.foam ?? ask.talking;
  const recorder = (use.recorder ?? false) && mouth !== null;
  // A recorder in the pocket hears through a microphone at the collar, out of the wind.
  const hears = recorder ? addScaled(mouth, UP, -COLLAR.belowM) : at;
  const sound = heardAt({
    mouthM: recorder ? COLLAR.belowM : mouth ? distance(mouth, at) : null,
    helmetClosed: resolveRig(question.rig).worn.some((w) => w.closesMouth),
    muffledDb: recorder ? 0 : (resolved.camera.housing?.mufflesDb.value ?? 0),
    airMps: recorder ? openMps * COLLAR.windShare : airMps,
    outsideMps: openMps,
    foam: recorder || foam,
    engineDb: engineDbAt(machine, rig, hears, closed),
    speedMps: machine.world === 'air' ? 0 : ride.speedMps,
    fromGroundM: Math.min(FARTHEST_M, Math.max(0.1, dot(subtract(at, rig.ground.point), rig.ground.normal))),
    closed,
  });
  return {
    reach,
    start: startOf(scene, reach),
    shelter,
    airMps,
    mouth,
    sound,
    foam: foam && !recorder,
    handBusy: handBusyOf(scene),
  };
}
