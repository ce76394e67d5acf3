import type { Rotation } from '../../mathematics/geometry/rotation';
import type { Pose } from '../../mathematics/geometry/pose';
import type { Vec3 } from '../../mathematics/geometry/vec3';

export type Side = 'left' | 'right';
export const SIDES: readonly Side[] = ['left', 'right'];
/** +1 to the right, -1 to the left. */
export const sideSign = (side: Side): 1 | -1 => (side === 'right' ? 1 : -1);

/** A hand closed round a bar: the middle of the grip and its axis pointing outward, world frame. */
export interface GripContact {
  readonly kind: 'grip';
  readonly centre: Vec3;
  readonly outward: Vec3;
}
export interface RelaxedHand {
  readonly kind: 'relaxed';
}
/** A hand held free or laid on something: the wrist, where the fingers point and where the back of the hand faces, world frame. */
interface PlacedHand {
  readonly kind: 'placed';
  readonly wrist: Vec3;
  readonly fingers: Vec3;
  readonly back: Vec3;
}
export type HandContact = GripContact | RelaxedHand | PlacedHand;

/** The sole: where the ball of the foot rests and which way the foot points, world frame. */
export interface FootContact {
  readonly ball: Vec3;
  readonly ahead: Vec3;
  readonly up: Vec3;
}

/** What is decided about a body; the rest follows by inverse kinematics. */
export interface Posture {
  /** Upright and ahead of this body in the world, for bodies that face or lie another way than the travel; none = as the world. */
  readonly base?: Rotation;
  /** Middle between the hip joints, world frame, metres. */
  readonly hipCentre: Vec3;
  /** Torso from upright, positive forward, about the hips, in degrees. */
  readonly leanDeg: number;
  /** Torso about the direction of travel, positive to the right. */
  readonly rollDeg: number;
  /** Gaze from level, positive up; the head keeps it whatever the torso does. */
  readonly gazeDeg: number;
  /** Gaze to the side, positive right. */
  readonly headTurnDeg: number;
  readonly hands: Readonly<Record<Side, HandContact>>;
  readonly feet: Readonly<Record<Side, FootContact>>;
  /** Whether the hands work without holding on: paddling with them, pushing up. */
  readonly handsWork?: true;
  /** Whether the hands of somebody who comes along lie still: no place for a camera until they are held out. */
  readonly handsRest?: true;
  /** Whether the feet work pedals or pegs that steer, brake or drive: not where they only stand. */
  readonly feetSteer?: true;
  /** How far the elbows point outward, 0 = down, 1 = straight out. */
  readonly elbowsOut: number;
  /** How far the knees point outward, 0 = ahead. */
  readonly kneesOut: number;
}

export interface ReachProblem {
  readonly limb: string;
  readonly shortM: number;
}

/** Where everything of a posed body is, world frame. Limb frames: +y from the upper to the lower joint, +x to the bend's outside. */
export interface PosedBody {
  readonly pelvis: Pose;
  readonly ribcage: Pose;
  /** Origin between the eyes' level and the ears; +x where the nose points. */
  readonly head: Pose;
  /** Middle between the eyes, looking along the gaze. */
  readonly eyes: Pose;
  readonly neckBase: Vec3;
  readonly upperArm: Readonly<Record<Side, Pose>>;
  readonly forearm: Readonly<Record<Side, Pose>>;
  readonly hand: Readonly<Record<Side, Pose>>;
  readonly thigh: Readonly<Record<Side, Pose>>;
  readonly shank: Readonly<Record<Side, Pose>>;
  readonly foot: Readonly<Record<Side, Pose>>;
  readonly problems: readonly ReachProblem[];
}

/** Thickness of a shoe's sole, metres (estimate 0.012 to 0.03). */
export const SOLE_M = 0.015;
