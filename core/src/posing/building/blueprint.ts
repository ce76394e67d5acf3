import { carryPosture } from '../body/posture';
import type { Posture } from '../../words/carrier/posture';
import { settlePosture } from '../body/settlePosture';
import type { BodySegments } from '../../words/carrier/bodySegments';
import { keepLatest } from '../../mathematics/caching/keepLatest';
import { compose, poseAt, transformDirection, type Pose } from '../../mathematics/geometry/pose';
import { multiplyRotations, rotate, rotationAbout } from '../../mathematics/geometry/rotation';
import { AHEAD, UP, type Vec3 } from '../../mathematics/geometry/vec3';
import { movedPose, poseAssembly, type Assembly } from './assembly';
import type { MovingState } from '../../words/carrier/movingPart';
import type { Dimension, Fit } from '../../words/carrier/dimension';
import type { MachineDefinition, PosedMachine } from '../../words/carrier/machine';
import type { Spot } from '../../words/carrier/spot';
import { SET_UP_STANCE_ID, type Stance } from '../../words/carrier/stance';
import type { WorldId } from '../../words/carrier/land';

/** A stance as data: what moves, how the machine lies, and where the land is under it. */
export interface BlueprintStance extends Stance {
  readonly state?: MovingState;
  /** Nose up positive, right side down positive; about the machine's origin. */
  readonly pitchDeg?: number;
  readonly rollDeg?: number;
  /** Height of the machine's origin over the ground or the water, metres; none = as it stands. */
  readonly heightM?: number;
  /** Ground falling ahead, positive downhill; the machine is pitched with it. */
  readonly slopeDeg?: number;
}

/** What a posture is made from. */
export interface Seat {
  readonly fit: Fit;
  readonly body: BodySegments;
  readonly stance: BlueprintStance;
  readonly built: Assembly;
  /** machineFromMoving in this stance, for contacts on something that moves. */
  readonly moved: (movingId: string) => Pose;
}

export interface Occupant {
  /** In machine coordinates; the machine takes it along. */
  readonly posture: Posture;
  /** Whether the hips may come forward and down so that hands and feet reach; not when sitting. */
  readonly hipsFree: boolean;
}

interface Blueprint extends Omit<MachineDefinition, 'kind' | 'pose' | 'moving' | 'spots'> {
  readonly stances: readonly BlueprintStance[];
  readonly build: (fit: Fit) => Assembly;
  /** The filmer first, others after; none = nobody is on it. */
  readonly occupants?: (seat: Seat) => readonly Occupant[];
  readonly spots: (fit: Fit, built: Assembly) => readonly Spot[];
  readonly world: WorldId;
  readonly dimensions: readonly Dimension[];
  /** Where eyes would be on a machine without anybody on board, for the feel of speed; machine frame. */
  readonly viewpoint?: Vec3;
}

const CREW = ['second', 'third', 'fourth'] as const;

/** A machine whose stances, occupants and spots are given as data over one assembly. */
export function machineFrom(blueprint: Blueprint): MachineDefinition {
  const { build, occupants, spots, stances, viewpoint, ...plain } = blueprint;
  const assemblies = keepLatest<Assembly>(4);
  const builtFor = (fit: Fit) => assemblies(JSON.stringify(fit), () => build(fit));
  return {
    ...plain,
    kind: 'machine',
    stances,
    moving: (fit) => builtFor(fit).moving,
    spots: (fit) => spots(fit, builtFor(fit)),
    pose(fit, body, stanceId): PosedMachine {
      const stance = stances.find((s) => s.id === stanceId);
      if (!stance) {
        throw new RangeError(`${plain.id}: no stance "${stanceId}" (there are ${stances.map((s) => s.id).join(', ')})`);
      }
      const built = builtFor(fit);
      const state = stance.state ?? {};
      const { pitchDeg = 0, rollDeg = 0, heightM = 0, slopeDeg = 0 } = stance;
      const worldFromMachine = poseAt(
        [0, 0, 0],
        multiplyRotations(rotationAbout([0, 0, 1], pitchDeg - slopeDeg), rotationAbout([1, 0, 0], rollDeg)),
      );
      const ahead = transformDirection(worldFromMachine, AHEAD);
      const people = (
        occupants?.({ fit, body, stance, built, moved: (id) => movedPose(built.moving, id, state) }) ?? []
      ).map(({ posture, hipsFree }) => settlePosture(body, carryPosture(worldFromMachine, posture), ahead, hipsFree));
      const [posture = null, ...others] = people;
      return {
        parts: poseAssembly(built, worldFromMachine, state, stanceId !== SET_UP_STANCE_ID),
        posture,
        crew: others.map((p, i) => ({ prefix: `${CREW[i]!}.`, posture: p })),
        ground: {
          point: [0, -heightM, 0],
          normal: rotate(rotationAbout([0, 0, 1], -slopeDeg), UP) satisfies Vec3,
          ahead: AHEAD,
          world: plain.world,
        },
        worldFromMachine,
        ...(viewpoint ? { viewpoint: compose(worldFromMachine, poseAt(viewpoint)) } : {}),
      };
    },
  };
}
