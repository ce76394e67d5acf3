import type { Weights } from '../../words/shot/ask';
import type { Candidate, Term } from '../../judging/check/candidate';
import { meanOf, OPEN, scoreOf, takenBy, weightOf } from './score';

export interface Ranked {
  readonly candidate: Candidate;
  readonly score: number;
}

/** Schools of the trade, each a way to narrow the sheet down. */
export const SCHOOLS = [
  { id: 'head', name: 'On the head', holds: (c: Candidate) => c.placeKind === 'head' },
  { id: 'body', name: 'On the body', holds: (c: Candidate) => c.placeKind === 'body' },
  { id: 'machine', name: 'On the machine', holds: (c: Candidate) => c.placeKind === 'machine' },
  { id: 'rigid', name: 'Rigid', holds: (c: Candidate) => !c.facts.damped },
  { id: 'damped', name: 'Damped', holds: (c: Candidate) => c.facts.damped },
  { id: 'hands', name: 'Hands in', holds: (c: Candidate) => (c.facts.shares.hands ?? 0) >= 0.015 },
  { id: 'no-hands', name: 'No hands', holds: (c: Candidate) => (c.facts.shares.hands ?? 0) < 0.008 },
] as const satisfies readonly { id: string; name: string; holds: (c: Candidate) => boolean }[];
export type SchoolId = (typeof SCHOOLS)[number]['id'];

/** As it is told on a card, in hundredths. */
const told = (score: number): number => Math.round(score * 100);

/** Best first by some weights; of those that are told with the same figure the one without a damper; equals by their id, so that the order is always the same. */
export const rankCandidates = (candidates: readonly Candidate[], weights: Weights): readonly Ranked[] =>
  candidates
    .map((candidate) => ({ candidate, score: scoreOf(candidate, weights) }))
    .sort(
      (a, b) =>
        told(b.score) - told(a.score) ||
        Number(a.candidate.facts.damped) - Number(b.candidate.facts.damped) ||
        b.score - a.score ||
        a.candidate.id.localeCompare(b.candidate.id),
    );

/** How alike two pictures are taken: the same spot, and from there nearly the same place, view, camera and look. 0 to 1. */
export function likeness(a: Candidate, b: Candidate): number {
  if (a.carrierId !== b.carrierId) return 0;
  const near = (difference: number, scale: number) => Math.exp(-((difference / scale) ** 2));
  const wrapped = Math.abs(((a.facts.viewDeg - b.facts.viewDeg + 540) % 360) - 180);
  const fast = (c: Candidate) => 0.05 + (c.facts.speedFeel ?? 0);
  const shaken = (c: Candidate) => Math.exp(-(c.facts.unsteadiness ?? 0));
  return (
    0.5 * Number(a.spotId === b.spotId) +
    0.08 * Number(a.placeKind === b.placeKind) +
    0.08 * near(wrapped, 30) +
    0.1 * near(a.facts.outM - b.facts.outM, 0.15) +
    0.08 * near(Math.log(a.facts.horizontalFovDeg / b.facts.horizontalFovDeg), 0.3) +
    0.06 * near(Math.log(fast(a) / fast(b)), 0.3) +
    0.06 * near(shaken(a) - shaken(b), 0.15) +
    0.04 * Number(a.facts.cameraName === b.facts.cameraName)
  );
}

/** Such a share of a score is given away for a picture as unlike all before it as can be. Estimate 0.3 to 0.7. */
const FOR_VARIETY = 0.5;

/**
 * The first few as different as good ones can be: each next one is the best after a deduction for its likeness to those already
 * there. The very best is among them; they stand in the order of their scores, and the rest follow by score.
 */
export function withVariety(ranked: readonly Ranked[], first: number): readonly Ranked[] {
  const left = [...ranked];
  const taken: Ranked[] = [];
  const worst = new Map<Ranked, number>();
  while (taken.length < first && left.length > 0) {
    let best = 0;
    let bestWorth = -Infinity;
    left.forEach((r, i) => {
      // A share of it: where all that is left is stopped, what is worth least does not come first for being different.
      const worth = r.score * (1 - FOR_VARIETY * (worst.get(r) ?? 0));
      if (worth > bestWorth) [best, bestWorth] = [i, worth];
    });
    const [chosen] = left.splice(best, 1);
    taken.push(chosen!);
    for (const r of left) {
      worst.set(r, Math.max(worst.get(r) ?? 0, likeness(chosen!.candidate, r.candidate)));
    }
  }
  const order = new Map(ranked.map((r, i) => [r, i]));
  return [...taken.sort((a, b) => order.get(a)! - order.get(b)!), ...left];
}

/**
 * What one loses against another, term by term, the heaviest first: the difference of their means, shared out by what each term takes from the
 * product. Stops are told apart.
 */
export function lostAgainst(
  loser: Candidate,
  winner: Candidate,
  weights: Weights,
): readonly { readonly id: Term['id']; readonly lost: number; readonly text: string; readonly against: string }[] {
  const all = winner.terms.reduce((sum, { id }) => sum + weightOf(weights, id), 0) || 1;
  const taken = winner.terms.map(({ id, value, text }) => {
    const own = loser.terms.find((t) => t.id === id);
    const weight = weightOf(weights, id);
    const more = takenBy(own?.value ?? 0, weight, all) - takenBy(value, weight, all);
    return { id, more, text: own?.text ?? '', against: text };
  });
  const whole = taken.reduce((sum, t) => sum + t.more, 0);
  const behind = OPEN * (meanOf(winner, weights) - meanOf(loser, weights));
  const share = Math.abs(whole) > 1e-9 ? behind / whole : OPEN * meanOf(winner, weights);
  return taken.map(({ more, ...t }) => ({ ...t, lost: more * share })).sort((a, b) => b.lost - a.lost);
}

/** Which of the schools have something, and what the best of each gives away against the best of all. */
export function schoolCosts(ranked: readonly Ranked[], weights: Weights) {
  const best = ranked[0];
  return SCHOOLS.map(({ id, name, holds }) => {
    const own = ranked.find((r) => holds(r.candidate));
    if (!best || !own) return { id, name, count: 0, lost: null, mostly: null };
    const [mostly] = lostAgainst(own.candidate, best.candidate, weights);
    return {
      id,
      name,
      count: ranked.filter((r) => holds(r.candidate)).length,
      lost: best.score - own.score,
      mostly: mostly && mostly.lost > 0.002 ? mostly.id : null,
    };
  });
}
