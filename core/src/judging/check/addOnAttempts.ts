import { addOnsFor, kitWith } from '../../posing/lookup/kit';
import type { AddOnDefinition } from '../../words/kit/addOn';
import { COST_CLASSES } from '../../words/kit/cost';
import type { ShotScene } from '../scene/shotScene';
import type { Attempt } from './check';

/** What could go on the camera as it is, of a kind, tried as a mend. @param costs what it costs besides money */
export function addOnAttempts(
  { resolved: { setUp, camera }, question: { rig } }: ShotScene,
  is: (addOn: AddOnDefinition) => boolean,
  costs: string,
): readonly Attempt[] {
  const worn = setUp.addOnIds ?? [];
  return addOnsFor(kitWith(rig.ownKit), camera)
    .filter((addOn) => is(addOn) && !worn.includes(addOn.id))
    .map((addOn) => ({
      id: `add-${addOn.id}`,
      text: `a ${addOn.name.replace(/^./, (first) => first.toLowerCase())}`,
      setUp: { ...setUp, addOnIds: [...worn, addOn.id] },
      effort: 2 + COST_CLASSES.indexOf(addOn.cost),
      costs: `${costs}, a piece for ${addOn.cost}`,
    }));
}

/** The set-up without anything on its camera of a kind. */
export function withoutAddOns(
  { resolved: { setUp }, question: { rig } }: ShotScene,
  is: (addOn: AddOnDefinition) => boolean,
): Attempt['setUp'] {
  const { addOnIds = [], ...rest } = setUp;
  const off = kitWith(rig.ownKit)
    .addOns.filter(is)
    .map(({ id }) => id);
  const left = addOnIds.filter((id) => !off.includes(id));
  return left.length === 0 ? rest : { ...rest, addOnIds: left };
}
