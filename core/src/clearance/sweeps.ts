import { compose, invert, poseAt, type Pose } from '../geometry/pose';
import { rotate, rotationAbout } from '../geometry/rotation';
import { scale, subtract, type Vec3 } from '../geometry/vec3';
import { turnAbout, type MovingPart } from '../rig/assembly';
import type { PosedRig } from '../rig/poseRig';
import { resolveRig, type RigSpec } from '../rig/resolveRig';
import { wornOn } from '../rig/spotZone';
import type { PosedPart } from '../rig/types';

/** Something that moves over a range while the rest stays: bars turning, a fork going in, a head looking down. */
export interface Sweep {
  readonly name: string;
  /** How it moves, as a verb: turns, slides, looks about. */
  readonly verb: string;
  /** Turns all the way round: a wheel, a propeller, a rotor. */
  readonly wholeTurn: boolean;
  /** The filmer's own head, which can be held still. */
  readonly ownHead: boolean;
  readonly moves: (part: PosedPart) => boolean;
  /** Parts that give way or go along, and are not struck by it. */
  readonly yields: (part: PosedPart) => boolean;
  /** World from where it was, at each step of the way. */
  readonly steps: readonly Pose[];
}

/** Steps of a sweep. */
const STEPS = 12;
/** How far a head goes, degrees: down to the chest, back, and to each side (norms of joint motion, from memory: 45 to 65, 45 to 75, 60 to 80). */
const HEAD_DEG = { down: 60, back: 45, side: 70 } as const;
/** A chin feels what sits on the chest and goes no further than a look at the bars takes, degrees. Common practice. */
const DOWN_TO_BARS_DEG = 45;

const between = (low: number, high: number): number[] =>
  Array.from({ length: STEPS + 1 }, (_, i) => low + ((high - low) * i) / STEPS);

/** Everything that sweeps on this rig, from the stance in which it is posed. @param partId what camera and strut sit on */
export const sweepsOf = (spec: RigSpec, rig: PosedRig, partId: string): readonly Sweep[] => [
  ...resolveRig(spec)
    .machine.moving(spec.fit)
    .map((part, _, all) => machineSweep(part, all, rig)),
  ...headSweeps(spec, rig, partId),
];

function machineSweep(moving: MovingPart, all: readonly MovingPart[], rig: PosedRig): Sweep {
  const { at, axis, low, high, id, name, kind } = moving;
  /** Whatever hangs on a moving part moves with it. */
  const movesWith = (on: string | undefined): boolean =>
    on !== undefined && (on === id || movesWith(all.find((m) => m.id === on)?.on));
  const machineFromWorld = invert(rig.worldFromMachine);
  const inWorld = (pose: Pose) => compose(compose(rig.worldFromMachine, pose), machineFromWorld);
  return {
    name,
    verb: kind === 'turn' ? 'turns' : 'slides',
    wholeTurn: kind === 'turn' && high - low >= 360,
    ownHead: false,
    moves: (part) => movesWith(part.on),
    // Hands and arms go along with what they hold; the stances show them.
    yields: (part) => part.group === 'hands' || part.id.startsWith('upperArm'),
    steps: between(low, high).map((value) =>
      inWorld(kind === 'turn' ? turnAbout(at, axis, value) : poseAt(scale(axis, value))),
    ),
  };
}

/** Ids of the filmer's head and of what is worn on it. */
export const headPartIds = (spec: RigSpec): ReadonlySet<string> =>
  new Set(['head', ...[...wornOn(spec)].filter(([, on]) => on === 'head').map(([id]) => id)]);

/** The filmer's head nods about the base of the neck, and turns on it. */
function headSweeps(spec: RigSpec, rig: PosedRig, partId: string): readonly Sweep[] {
  const { body } = rig;
  if (!body) return [];
  const onHead = headPartIds(spec);
  const about = (rotation: Pose['rotation']): Pose =>
    poseAt(subtract(body.neckBase, rotate(rotation, body.neckBase)), rotation);
  const upright = rotate(body.ribcage.rotation, [0, 1, 0]);
  const sideways: Vec3 = rotate(body.ribcage.rotation, [0, 0, 1]);
  const shared = {
    wholeTurn: false,
    ownHead: true,
    moves: (part: PosedPart) => onHead.has(part.id),
    yields: (part: PosedPart) => part.group === 'hands' || part.id === 'neck',
  };
  return [
    {
      ...shared,
      name: 'head',
      verb: 'looks down and up',
      steps: between(-(onHead.has(partId) ? HEAD_DEG.down : DOWN_TO_BARS_DEG), HEAD_DEG.back).map((deg) =>
        about(rotationAbout(sideways, deg)),
      ),
    },
    {
      ...shared,
      name: 'head',
      verb: 'looks round',
      steps: between(-HEAD_DEG.side, HEAD_DEG.side).map((deg) => about(rotationAbout(upright, deg))),
    },
  ];
}
