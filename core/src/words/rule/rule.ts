import type { BaseKind, SurfaceMaterial } from '../carrier/surface';
import type { CarrierFamily, MachineTrait } from '../carrier/machine';
import type { VenueId } from '../ride/venue';

/** Who is asked before anything is done. */
type Asked = 'the licensed inspector' | 'the owner' | 'the organiser' | 'local rules' | 'the maker';

/** A rule or caution of the trade as data: where it counts, what it says, why, and whom to ask. */
export interface RuleDefinition {
  readonly id: string;
  readonly applies: {
    /** On the machine itself, not on what somebody wears. */
    readonly onMachine?: true;
    readonly families?: readonly CarrierFamily[];
    /** Any of them. */
    readonly traits?: readonly MachineTrait[];
    /** None of them. */
    readonly without?: readonly MachineTrait[];
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
  /** Nothing may be mounted before somebody licensed has said yes: until then it counts as hardly held. */
  readonly approval?: true;
  /** Stops the set-up, or goes along as a caution. */
  readonly kind: 'stop' | 'caution';
  readonly text: string;
  readonly because: string;
  readonly ask: readonly Asked[];
  /** When it is gone through. */
  readonly when: 'before mounting' | 'before moving' | 'under way' | 'after';
}

/** Whether it is said of some situations only; what is said of every ride is no news beside a choice. */
export const isParticular = ({ applies }: RuleDefinition): boolean => Object.keys(applies).length > 0;

/** Of several those that fit a choice most closely, before them what stops it. @param most so many at most */
export const closestRules = (rules: readonly RuleDefinition[], most: number): readonly RuleDefinition[] => {
  const stops = ({ kind }: RuleDefinition) => Number(kind === 'stop');
  const conditions = ({ applies }: RuleDefinition) => Object.keys(applies).length;
  const closest = rules
    .filter(isParticular)
    .sort((a, b) => stops(b) - stops(a) || conditions(b) - conditions(a))
    .slice(0, most);
  return rules.filter((rule) => closest.includes(rule));
};
