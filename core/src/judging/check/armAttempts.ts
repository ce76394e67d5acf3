import { steadiestArm } from '../../physics/stiffness/steadiestArm';
import { kitWith } from '../../posing/lookup/kit';
import { armName } from '../../posing/strut/furtherArms';
import { armPlaceWords } from '../../posing/strut/armPlace';
import type { SetUp } from '../../words/setUp/setUp';
import type { ShotScene } from '../scene/shotScene';
import type { Attempt } from './check';

const centimetres = (m: number): string => `${Math.round(m * 100)} cm`;

/** One more arm where it steadies most, and a third with it: for a camera in a cage. */
export function armAttempts({ question: { rig, setUp }, resolved }: ShotScene): readonly Attempt[] {
  const out: Attempt[] = [];
  const kit = kitWith(rig.ownKit);
  let now: SetUp = setUp;
  const added: string[] = [];
  for (;;) {
    const arm = steadiestArm(rig, now);
    if (!arm) return out;
    const already = now.furtherArms ?? [];
    now = { ...now, furtherArms: [...already, arm] };
    const link = kit.links.find((l) => l.id === arm.linkId)!;
    added.push(
      `a ${armName(already.length)} (${link.name.toLowerCase()}), its ${resolved.base.name.toLowerCase()} ${armPlaceWords(rig, resolved.placed, arm, centimetres)}`,
    );
    out.push({
      id: `arms-${now.furtherArms!.length}`,
      text: added.join(', and '),
      setUp: now,
      effort: 2 + 2 * added.length,
      costs: `${added.length === 1 ? 'an arm and a base' : 'two arms and two bases'} more, and their minutes`,
    });
  }
}
