import { compose, IDENTITY_POSE, invert, poseAt, type Pose } from '../../mathematics/geometry/pose';
import { rotate, rotationAbout } from '../../mathematics/geometry/rotation';
import { scale, subtract, type Vec3 } from '../../mathematics/geometry/vec3';
import { turnAbout } from '../../posing/building/assembly';
import type { MovingPart } from '../../words/carrier/movingPart';
import type { PosedRig } from '../../posing/rig/poseRig';
import { resolveRig } from '../../posing/lookup/resolveRig';
import { agree } from '../../words/carrier/inSentences';
import type { RigSpec } from '../../words/rig/rigSpec';
import { wornOn } from '../../posing/rig/spotZone';
import type { PosedPart } from '../../words/carrier/posedPart';
import { onLeg, pedalSweeps } from '../../posing/rig/pedalling';
import type { Sweep } from '../../posing/rig/sweep';

/** Steps of a sweep. */
const STEPS = 12;
/** How far a head goes, degrees: down to the chest, back, and to each side (norms of joint motion, from memory: 45 to 65, 45 to 75, 60 to 80). */
const HEAD_DEG = { down: 60, back: 45, side: 70 } as const;
/** A chin feels what sits on the chest and goes no further than a look at the bars takes, degrees. Common practice. */
const DOWN_TO_BARS_DEG = 45;

const between = (low: number, high: number): number[] =>
  Array.from({ length: STEPS + 1 }, (_, i) => low + ((high - low) * i) / STEPS);

/** Everything that sweeps on this rig from the set-up stance, and legs that pedal. @param partId what camera and strut sit on */
export function sweepsOf(spec: RigSpec, rig: PosedRig, partId: string): readonly Sweep[] {
  const { machine, fit } = resolveRig(spec);
  return [
    ...machine
      .moving(fit)
      // What sits on a leg goes along with the pedal under the foot.
      .filter((part) => !part.pedalledIn || !onLeg(spec, partId))
      .map((part, _, all) => machineSweep(part, all, rig))
      // Where a hand is while others move is what the stances show.
      .filter(({ wholeTurn }) => wholeTurn || !onArm(partId)),
    ...runningSweep(rig),
    ...headSweeps(spec, rig, partId),
    ...pedalSweeps(spec).values(),
  ];
}

/** Chains and belts run along themselves: nothing of them comes nearer, but they wind up and cut. */
function runningSweep(rig: PosedRig): readonly Sweep[] {
  const running = rig.parts.find((part) => part.runs);
  if (!running) return [];
  return [
    {
      ...FROM_SET_UP,
      rig,
      name: running.name,
      verb: agree(running.name, 'runs', 'run'),
      wholeTurn: true,
      own: null,
      moves: (part) => part.runs === true,
      yields: () => false,
      steps: [() => IDENTITY_POSE],
    },
  ];
}

const onArm = (partId: string): boolean => /^(hand|forearm|upperArm)/.test(partId);

const FROM_SET_UP = { stanceName: 'Set-up' } as const;

function machineSweep(moving: MovingPart, all: readonly MovingPart[], rig: PosedRig): Sweep {
  const { at, axis, low, high, id, name, kind, does, steered, onlyAtRest = false } = moving;
  /** Whatever hangs on a moving part moves with it. */
  const movesWith = (on: string | undefined): boolean =>
    on !== undefined && (on === id || movesWith(all.find((m) => m.id === on)?.on));
  const machineFromWorld = invert(rig.worldFromMachine);
  const inWorld = (pose: Pose) => compose(compose(rig.worldFromMachine, pose), machineFromWorld);
  return {
    ...FROM_SET_UP,
    rig,
    name,
    verb: does ?? (kind === 'turn' ? agree(name, 'turns', 'turn') : agree(name, 'slides', 'slide')),
    turns: kind === 'turn',
    wholeTurn: kind === 'turn' && high - low >= 360 && !steered,
    onlyAtRest,
    own: null,
    moves: (part) => movesWith(part.on),
    // Hands and arms go along with what they hold; the stances show them.
    yields: (part) => part.group === 'hands' || part.id.startsWith('upperArm'),
    gone: between(low, high),
    steps: between(low, high).map((value) => {
      const step = inWorld(kind === 'turn' ? turnAbout(at, axis, value) : poseAt(scale(axis, value)));
      return () => step;
    }),
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
  const about = (rotation: Pose['rotation']) => {
    const step = poseAt(subtract(body.neckBase, rotate(rotation, body.neckBase)), rotation);
    return () => step;
  };
  const upright = rotate(body.ribcage.rotation, [0, 1, 0]);
  const sideways: Vec3 = rotate(body.ribcage.rotation, [0, 0, 1]);
  const shared = {
    ...FROM_SET_UP,
    rig,
    wholeTurn: false,
    own: 'head' as const,
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
