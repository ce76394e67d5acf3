import type { Mesh } from '../geometry/mesh';
import { compose, IDENTITY_POSE, poseAt, type Pose } from '../geometry/pose';
import { rotate, rotationAbout } from '../geometry/rotation';
import { scale, subtract, type Vec3 } from '../geometry/vec3';
import type { Source } from './source';
import type { PartGroup, PosedPart, Tone } from './types';

/** Something that moves against the machine, with how far it can: a turn about an axis or a slide along it. */
export interface MovingPart {
  readonly id: string;
  readonly name: string;
  readonly kind: 'turn' | 'slide';
  /** A point on the axis and its unit direction, machine frame, everything at zero. */
  readonly at: Vec3;
  readonly axis: Vec3;
  /** Degrees for a turn (right-handed about the axis), metres for a slide. A wheel or propeller turns from -180 to 180. */
  readonly low: number;
  readonly high: number;
  /** The moving part that carries this one. */
  readonly on?: string;
  /** Stances in which feet turn it: cranks. */
  readonly pedalledIn?: readonly string[];
  readonly source: Source;
}

/** Where each moving part stands, by id; what is missing stands at zero. */
export type MovingState = Readonly<Record<string, number>>;

export interface AssembledPart {
  readonly id: string;
  readonly name: string;
  readonly tone: Tone;
  /** In the machine frame with every moving part at zero. */
  readonly mesh: Mesh;
  /** The moving part it belongs to; none = fixed to the machine. */
  readonly on?: string;
  readonly seeThrough?: boolean;
  /** Looked at to drive or fly by: a mirror, instruments. */
  readonly watched?: boolean;
  /** Runs along itself: a chain, a belt. */
  readonly runs?: boolean;
  /** Gives way: a cable. */
  readonly bends?: boolean;
  readonly group?: PartGroup;
}

/** A machine as it is put together from its dimensions. Machine frame: +x ahead, +y up, +z to the right, metres. */
export interface Assembly {
  readonly parts: readonly AssembledPart[];
  readonly moving: readonly MovingPart[];
}

/** machineFromMoving: what zero coordinates become with everything as the state says. @throws RangeError for an unknown id */
export function movedPose(moving: readonly MovingPart[], id: string | undefined, state: MovingState): Pose {
  if (id === undefined) return IDENTITY_POSE;
  const part = moving.find((m) => m.id === id);
  if (!part)
    throw new RangeError(`movedPose: no moving part "${id}" (there are ${moving.map((m) => m.id).join(', ')})`);
  const value = state[id] ?? 0;
  const own = part.kind === 'slide' ? poseAt(scale(part.axis, value)) : turnAbout(part.at, part.axis, value);
  return compose(movedPose(moving, part.on, state), own);
}

/** Turn about an axis that need not pass through the origin. */
export function turnAbout(at: Vec3, axis: Vec3, angleDeg: number): Pose {
  const rotation = rotationAbout(axis, angleDeg);
  return poseAt(subtract(at, rotate(rotation, at)), rotation);
}

/** Every part where the state puts it. */
export function poseAssembly({ parts, moving }: Assembly, worldFromMachine: Pose, state: MovingState): PosedPart[] {
  return parts.map(({ id, name, tone, mesh, on, seeThrough, watched, bends, runs, group = 'machine' }) => ({
    id,
    name,
    tone,
    mesh,
    group,
    ...(seeThrough ? { seeThrough } : {}),
    ...(watched ? { watched } : {}),
    ...(bends ? { bends } : {}),
    ...(runs ? { runs } : {}),
    ...(on === undefined ? {} : { on }),
    worldFromPart: on === undefined ? worldFromMachine : compose(worldFromMachine, movedPose(moving, on, state)),
  }));
}
