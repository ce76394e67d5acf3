import type { Sourced } from './source';

/** Which end of a figure's range is taken. */
export type RangeEnd = (figure: Sourced) => number;

export const usual: RangeEnd = ({ value }) => value;
export const atLow: RangeEnd = ({ value, source }) => (source.kind === 'estimate' ? source.low : value);
export const atHigh: RangeEnd = ({ value, source }) => (source.kind === 'estimate' ? source.high : value);
