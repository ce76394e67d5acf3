import type { Sourced } from '../sourced/source';
import type { CostClass } from './cost';

/** How a filter sits before a lens. */
export const FILTER_FITTINGS = ['push-on', 'screw-in', 'clip-on'] as const;
export type FilterFitting = (typeof FILTER_FITTINGS)[number];

/** Glass that goes before a lens. */
export interface FilterDefinition {
  readonly id: string;
  readonly name: string;
  /** What it looks like, in words. */
  readonly colour: string;
  /** Stops of light that it takes: log2 of its factor. */
  readonly stops: number;
  /** Of the light that glass and water mirror this is left, where the filter is turned right; none = as much as of other light. */
  readonly mirrorLeft?: Sourced;
  readonly fittings: readonly FilterFitting[];
  readonly massKg: Sourced;
  readonly cost: CostClass;
}
