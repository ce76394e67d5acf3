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

export function whyNot(spot: SpotResult, best: Ranked, weights: Weights): WhyNot {
  const [own] = rankCandidates(spot.candidates, weights);
  if (!own) return { kind: 'rejected', reasons: spot.rejections.slice(0, MOST_REASONS) };
  if (own.candidate.id === best.candidate.id) return { kind: 'best' };
  return {
    kind: 'behind',
    own,
    lost: best.score - own.score,
    terms: lostAgainst(own.candidate, best.candidate, weights).filter((t) => t.lost > 0.002),
    stopped: spot.rejections.filter((r) => r.check !== 'fits').slice(0, MOST_REASONS),
  };
}
