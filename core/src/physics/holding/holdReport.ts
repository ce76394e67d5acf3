import { add, length, normalize, scale, subtract, UP, type Vec3 } from '../../mathematics/geometry/vec3';
import { resolveRig } from '../../posing/lookup/resolveRig';
import type { RigSpec } from '../../words/rig/rigSpec';
import { poseRig } from '../../posing/rig/poseRig';
import { baseRefusal } from '../../posing/strut/baseRefusal';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import type { CarrierFamily } from '../../words/carrier/machine';
import { leverRefusal } from '../../posing/strut/leverRefusal';
import { armsRefusal } from '../../posing/strut/armsRefusal';
import { poseStrut, type StrutPose } from '../../posing/strut/kinematics';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import type { ResolvedSetUp } from '../../posing/strut/resolvedSetUp';
import type { SetUp } from '../../words/setUp/setUp';
import { atHigh, usual } from '../../words/sourced/ends';
import type { RideConditions } from '../../words/ride/rideConditions';
import { handMinutes } from './handMinutes';
import { weakEnd } from './grips/weakEnd';
import type { HoldLimit } from './grips/letGo';
import { interfacesTried, LOAD_CASES, marginOf, restingOn, type LoadCase } from './interfaces';
import { heldArms, type CarriedCamera, type HeldArm } from './loads/armLoads';
import {
  FLOWS,
  loadEnvelope,
  loadsBeyond,
  onSurface,
  pieceForces,
  seenFromSpot,
  type Interface,
  type Load,
  type LoadEnvelope,
  type LoadedPiece,
  type SurfaceLoad,
} from './loads/loads';
import { strutMassKg } from '../../posing/strut/strutMass';
import { caughtBy, type Caught } from './tether/caught';
import { tetherLoadN } from './tether/tether';

interface HoldQuestion {
  readonly rig: RigSpec;
  readonly setUp: SetUp;
  readonly actionStanceId: string;
  readonly ride: RideConditions;
  /** Of the camera, from Steady: rms, and cycles a second. */
  readonly shakeRmsMS2: number;
  readonly shakeHz: number;
  readonly landingG: number;
  readonly riddenS?: number;
}

/** One interface under its worst load. */
export interface HeldInterface {
  readonly name: string;
  readonly id: Interface['id'];
  readonly at: Vec3;
  /** In the case that brings it nearest to its limit. */
  readonly load: Load;
  readonly parts: SurfaceLoad;
  readonly worst: HoldLimit;
  /** Limit over demand; below 1 it lets go. */
  readonly margin: number;
  /** What nine of ten cases of its figures leave. */
  readonly weakMargin: number;
}

export interface HoldReport {
  readonly envelope: LoadEnvelope;
  readonly pieces: readonly LoadedPiece[];
  /** Weight of all that hangs there, newton. */
  readonly weightN: number;
  /** Drag of all of it, newton. */
  readonly dragN: number;
  /** What acts on the whole strut in the moment that is worst for its base, and where, world frame of the action stance. */
  readonly acting: { readonly at: Vec3; readonly weight: Vec3; readonly drag: Vec3; readonly inertia: Vec3 };
  readonly interfaces: readonly HeldInterface[];
  readonly weakest: HeldInterface;
  /** Reading of a hand scale that proves the mount, and the way to pull. */
  readonly pullTest: {
    readonly newton: number;
    readonly kgf: number;
    readonly factor: number;
    readonly direction: string;
  };
  readonly tetherN: number;
  /** What the tether does that is named; null = none is. */
  readonly caught: Caught | null;
  /** Why the base does not go on this surface; null where it does. */
  readonly refusal: string | null;
  /** Minutes that a hand holds it out; null where it is on something else. */
  readonly handMinutes: number | null;
  /** A camera, with the arm it stands on, that is heavier than its base is for, kilograms; null where it is not. */
  readonly heavyFor: {
    readonly carriedKg: number;
    readonly onArm: boolean;
    readonly aboutKg: number;
    readonly mostKg: number;
  } | null;
  /** Moment on the surface, for what a lever does to glass and canopies. */
  readonly leverNm: number;
}

/** A fall that could hit people asks for more; the rest for twice the worst load. Common practice, no source. */
const PULL_FACTOR: Readonly<Record<CarrierFamily, number>> = {
  board: 2,
  bike: 2,
  car: 3,
  boat: 2,
  aircraft: 3,
  beside: 2,
  own: 3,
};
const G = 9.80665;

/** Does every piece of the chain hold at the worst moment of the ride? Worst direction searched for each interface. */
export function holdReport(question: HoldQuestion): HoldReport {
  const { rig, setUp, actionStanceId, ride } = question;
  const resolved = resolveSetUp(rig, setUp);
  const pose = poseStrut(resolved, poseRig(rig, SET_UP_STANCE_ID), poseRig(rig, actionStanceId));
  const envelope = loadEnvelope(rig, resolved, ride, actionStanceId, question);
  return holdIn(rig, resolved, pose, envelope, ride);
}

/** The same with everything found already; cheap, for a search. */
export function holdIn(
  rig: RigSpec,
  resolved: ResolvedSetUp,
  pose: StrutPose,
  envelope: LoadEnvelope,
  ride: RideConditions,
): HoldReport {
  const { arms, carried } = heldArms(resolved, pose);
  const pieces = [...arms.flatMap((arm) => arm.pieces), ...(carried?.pieces ?? [])];
  const weightN = pieces.reduce((sum, p) => sum + p.massKg * G, 0);
  // The whole strut as the first base alone would bear it: what a scale at the camera pulls against.
  const whole = loadsBeyond({ at: pose.worldFromSpot.position, beyond: pieces.map((_, i) => i) }, pieces, envelope);
  let worstOfBase = LOAD_CASES[0]!;
  let leverNm = 0;
  const interfaces: HeldInterface[] = [];
  for (const at of interfacesTried(resolved, { arms, carried }, envelope, ride)) {
    const { face, arm, ofFirst } = at;
    let worst: HeldInterface | null = null;
    for (const loadCase of at.worthTrying()) {
      const load = at.loads(loadCase.direction, loadCase.flow);
      const parts = onSurface(load, arm.normal, arm.ahead);
      if (face === arm.interfaces[0]) leverNm = Math.max(leverNm, parts.tipNm);
      for (const limit of at.limits(load, parts, usual)) {
        const margin = marginOf(limit);
        if (worst && margin >= worst.margin) continue;
        if (ofFirst && face.id === 'surface') worstOfBase = loadCase;
        worst = { name: face.name, id: face.id, at: face.at, load, parts, worst: limit, margin, weakMargin: margin };
      }
    }
    const { load, parts } = worst!;
    interfaces.push({
      ...worst!,
      weakMargin: weakEnd((pick) => Math.min(...at.limits(load, parts, pick).map(marginOf))),
    });
  }
  const weakest = interfaces.reduce((a, b) => (b.margin < a.margin ? b : a));
  const factor = PULL_FACTOR[resolveRig(rig).machine.family];
  const worstN = Math.max(...LOAD_CASES.map(({ direction, flow }) => length(whole(direction, flow).force)));
  const newton = Math.ceil((factor * worstN) / 5) * 5;
  const flowN = pieceForces(pieces, { ...envelope, accelerationMS2: 0 }, [0, 0, 0], FLOWS[0]!);
  const pulls = carried ? whole(worstOfBase.direction, worstOfBase.flow).force : interfaces[0]!.load.force;
  return {
    envelope,
    pieces,
    weightN,
    dragN: flowN.reduce((sum, f, i) => sum + length([f[0], f[1] + pieces[i]!.massKg * G, f[2]]), 0),
    acting: actingOn(pieces, envelope, worstOfBase),
    interfaces,
    weakest,
    pullTest: { newton, kgf: newton / G, factor, direction: directionWords(seenFromSpot(pose, normalize(pulls))) },
    caught: caughtBy(resolved),
    tetherN: tetherLoadN(strutMassKg(resolved)),
    refusal: refusalOf(rig, resolved),
    handMinutes: handMinutesOf(resolved, arms[0]!, carried, envelope),
    heavyFor: heavyFor(resolved),
    leverNm,
  };
}

/** Why the base does not go on this surface, or the strut not on the base; null where they do. */
export const refusalOf = (rig: RigSpec, resolved: ResolvedSetUp): string | null =>
  baseRefusal(resolved.base, resolved.placed.spot.surface) ??
  leverRefusal(resolved.base, resolved.links) ??
  armsRefusal(rig, resolved);

/** Such a base is for the camera alone, without other hardware (common practice, no source): an arm counts as if it were camera. */
function heavyFor({ base, camera, links }: ResolvedSetUp): HoldReport['heavyFor'] {
  if (!base.lightKg) return null;
  const carriedKg = links.reduce((sum, { definition }) => sum + definition.massKg.value, camera.massKg.value);
  const mostKg = atHigh(base.lightKg);
  return carriedKg > mostKg ? { carriedKg, onArm: links.length > 0, aboutKg: base.lightKg.value, mostKg } : null;
}

const handMinutesOf = (
  { base }: ResolvedSetUp,
  arm: HeldArm,
  carried: CarriedCamera | null,
  envelope: LoadEnvelope,
): number | null =>
  base.kind === 'hand' && base.grip.kind === 'hand' ? handMinutes(base.grip, restingOn(arm, carried, envelope)) : null;

function actingOn(
  pieces: readonly LoadedPiece[],
  envelope: LoadEnvelope,
  { direction, flow }: LoadCase,
): HoldReport['acting'] {
  const massKg = pieces.reduce((sum, p) => sum + p.massKg, 0);
  const sum = (forces: readonly Vec3[]): Vec3 => forces.reduce((a, b) => add(a, b), [0, 0, 0]);
  const weight = scale(UP, -massKg * G);
  const calm = { ...envelope, accelerationMS2: 0 };
  return {
    at: scale(sum(pieces.map((p) => scale(p.at, p.massKg))), 1 / massKg),
    weight,
    drag: subtract(sum(pieceForces(pieces, calm, direction, flow)), weight),
    inertia: scale(direction, massKg * envelope.accelerationMS2),
  };
}

/** A direction seen from the spot in words: straight off the surface, or along it. */
function directionWords([along, off, across]: Vec3): string {
  const flat = Math.hypot(along, across);
  if (off > 0.85) return 'straight off the surface';
  if (off < -0.85) return 'straight onto the surface, then as hard straight off it';
  const way = Math.abs(along) >= Math.abs(across) ? (along > 0 ? 'forward' : 'back') : 'sideways';
  if (off > 0.35 * flat) return `half off the surface, half ${way}`;
  return `${way} along the surface`;
}
