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
  /** So much more of it the machine of a taller rider has, for each metre of height; none = it comes in one size. Common practice, as makers' charts of sizes have it. */
  readonly perMetreOfRider?: number;
}

/** The rider for whom the standards are, metres tall: an adult between the European means for women and men; estimate 1.6 to 1.85. */
export const STANDARD_RIDER_M = 1.75;

/** Values for a carrier's dimensions, by id; what is missing takes its standard. */
export type Fit = Readonly<Record<string, number>>;

/** The measures of a rider's machine: those that are given, and of the rest those that come in sizes as somebody of that height rides them. @param statureM of the rider, metres */
export function fittedFor(dimensions: readonly Dimension[], statureM: number, given: Fit): Fit {
  const sized = dimensions.flatMap(({ id, standard, step, perMetreOfRider }) => {
    if (perMetreOfRider === undefined) return [];
    const more = perMetreOfRider * (statureM - STANDARD_RIDER_M);
    return [[id, standard + Math.round(more / step) * step] as const];
  });
  return { ...Object.fromEntries(sized), ...given };
}

export const fittedValue = (dimensions: readonly Dimension[], fit: Fit, id: string): number => {
  const dimension = dimensions.find((d) => d.id === id);
  if (!dimension)
    throw new RangeError(`fittedValue: no dimension "${id}" (there are ${dimensions.map((d) => d.id).join(', ')})`);
  // A measure that a file brought, or that a later catalogue narrowed, stays within what the machine can be.
  return Math.min(dimension.high, Math.max(dimension.low, fit[id] ?? dimension.standard));
};
