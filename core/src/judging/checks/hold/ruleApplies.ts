import type { BaseKind, SurfaceMaterial } from '../../../words/carrier/surface';
import type { CarrierFamily, MachineTrait } from '../../../words/carrier/machine';
import type { VenueId } from '../../../words/ride/venue';
import type { RuleDefinition } from '../../../words/rule/rule';

/** What a rule is held against. */
export interface RuleSituation {
  readonly family: CarrierFamily;
  readonly traits: readonly MachineTrait[];
  readonly baseKind: BaseKind;
  readonly material: SurfaceMaterial;
  readonly worn: 'head' | 'body' | null;
  readonly sheltered: boolean;
  readonly links: readonly string[];
  readonly venueId: VenueId;
}

export function ruleApplies({ applies }: RuleDefinition, s: RuleSituation): boolean {
  const among = <T>(list: readonly T[] | undefined, value: T) => list === undefined || list.includes(value);
  return (
    among(applies.families, s.family) &&
    (applies.traits === undefined || applies.traits.some((trait) => s.traits.includes(trait))) &&
    !applies.without?.some((trait) => s.traits.includes(trait)) &&
    among(applies.baseKinds, s.baseKind) &&
    among(applies.materials, s.material) &&
    (applies.onMachine === undefined || s.worn === null) &&
    (applies.worn === undefined || applies.worn === s.worn) &&
    (applies.sheltered === undefined || applies.sheltered === s.sheltered) &&
    among(applies.venues, s.venueId) &&
    (applies.links === undefined || applies.links.some((kind) => s.links.includes(kind)))
  );
}
