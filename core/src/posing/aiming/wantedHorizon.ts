import type { IntentDefinition } from '../../words/shot/intent';
import type { ShotQuestion } from '../../words/shot/shotQuestion';
import { askedIntent } from '../lookup/askedIntent';
import { intentOf } from '../lookup/intentOf';

/** Heights for the sky line that are tried within a band, the middle first. */
export const heightsInBand = ([low, high]: readonly [number, number]): readonly number[] =>
  [0.5, 0.2, 0.8].map((t) => Math.round((low + t * (high - low)) * 1000) / 1000);

/** What a shot is held against: its intent with what was asked to differ from it. @throws RangeError for an unknown intent */
export const intentAsked = ({ intentId, ask }: Pick<ShotQuestion, 'intentId' | 'ask'>): IntentDefinition =>
  ask && ask.intentId === intentId ? askedIntent(ask) : intentOf(intentId);

/** Where the sky line is wanted, as fractions of the picture from the top: the band asked for, and the height to aim at. */
export interface WantedHorizon {
  readonly band: readonly [low: number, high: number];
  readonly height: number;
}

/** The one answer to where the sky line belongs; null where it does not matter. */
export function wantedHorizon(question: Pick<ShotQuestion, 'intentId' | 'ask' | 'horizonAt'>): WantedHorizon | null {
  const { horizonBand } = intentAsked(question);
  return horizonBand && { band: horizonBand, height: question.horizonAt ?? middleOf(horizonBand) };
}

const middleOf = (band: readonly [number, number]): number => Math.round((band[0] + band[1]) * 500) / 1000;
