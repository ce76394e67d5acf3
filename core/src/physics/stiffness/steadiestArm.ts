import { kitWith } from '../../posing/lookup/kit';
import { poseRig } from '../../posing/rig/poseRig';
import { armsRefusal } from '../../posing/strut/armsRefusal';
import { ARM_KINDS, MOST_FURTHER_ARMS } from '../../posing/strut/furtherArms';
import { poseStrut } from '../../posing/strut/kinematics';
import { resolveSetUp } from '../../posing/strut/resolveSetUp';
import { SET_UP_STANCE_ID } from '../../words/carrier/stance';
import type { LinkDefinition } from '../../words/kit/link';
import type { RigSpec } from '../../words/rig/rigSpec';
import type { FurtherArm, SetUp } from '../../words/setUp/setUp';
import { usual } from '../../words/sourced/ends';
import { armFrame } from './armFrame';

/** How far from the first base another is tried: less brings little, more takes arms that nobody has. Metres. */
const APART_M = [0.12, 0.18, 0.24, 0.3] as const;
/** Every so many degrees round it. */
const ROUND_DEG = 45;

/** Room for one more arm on the camera of a set-up. */
export function takesAnotherArm(rig: RigSpec, { cameraId, furtherArms = [] }: SetUp): boolean {
  const camera = kitWith(rig.ownKit).cameras.find((c) => c.id === cameraId);
  return furtherArms.length < Math.min(MOST_FURTHER_ARMS, (camera?.screwPoints ?? 1) - 1);
}

/**
 * One more arm from a base like the first, where it makes the camera give least: every place round the first base with every arm of the kit that
 * reaches from there, the steadiest by the sum of what the camera gives in the three directions. Null where none goes.
 */
export function steadiestArm(rig: RigSpec, setUp: SetUp): FurtherArm | null {
  if (!takesAnotherArm(rig, setUp)) return null;
  const { links } = kitWith(rig.ownKit);
  // A pole's lock slides where an arm's joint holds: poles only where no arm reaches.
  for (const kind of ARM_KINDS) {
    const arm = steadiestOf(
      rig,
      setUp,
      links.filter((link) => link.kind === kind),
    );
    if (arm) return arm;
  }
  return null;
}

function steadiestOf(rig: RigSpec, setUp: SetUp, links: readonly LinkDefinition[]): FurtherArm | null {
  const setUpRig = poseRig(rig, SET_UP_STANCE_ID);
  let best: { readonly arm: FurtherArm; readonly gives: number } | null = null;
  for (const apartM of APART_M)
    for (let deg = 0; deg < 360; deg += ROUND_DEG)
      for (const link of links) {
        const round = (m: number) => Math.round(m * 100) / 100;
        const arm: FurtherArm = {
          alongM: round(apartM * Math.cos((deg * Math.PI) / 180)),
          acrossM: round(apartM * Math.sin((deg * Math.PI) / 180)),
          baseId: setUp.baseId,
          linkId: link.id,
        };
        const resolved = resolveSetUp(rig, { ...setUp, furtherArms: [...(setUp.furtherArms ?? []), arm] });
        if (armsRefusal(rig, resolved)) continue;
        const pose = poseStrut(resolved, setUpRig, setUpRig);
        const { together } = armFrame(resolved, pose, usual)!;
        const gives = together[0]![0]! + together[1]![1]! + together[2]![2]!;
        if (!best || gives < best.gives) best = { arm, gives };
      }
  return best?.arm ?? null;
}
