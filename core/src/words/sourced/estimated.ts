import type { Sourced } from './source';

/** A figure of the kit for which nothing is published: with the range it may well lie in. */
export const estimated = (value: number, low: number, high: number): Sourced => ({
  value,
  source: { kind: 'estimate', low, high },
});
