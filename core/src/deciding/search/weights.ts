import { intentOf } from '../../posing/lookup/intentOf';
import type { Weights, Ask } from '../../words/shot/ask';
import { feelOf } from '../../posing/lookup/askedIntent';

/** Usual weights. The picture comes first; common practice, no source. */
export const USUAL_WEIGHTS: Weights = {
  picture: 10,
  steady: 4,
  feel: 3,
  holds: 3,
  clear: 2,
  glass: 2,
  mass: 1,
  quick: 1,
  reach: 0,
  talk: 0,
  sun: 0,
};

/** Weights that count for an ask: the usual ones, what it asks for on top, then what was set by hand. */
export const weightsOf = (ask: Ask): Weights => ({
  ...USUAL_WEIGHTS,
  ...intentOf(ask.intentId).weights,
  ...(feelOf(ask) === null ? { feel: 0 } : {}),
  reach: ask.reachable ? 3 : 0,
  talk: ask.talking ? 3 : 0,
  sun: ask.sun || ask.light ? 4 : 0,
  ...ask.weights,
});
