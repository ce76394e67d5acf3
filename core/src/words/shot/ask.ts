import type { SunPlace } from '../../mathematics/sun/sun';

/** What counts in a score; each can be given more or less weight. */
export const TERM_IDS = [
  'picture',
  'steady',
  'feel',
  'holds',
  'clear',
  'glass',
  'mass',
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
type OwnThing = (typeof OWN_THINGS)[number]['id'];

/** How the sun is wished, where place, hour and heading say where it stands. */
export const LIGHT_WISHES = ['out', 'in', 'front', 'side', 'behind', 'silhouette', 'no-shadow'] as const;
export type LightWish = (typeof LIGHT_WISHES)[number];

/** From the kit box, from what the outing's other shots leave in it, or from everything that there is. */
export const ASKED_KITS = ['box', 'left', 'anything'] as const;
type AskedKit = (typeof ASKED_KITS)[number];

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
  /** The sun kept out of the picture or in it, or the light from one side; none = as it comes. */
  readonly light?: LightWish;
  readonly kit: AskedKit;
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
export const WEIGHT_LIMIT = 12;
