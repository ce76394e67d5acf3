import { limbPose } from '../body/posture';
import { SIDES, type PosedBody, type Side } from '../../words/carrier/posture';
import { bodySegments } from '../body/segments';
import { twoBone } from '../body/twoBone';
import { compose, IDENTITY_POSE, invert, poseAt, transformPoint, type Pose } from '../../mathematics/geometry/pose';
import { add, distance, normalize, rejectFrom, subtract, type Vec3 } from '../../mathematics/geometry/vec3';
import { turnAbout } from '../building/assembly';
import type { MovingPart } from '../../words/carrier/movingPart';
import type { Stance } from '../../words/carrier/stance';
import { poseRig, type PosedRig } from './poseRig';
import { resolveRig } from '../lookup/resolveRig';
import type { RigSpec } from '../../words/rig/rigSpec';
import { wornOn } from './spotZone';
import type { Sweep } from './sweep';

/** Places of the cranks on one turn. */
const STEPS = 12;

const suffixed = (part: string, side: Side): string => `${part}${side === 'left' ? 'Left' : 'Right'}`;
const LEG_PARTS = ['thigh', 'shank', 'shoe'] as const;

/** Body parts that go round with the cranks, and what is worn on them, by id; with the leg part that each follows. */
function legOf(spec: RigSpec): ReadonlyMap<string, string> {
  const legs = SIDES.flatMap((side) => LEG_PARTS.map((part) => suffixed(part, side)));
  return new Map([...legs.map((id) => [id, id] as const), ...[...wornOn(spec)].filter(([, on]) => legs.includes(on))]);
}

/** Whether something sits on a leg, which goes along with what the foot stands on. */
export const onLeg = (spec: RigSpec, partId: string): boolean => legOf(spec).has(partId);

/**
 * Legs on cranks that turn, in every stance in which somebody pedals: the feet keep their angle and follow the pedals, hips stay, knees follow
 * by two-bone inverse kinematics in the plane in which they are bent in the stance. Where a leg comes short at the bottom (up to 3 cm; toes are
 * pointed there in truth) the foot stays above the pedal. By stance.
 */
export function pedalSweeps(spec: RigSpec): ReadonlyMap<string, Sweep> {
  const { machine, fit } = resolveRig(spec);
  return new Map(
    machine.moving(fit).flatMap((cranks) =>
      (cranks.pedalledIn ?? []).flatMap((stanceId) => {
        const rig = poseRig(spec, stanceId);
        const stance = machine.stances.find((s) => s.id === stanceId)!;
        return rig.body ? [[stanceId, pedalSweep(spec, cranks, rig, rig.body, stance)] as const] : [];
      }),
    ),
  );
}

function pedalSweep(spec: RigSpec, cranks: MovingPart, rig: PosedRig, body: PosedBody, stance: Stance): Sweep {
  const follows = legOf(spec);
  const { shankM } = bodySegments(spec.statureM);
  const machineFromWorld = invert(rig.worldFromMachine);
  return {
    name: 'legs',
    verb: 'pedal',
    wholeTurn: false,
    own: 'legs',
    rig,
    stanceName: stance.name,
    moves: (part) => follows.has(part.id) || part.on === cranks.id,
    yields: (part) => part.id === 'pelvis' || part.id === 'abdomen',
    steps: Array.from({ length: STEPS }, (_, i) => {
      const inMachine = turnAbout(cranks.at, cranks.axis, (360 * i) / STEPS);
      const turned = compose(compose(rig.worldFromMachine, inMachine), machineFromWorld);
      const legs = new Map(
        SIDES.flatMap((side) => [...legAt(side, cranks, inMachine, rig.worldFromMachine, body, shankM)]),
      );
      return (part) => (part.on === cranks.id ? turned : (legs.get(follows.get(part.id) ?? '') ?? IDENTITY_POSE));
    }),
  };
}

/** World from where thigh, shank and shoe were; a limb's frame runs down it along +y. The cranks stand level in the stances. */
function legAt(
  side: Side,
  { at }: MovingPart,
  turn: Pose,
  worldFromMachine: Pose,
  body: PosedBody,
  shankM: number,
): ReadonlyMap<string, Pose> {
  const [thigh, shank, foot] = [body.thigh[side], body.shank[side], body.foot[side]];
  const [ballX, , ballZ] = transformPoint(invert(worldFromMachine), foot.position);
  const pedal: Vec3 = [ballX, at[1], ballZ];
  const way = subtract(
    transformPoint(worldFromMachine, transformPoint(turn, pedal)),
    transformPoint(worldFromMachine, pedal),
  );
  const [hip, knee] = [thigh.position, shank.position];
  const ankle = transformPoint(shank, [0, shankM, 0]);
  // Across the line from hip to ankle, to the side on which the knee is bent.
  const pole = normalize(rejectFrom(subtract(knee, hip), normalize(subtract(ankle, hip))));
  const { middle, end } = twoBone(hip, add(ankle, way), distance(hip, knee), shankM, pole);
  const moved = (was: Pose, is: Pose) => compose(is, invert(was));
  return new Map([
    [suffixed('thigh', side), moved(limbPose(hip, knee, pole), limbPose(hip, middle, pole))],
    [suffixed('shank', side), moved(limbPose(knee, ankle, pole), limbPose(middle, end, pole))],
    [suffixed('shoe', side), poseAt(subtract(end, ankle))],
  ]);
}
