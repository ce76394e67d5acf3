import type { Weights } from '../../words/shot/ask';
import type { Rejection, SpotResult, Term } from '../../judging/check/candidate';
import { lostAgainst, rankCandidates, type Ranked } from './rankCandidates';

/** Why a spot is not the one: what stopped every strut on it, or what its best gives away and what would mend that. */
type WhyNot =
  | { readonly kind: 'best' }
  | { readonly kind: 'rejected'; readonly reasons: SpotResult['rejections'] }
  | {
      readonly kind: 'behind';
      readonly own: Ranked;
      readonly lost: number;
      readonly terms: readonly {
        readonly id: Term['id'];
        readonly lost: number;
        readonly text: string;
        readonly against: string;
      }[];
      /** What stopped better struts on the same spot. */
      readonly stopped: readonly Rejection[];
    };

/** Reasons that are told. */
const MOST_REASONS = 4;

/** @param best of the whole sheet; undefined where nothing was kept anywhere */
export function whyNot(spot: SpotResult, best: Ranked | undefined, weights: Weights): WhyNot {
  const [own] = rankCandidates(spot.candidates, weights);
  if (!own || !best) return { kind: 'rejected', reasons: spot.rejections.slice(0, MOST_REASONS) };
  if (own.candidate.id === best.candidate.id) return { kind: 'best' };
  return {
    kind: 'behind',
    own,
    lost: best.score - own.score,
    terms: lostAgainst(own.candidate, best.candidate, weights).filter((t) => t.lost > 0.002),
    stopped: spot.rejections.filter((r) => r.check !== 'fits').slice(0, MOST_REASONS),
  };
}

/** Why a search kept nothing at all. */
interface WhyNothing {
  /** What bars most places. */
  readonly reason: Rejection;
  readonly places: number;
  readonly of: number;
}

/** What stands in the way at most places, each counted by what it tells first; null where something was kept, or nothing is told. */
export function whyNothing(spots: readonly SpotResult[]): WhyNothing | null {
  if (spots.some(({ candidates }) => candidates.length > 0)) return null;
  const met = new Map<string, { readonly reason: Rejection; places: number }>();
  for (const [reason] of spots.map(({ rejections }) => rejections)) {
    if (!reason) continue;
    const known = met.get(reason.because);
    if (known) known.places++;
    else met.set(reason.because, { reason, places: 1 });
  }
  const [most] = [...met.values()].sort((a, b) => b.places - a.places);
  return most ? { ...most, of: spots.length } : null;
}
