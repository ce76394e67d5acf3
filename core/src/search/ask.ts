import { intentOf } from '../checks/intentOf';
import type { SunPlace } from '../light/sun';
import type { IntentDefinition, Want } from '../checks/intent';

/** What counts in a score; each can be given more or less weight. */
export const TERM_IDS = [
  'picture',
  'steady',
  'feel',
  'holds',
  'clear',
  'light',
  'quick',
  'reach',
  'talk',
  'sun',
] as const;
export type TermId = (typeof TERM_IDS)[number];
export type Weights = Readonly<Record<TermId, number>>;

/** Things of one's own that spoil pictures, by what their parts' ids begin with. */
export const OWN_THINGS = [
  { id: 'hardware', name: 'own hardware', parts: ['own'] },
  { id: 'cables', name: 'cables', parts: ['cables'] },
  { id: 'chest', name: 'own chest and belly', parts: ['ribcage', 'abdomen', 'vest'] },
  { id: 'helmet', name: 'helmet, visor, foam', parts: ['helmet', 'goggle', 'headStrap'] },
  { id: 'legs', name: 'own legs', parts: ['thigh', 'shank', 'shoe'] },
] as const;
export type OwnThing = (typeof OWN_THINGS)[number]['id'];

/** What the filmer asks of a shot: an intent, and how it is to differ from it. Stored with the shot. */
export interface Ask {
  readonly intentId: string;
  /** Shares of the picture in place of the intent's own, by want. */
  readonly shares?: Readonly<Record<string, readonly [low: number, high: number]>>;
  /** Band for the sky line in place of the intent's; null = anywhere. */
  readonly horizonBand?: readonly [low: number, high: number] | null;
  /** 0 = calm, 1 = fast, null = does not matter; none = as the intent has it. */
  readonly feel?: number | null;
  readonly format: 'wide' | 'upright';
  readonly hands: 'as the intent' | 'with' | 'without';
  /** Whether the filmer talks: near the mouth is better. */
  readonly talking: boolean;
  /** Whether its button must be in reach while riding. */
  readonly reachable: boolean;
  /** Things of one's own that must not come into the picture. */
  readonly without?: readonly OwnThing[];
  /** Where the sun stands, to be kept out of the picture; none = it does not matter. */
  readonly sun?: SunPlace;
  /** From the kit box, or from everything that there is. */
  readonly kit: 'box' | 'anything';
  /** Carriers of the outing that are looked at. */
  readonly carrierIds: readonly string[];
  readonly weights: Partial<Weights>;
}

export const newAsk = (intentId: string, carrierId: string): Ask => ({
  intentId,
  format: 'wide',
  hands: 'as the intent',
  talking: false,
  reachable: false,
  kit: 'box',
  carrierIds: [carrierId],
  weights: {},
});

/** Usual weights. The picture comes first; common practice, no source. */
export const USUAL_WEIGHTS: Weights = {
  picture: 10,
  steady: 4,
  feel: 3,
  holds: 3,
  clear: 2,
  light: 1,
  quick: 1,
  reach: 0,
  talk: 0,
  sun: 0,
};
export const WEIGHT_LIMIT = 12;

/** Weights that count for an ask: the usual ones, what it asks for on top, then what was set by hand. */
export const weightsOf = (ask: Ask): Weights => ({
  ...USUAL_WEIGHTS,
  ...intentOf(ask.intentId).weights,
  ...(feelOf(ask) === null ? { feel: 0 } : {}),
  reach: ask.reachable ? 3 : 0,
  talk: ask.talking ? 3 : 0,
  sun: ask.sun ? 4 : 0,
  ...ask.weights,
});

export const feelOf = (ask: Ask): number | null => (ask.feel === undefined ? intentOf(ask.intentId).feel : ask.feel);

const HANDS: Want = {
  id: 'hands',
  label: 'hands',
  of: { groups: ['hands'] },
  share: [0.02, 0.35],
  weight: 3,
};
/** As little as nobody sees, and what it counts. */
const NOTHING_OF_IT = { share: [0, 0.004], weight: 3 } as const;
/** As little as makes no difference. */
const NO_HANDS = [0, 0.008] as const;

/** The intent with what the ask changes in it: this is what pictures are held against. @throws RangeError for an unknown intent */
export function askedIntent(ask: Ask): IntentDefinition {
  const intent = intentOf(ask.intentId);
  const had = intent.wants.some((w) => w.id === 'hands');
  const hands: Want =
    ask.hands === 'without'
      ? { ...HANDS, share: NO_HANDS }
      : {
          ...HANDS,
          ...(had && intent.wants.find((w) => w.id === 'hands')!.share[0] > 0
            ? intent.wants.find((w) => w.id === 'hands')!
            : {}),
        };
  const wants =
    ask.hands === 'as the intent'
      ? intent.wants
      : had
        ? intent.wants.map((w) => (w.id === 'hands' ? hands : w))
        : [...intent.wants, hands];
  const without = OWN_THINGS.filter(({ id }) => ask.without?.includes(id)).map(({ id, name, parts }): Want => ({
    id: `no-${id}`,
    label: name,
    of: { parts },
    ...NOTHING_OF_IT,
  }));
  return {
    ...intent,
    feel: feelOf(ask),
    horizonBand: ask.horizonBand === undefined ? intent.horizonBand : ask.horizonBand,
    wants: [...wants, ...without].map((w) => (ask.shares?.[w.id] ? { ...w, share: ask.shares[w.id]! } : w)),
  };
}
