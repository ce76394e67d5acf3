import type { Mesh } from '../../mathematics/geometry/mesh';
import { compose, IDENTITY_POSE, poseAt, type Pose } from '../../mathematics/geometry/pose';
import { rotate, rotationAbout } from '../../mathematics/geometry/rotation';
import { scale, subtract, type Vec3 } from '../../mathematics/geometry/vec3';
import type { Lining, Mark, PartGroup, PosedPart, Spin, Tone } from '../../words/carrier/posedPart';
import type { MovingPart, MovingState } from '../../words/carrier/movingPart';

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
  /** The craft is whole in a picture without it: mast, sails. */
  readonly aloft?: boolean;
  /** Runs along itself: a chain, a belt. */
  readonly runs?: boolean;
  /** Gives way: a cable. */
  readonly bends?: boolean;
  /** Colours on it, in the machine frame. */
  readonly marks?: readonly Mark[];
  readonly lining?: Lining;
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

/** A part that the engine turns under way. */
function spinOf(moving: readonly MovingPart[], on: string | undefined): { readonly spins?: Spin } {
  const part = moving.find(({ id }) => id === on);
  return part?.driven ? { spins: { at: part.at, axis: part.axis, blades: part.driven.blades } } : {};
}

/** Every part where the state puts it. @param running whether what the engine drives turns */
export function poseAssembly(
  { parts, moving }: Assembly,
  worldFromMachine: Pose,
  state: MovingState,
  running: boolean,
): PosedPart[] {
  return parts.map(
    ({ id, name, tone, mesh, on, seeThrough, watched, aloft, bends, runs, marks, lining, group = 'machine' }) => ({
      id,
      name,
      tone,
      mesh,
      group,
      ...(seeThrough ? { seeThrough } : {}),
      ...(watched ? { watched } : {}),
      ...(aloft ? { aloft } : {}),
      ...(bends ? { bends } : {}),
      ...(runs ? { runs } : {}),
      ...(marks ? { marks } : {}),
      ...(lining ? { lining } : {}),
      ...(running ? spinOf(moving, on) : {}),
      ...(on === undefined ? {} : { on }),
      worldFromPart: on === undefined ? worldFromMachine : compose(worldFromMachine, movedPose(moving, on, state)),
    }),
  );
}
