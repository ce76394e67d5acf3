import type { Sourced } from './source';

/** Which end of a figure's range is taken. */
export type Pick = (figure: Sourced) => number;

export const usual: Pick = ({ value }) => value;
export const atLow: Pick = ({ value, source }) => (source.kind === 'estimate' ? source.low : value);
export const atHigh: Pick = ({ value, source }) => (source.kind === 'estimate' ? source.high : value);
