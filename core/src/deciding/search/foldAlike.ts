import { likeness, withVariety, type Ranked } from './rankCandidates';

/** From here on two of them are one idea with another mode, link or camera. Estimate 0.85 to 0.92. */
const NEAR_COPY = 0.88;

/** One card of a contact sheet: what it shows, and what differs from that too little for a card of its own. */
interface Folded {
  readonly ranked: Ranked;
  readonly alike: readonly Ranked[];
}

const isStopped = ({ candidate }: Ranked): boolean => Object.values(candidate.verdicts).includes('stop');

/** A sheet with near-copies folded into the first of their kind, in the sheet's order. What a check stops never hides behind what none does, nor the other way round. */
export function foldAlike(sheet: readonly Ranked[]): readonly Folded[] {
  const cards: { readonly ranked: Ranked; readonly alike: Ranked[] }[] = [];
  // From another spot nothing is a near-copy.
  const ofSpot = new Map<string, typeof cards>();
  for (const ranked of sheet) {
    const { carrierId, spotId } = ranked.candidate;
    const here = ofSpot.get(`${carrierId} ${spotId}`) ?? [];
    ofSpot.set(`${carrierId} ${spotId}`, here);
    const like = here.find(
      (card) =>
        isStopped(card.ranked) === isStopped(ranked) && likeness(card.ranked.candidate, ranked.candidate) >= NEAR_COPY,
    );
    if (like) {
      like.alike.push(ranked);
      continue;
    }
    const card = { ranked, alike: [] };
    cards.push(card);
    here.push(card);
  }
  return cards;
}

/** The cards of a contact sheet: near-copies folded first, so that they do not take the places of the first few, which are as different as good ones can be. */
export function sheetCards(ranked: readonly Ranked[], first: number): readonly Folded[] {
  const cards = new Map(foldAlike(ranked).map((card) => [card.ranked, card]));
  return withVariety([...cards.keys()], first).map((head) => cards.get(head)!);
}
