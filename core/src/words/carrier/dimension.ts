import type { Source } from '../sourced/source';

/** A measure that the rider can fit to their own machine. */
export interface Dimension {
  readonly id: string;
  readonly name: string;
  readonly unit: 'm' | 'deg';
  readonly standard: number;
  readonly low: number;
  readonly high: number;
  readonly step: number;
  readonly source: Source;
}

/** Values for a carrier's dimensions, by id; what is missing takes its standard. */
export type Fit = Readonly<Record<string, number>>;

export const fittedValue = (dimensions: readonly Dimension[], fit: Fit, id: string): number => {
  const dimension = dimensions.find((d) => d.id === id);
  if (!dimension)
    throw new RangeError(`fittedValue: no dimension "${id}" (there are ${dimensions.map((d) => d.id).join(', ')})`);
  // A measure that a file brought, or that a later catalogue narrowed, stays within what the machine can be.
  return Math.min(dimension.high, Math.max(dimension.low, fit[id] ?? dimension.standard));
};
