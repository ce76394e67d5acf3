import { transformPoint } from '../../../mathematics/geometry/pose';
import { inverseRotation, rotate } from '../../../mathematics/geometry/rotation';
import {
  add,
  addScaled,
  cross,
  dot,
  mix,
  normalize,
  ORIGIN,
  scale,
  subtract,
  UP,
  type Vec3,
} from '../../../mathematics/geometry/vec3';
import { SET_UP_STANCE_ID } from '../../../words/carrier/stance';
import type { CarrierFamily } from '../../../words/carrier/machine';
import { fastestPace } from '../../../posing/lookup/pace';
import { poseRig } from '../../../posing/rig/poseRig';
import { resolveRig } from '../../../posing/lookup/resolveRig';
import type { RigSpec } from '../../../words/rig/rigSpec';
import { armName, standingArms } from '../../../posing/strut/furtherArms';
import { besideAreaM2, besideAt, besideKg } from '../../../posing/strut/besideDevice';
import { chainJoints, poseStrut, type StrutPose } from '../../../posing/strut/kinematics';
import { cameraMiddle } from '../../stiffness/armFrame';
import { shelteredIn } from '../../../posing/scene/shelter';
import type { ResolvedSetUp } from '../../../posing/strut/resolvedSetUp';
import type { RideConditions } from '../../../words/ride/rideConditions';
import type { BaseKind } from '../../../words/carrier/surface';
import type { BaseDefinition } from '../../../words/kit/base';
import { DRAG, dragN, standardAir, WATER_KG_M3 } from './atmosphere';
import { waterOn } from './dips';

const G = 9.80665;

/** A piece of the strut with its weight and what meets the wind. World frame, riding stance. */
export interface LoadedPiece {
  readonly name: string;
  readonly at: Vec3;
  readonly massKg: number;
  /** C_d·A, m². */
  readonly dragAreaM2: number;
}

/** What a piece of the chain must pass on to the next. */
export interface Interface {
  readonly id: 'surface' | 'joint' | 'lock' | 'head';
  readonly name: string;
  readonly at: Vec3;
  /** Link that begins here; null at the surface and the head. */
  readonly link: number | null;
  /** Unit direction of that link away from the surface, world frame. */
  readonly along: Vec3 | null;
  /** Pieces beyond it, by index. */
  readonly beyond: readonly number[];
}

/** The envelope that loads are searched over. */
export interface LoadEnvelope {
  /** Air past the strut: own speed and wind, m/s; 0 where it is sheltered. */
  readonly airMps: number;
  readonly airKgM3: number;
  readonly pressurePa: number;
  /** Water past it where it dips, m/s; 0 where it does not. */
  readonly waterMps: number;
  /** Share of the camera that is under water then. */
  readonly wetShare: number;
  /** Acceleration in any direction: shaking, manoeuvre, landing; m/s². */
  readonly accelerationMS2: number;
  readonly sheltered: boolean;
}

/** Force and moment at an interface, both on what lies beyond it. */
export interface Load {
  readonly force: Vec3;
  readonly moment: Vec3;
}

/** Turning and braking as hard as the carrier goes, in g. Estimates 0.6 to 1.6 times. */
const MANOEUVRE_G: Readonly<Record<CarrierFamily, number>> = {
  board: 0.8,
  bike: 0.8,
  car: 0.9,
  boat: 0.7,
  aircraft: 1.5,
  beside: 0.1,
  own: 0.8,
};
/** Share of a hand-held camera's shaking that its arm does not take up. Estimate 0.1 to 0.5. */
const ARM_PASSES = 0.25;
/** Ridden over the ground that is told, seconds, unless the shot says how long: half or three times of it change the peak by a fortieth. */
const USUALLY_RIDDEN_S = 3600;

/** Highest peak to be expected of a shaking in a time, in standard deviations: √(2 ln f₀T) (Davenport 1964). @param shakeHz cycles a second */
export const peakOfRms = (shakeHz: number, seconds = USUALLY_RIDDEN_S): number =>
  Math.sqrt(2 * Math.log(Math.max(Math.E, shakeHz * seconds)));

/** Pieces of the first arm and the camera where they are in a stance; the joint and the camera are the last two. */
export function loadedPieces(resolved: ResolvedSetUp, pose: StrutPose): readonly LoadedPiece[] {
  const { base, links, head, camera } = resolved;
  const joints = chainJoints(resolved).map((joint) => transformPoint(pose.worldFromSpot, joint));
  const end = joints[joints.length - 1]!;
  const [depth, height, width] = camera.bodyM;
  const middle = cameraMiddle(resolved, pose);
  const beside = besideKg(resolved);
  const baseAt = mix(joints[0]!, joints[1]!, 0.5);
  const widest = Math.max(depth * height, height * width, depth * width);
  return [
    {
      name: base.name.toLowerCase(),
      at: mix(baseAt, transformPoint(pose.worldFromSpot, besideAt(resolved)), beside / (beside + base.massKg.value)),
      massKg: base.massKg.value + beside,
      dragAreaM2: DRAG.cylinder * base.heightM.value * 0.03 + DRAG.cube * besideAreaM2(beside),
    },
    ...links.map(({ use, definition }, i) => ({
      name: definition.name.toLowerCase(),
      at: mix(joints[i + 1]!, joints[i + 2]!, 0.5),
      massKg: definition.massKg.value,
      dragAreaM2: DRAG.cylinder * use.lengthM * 2 * definition.radiusM,
    })),
    { name: head.name.toLowerCase(), at: end, massKg: head.massKg.value, dragAreaM2: 0 },
    { name: camera.name.toLowerCase(), at: middle, massKg: camera.massKg.value, dragAreaM2: DRAG.cube * widest },
  ];
}

/** Base and bar of each further arm where they are in a stance. */
export const furtherPieces = (resolved: ResolvedSetUp, pose: StrutPose): readonly (readonly LoadedPiece[])[] =>
  standingArms(resolved, pose).map(({ arm, from, to, lengthM, worldFromBase }, i) => [
    {
      name: `${armName(i)}’s ${arm.base.name.toLowerCase()}`,
      at: mix(worldFromBase.position, from, 0.5),
      massKg: arm.base.massKg.value + resolved.head.massKg.value,
      dragAreaM2: DRAG.cylinder * arm.base.heightM.value * 0.03,
    },
    {
      name: armName(i),
      at: mix(from, to, 0.5),
      massKg: arm.link.massKg.value,
      dragAreaM2: DRAG.cylinder * lengthM * 2 * arm.link.radiusM,
    },
  ]);

/** Where a base has its hold, in words. */
const heldOn = ({ kind }: BaseDefinition): string =>
  (({ bite: 'between the teeth', hand: 'in the hand', harness: 'on the body' }) as Partial<Record<BaseKind, string>>)[
    kind
  ] ?? 'on the surface';

/** Where one piece hands its load to the next, from the surface outward. */
export function interfacesOf(resolved: ResolvedSetUp, pose: StrutPose): readonly Interface[] {
  const joints = chainJoints(resolved).map((joint) => transformPoint(pose.worldFromSpot, joint));
  const count = resolved.links.length + 3;
  const from = (first: number) => Array.from({ length: count - first }, (_, i) => first + i);
  return [
    {
      id: 'surface',
      name: `${resolved.base.name.toLowerCase()} ${heldOn(resolved.base)}`,
      at: joints[0]!,
      link: null,
      along: null,
      beyond: from(0),
    },
    ...resolved.links.map(({ definition }, i) => {
      // No joint where a pole is held as a whole, but its sections still slide.
      const asOne = i === 0 && definition.kind === 'pole' && resolved.base.holdsPole !== undefined;
      return {
        id: asOne ? ('lock' as const) : ('joint' as const),
        name: `${asOne ? 'sections of' : 'joint under'} the ${definition.name.toLowerCase()}`,
        at: joints[i + 1]!,
        link: i,
        along: normalize(subtract(joints[i + 2]!, joints[i + 1]!)),
        beyond: from(i + 1),
      };
    }),
    {
      id: 'head',
      name: resolved.head.name.toLowerCase(),
      at: joints[joints.length - 1]!,
      link: null,
      along: null,
      beyond: from(count - 1),
    },
  ];
}

/**
 * What the ride does to the strut at worst.
 * @param shakeRmsMS2 of the camera, from Steady @param shakeHz cycles of that a second @param landingG peak of the highest drop, in g @param riddenS how long that lasts
 */
export function loadEnvelope(
  rig: RigSpec,
  resolved: ResolvedSetUp,
  ride: RideConditions,
  actionStanceId: string,
  {
    shakeRmsMS2,
    shakeHz,
    landingG,
    riddenS = USUALLY_RIDDEN_S,
  }: { shakeRmsMS2: number; shakeHz: number; landingG: number; riddenS?: number },
): LoadEnvelope {
  const { machine } = resolveRig(rig);
  const setUpRig = poseRig(rig, SET_UP_STANCE_ID);
  const action = poseRig(rig, actionStanceId);
  const camera = poseStrut(resolved, setUpRig, action).worldFromCamera.position;
  const { pressurePa, densityKgM3 } = standardAir(ride.altitudeM);
  const sheltered = shelteredIn(rig, resolved, action, camera);
  const water = waterOn(rig, resolved, ride);
  // Where nobody goes fast nobody turns and brakes hard.
  const pace = fastestPace(machine);
  return {
    airMps: sheltered ? 0 : ride.speedMps * pace + ride.windMps,
    airKgM3: densityKgM3,
    pressurePa,
    waterMps: water?.waterMps ?? 0,
    wetShare: water?.wetShare ?? 0,
    // An arm gives: of what shakes the camera little reaches the fist that holds it.
    accelerationMS2:
      peakOfRms(shakeHz, riddenS) * shakeRmsMS2 * (resolved.base.kind === 'hand' ? ARM_PASSES : 1) +
      G * Math.max(MANOEUVRE_G[machine.family] * pace, landingG),
    sheltered,
  };
}

/** Force on each piece for one direction of the acceleration and one of the flow, newton. */
export function pieceForces(
  pieces: readonly LoadedPiece[],
  envelope: LoadEnvelope,
  acceleration: Vec3,
  flow: Vec3,
): readonly Vec3[] {
  return pieces.map((piece) => {
    const inertia = scale(acceleration, piece.massKg * envelope.accelerationMS2);
    return add(add(scale(UP, -piece.massKg * G), inertia), scale(flow, pieceDragN(envelope, piece)));
  });
}

const pieceDragN = ({ airMps, airKgM3, waterMps, wetShare }: LoadEnvelope, { dragAreaM2 }: LoadedPiece): number =>
  Math.max(dragN(airKgM3, airMps, 1, dragAreaM2), dragN(WATER_KG_M3.sea, waterMps, 1, dragAreaM2 * wetShare));

/** Sum of the forces beyond an interface and of their moments about it. */
export function loadAt({ at, beyond }: Interface, pieces: readonly LoadedPiece[], forces: readonly Vec3[]): Load {
  let [force, moment]: [Vec3, Vec3] = [
    [0, 0, 0],
    [0, 0, 0],
  ];
  for (const i of beyond) {
    force = add(force, forces[i]!);
    moment = add(moment, cross(subtract(pieces[i]!.at, at), forces[i]!));
  }
  return { force, moment };
}

/**
 * The same for many directions: forces grow with weight, acceleration and flow, so that their sums and moments about the interface are
 * found once and only turned for each direction.
 */
export function loadsBeyond(
  { at, beyond }: Pick<Interface, 'at' | 'beyond'>,
  pieces: readonly LoadedPiece[],
  envelope: LoadEnvelope,
): (acceleration: Vec3, flow: Vec3) => Load {
  let [massKg, drag]: [number, number] = [0, 0];
  let [massArm, dragArm]: [Vec3, Vec3] = [ORIGIN, ORIGIN];
  for (const i of beyond) {
    const piece = pieces[i]!;
    const arm = subtract(piece.at, at);
    const own = pieceDragN(envelope, piece);
    massKg += piece.massKg;
    massArm = addScaled(massArm, arm, piece.massKg);
    drag += own;
    dragArm = addScaled(dragArm, arm, own);
  }
  return (acceleration, flow) => {
    const gravity = addScaled(scale(acceleration, envelope.accelerationMS2), UP, -G);
    return {
      force: addScaled(scale(gravity, massKg), flow, drag),
      moment: add(cross(massArm, gravity), cross(dragArm, flow)),
    };
  };
}

/** A load split by a surface's normal: pull off (negative presses on), shear, tipping and twisting moment. */
export interface SurfaceLoad {
  readonly pullN: number;
  readonly shearN: number;
  readonly tipNm: number;
  readonly twistNm: number;
  /** Tipping moment about the spot's own axes: it lies ahead along its reference, aside to the right of that; none = not told which way. */
  readonly tips?: { readonly aboutAheadNm: number; readonly aboutAsideNm: number };
}

/** @param ahead the spot's reference along the surface, world frame; none = the way that it tips is not told */
export function onSurface({ force, moment }: Load, normal: Vec3, ahead?: Vec3): SurfaceLoad {
  const pullN = dot(force, normal);
  const twist = dot(moment, normal);
  const shearN = beside(force, normal, pullN);
  const tipNm = beside(moment, normal, twist);
  const twistNm = Math.abs(twist);
  if (!ahead) return { pullN, shearN, tipNm, twistNm };
  const tips = { aboutAheadNm: dot(moment, ahead), aboutAsideNm: dot(moment, cross(ahead, normal)) };
  return { pullN, shearN, tipNm, twistNm, tips };
}

/** Length of what of a vector lies across a normal; asked for millions of times in a search. */
const beside = (v: Vec3, normal: Vec3, along: number): number =>
  Math.sqrt((v[0] - normal[0] * along) ** 2 + (v[1] - normal[1] * along) ** 2 + (v[2] - normal[2] * along) ** 2);

/** Directions that the flow can come from: ahead, and half a right angle to each side. */
export const FLOWS: readonly Vec3[] = [[-1, 0, 0], normalize([-1, 0, 1]), normalize([-1, 0, -1])];

/** Outward normal of the spot in a stance, world frame. */
export const spotNormal = (pose: StrutPose): Vec3 => rotate(pose.worldFromSpot.rotation, UP);

/** A world direction as seen from the spot: along its reference, its normal, across. */
export const seenFromSpot = (pose: StrutPose, direction: Vec3): Vec3 =>
  rotate(inverseRotation(pose.worldFromSpot.rotation), direction);
