import { goesOn, wearing } from '../../../posing/building/wearing';
import { addOnsOf, kitWith } from '../../../posing/lookup/kit';
import type { AddOnDefinition } from '../../../words/kit/addOn';
import type { Finding } from '../../../words/check/result';
import type { SetUp } from '../../../words/setUp/setUp';
import type { RigSpec } from '../../../words/rig/rigSpec';
import type { ShotScene } from '../../scene/shotScene';

/** What of a set-up's add-ons does not go on its camera, with what is under it on already. */
export function unfitAddOns(rig: RigSpec, setUp: SetUp): readonly AddOnDefinition[] {
  const kit = kitWith(rig.ownKit);
  const bare = kit.cameras.find(({ id }) => id === setUp.cameraId)!;
  const all = addOnsOf(kit, setUp);
  return all.filter((addOn, i) => !goesOn(addOn, wearing(bare, all.slice(0, i))));
}

/** What is set to go on the camera and does not. */
export function wornFinding({ resolved: { setUp, camera }, question: { rig } }: ShotScene): Finding | null {
  if (!setUp.addOnIds?.length) return null;
  const unfit = unfitAddOns(rig, setUp);
  if (unfit.length === 0) return null;
  return {
    id: 'add-on-fits',
    label: 'what goes on the camera',
    verdict: 'stop',
    value: unfit.length,
    unit: '',
    limit: [null, 0],
    margin: -unfit.length,
    because: `the ${unfit.map(({ name }) => name.toLowerCase()).join(' and the ')} does not go on a ${camera.name.toLowerCase()}: it is left out of every figure`,
    mend: { text: 'take it off the list, or take another camera' },
  };
}
