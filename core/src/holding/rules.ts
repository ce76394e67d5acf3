import type { BaseKind, CarrierFamily, SurfaceMaterial } from '../rig/definitions';
import type { VenueId } from './venue';

/** Who is asked before anything is done. */
export type Asked = 'the licensed inspector' | 'the owner' | 'the organiser' | 'local rules' | 'the maker';

/** A rule or caution of the trade as data: where it counts, what it says, why, and whom to ask. */
export interface RuleDefinition {
  readonly id: string;
  readonly applies: {
    readonly families?: readonly CarrierFamily[];
    readonly baseKinds?: readonly BaseKind[];
    readonly materials?: readonly SurfaceMaterial[];
    /** On the rider's head or body. */
    readonly worn?: 'head' | 'body';
    /** Inside a cabin or under a canopy, or out in the wind; none = both. */
    readonly sheltered?: boolean;
    /** Kinds of link in the strut. */
    readonly links?: readonly string[];
    readonly venues?: readonly VenueId[];
  };
  /** Stops the set-up, or goes along as a caution. */
  readonly kind: 'stop' | 'caution';
  readonly text: string;
  readonly because: string;
  readonly ask: readonly Asked[];
  /** When it is gone through. */
  readonly when: 'before mounting' | 'before moving' | 'under way' | 'after';
}

/** What a rule is held against. */
export interface RuleSituation {
  readonly family: CarrierFamily;
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
    among(applies.baseKinds, s.baseKind) &&
    among(applies.materials, s.material) &&
    (applies.worn === undefined || applies.worn === s.worn) &&
    (applies.sheltered === undefined || applies.sheltered === s.sheltered) &&
    among(applies.venues, s.venueId) &&
    (applies.links === undefined || applies.links.some((kind) => s.links.includes(kind)))
  );
}
