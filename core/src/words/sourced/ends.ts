import type { Sourced } from './source';

/** Which end of a figure's range is taken. */
export type RangeEnd = (figure: Sourced) => number;

export const usual: RangeEnd = ({ value }) => value;
export const atLow: RangeEnd = ({ value, source }) => (source.kind === 'estimate' ? source.low : value);
export const atHigh: RangeEnd = ({ value, source }) => (source.kind === 'estimate' ? source.high : value);

/** Ends of an estimate are taken for its twentieth and its nineteen twentieths: so many standard deviations. */
const END_DEVIATIONS = 1.645;

/** An estimate as it may be, so many standard deviations off its usual value: by its logarithm where all of it is above nothing, else evenly. */
export const drawnAt =
  (deviations: number): RangeEnd =>
  ({ value, source }) => {
    if (source.kind !== 'estimate') return value;
    const end = deviations < 0 ? source.low : source.high;
    const share = Math.abs(deviations) / END_DEVIATIONS;
    return source.low > 0 ? value * (end / value) ** share : Math.max(0, value + share * (end - value));
  };
