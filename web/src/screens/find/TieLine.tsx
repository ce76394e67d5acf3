import type { Ranked, ShakeQuestion } from '@strut-spot/core';
import { judging } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';

/** Scores that are told apart by less than this count as equal: half of what the checks' own estimates move them by. Estimate 0.005 to 0.02. */
const TIED = 0.01;
/** Only the first few are held against each other: nobody chooses between the ninth and the tenth. */
const FIRST = 4;

/** Place and questions of two neighbours in the sheet that count as equal; null where they do not. */
export interface Tie {
  readonly rank: number;
  readonly before: ShakeQuestion;
  readonly own: ShakeQuestion;
}

export function tieOf(
  cards: readonly { readonly ranked: Ranked }[],
  at: number,
  shakeOf: (candidate: Ranked['candidate']) => ShakeQuestion,
): Tie | null {
  const [before, own] = [cards[at - 1]?.ranked, cards[at]?.ranked];
  if (!before || !own || at >= FIRST || Math.abs(before.score - own.score) >= TIED) return null;
  return { rank: at, before: shakeOf(before.candidate), own: shakeOf(own.candidate) };
}

/** Which of two equals is the steadier, in the same cases of what the estimates may really be. */
export function TieLine({ tie: { rank, before, own } }: { tie: Tie }) {
  const sure = useLatest(JSON.stringify([before.setUp, own.setUp, own.rig.machineId]), () =>
    judging.steadierIn100(before, own),
  ).value;
  return (
    <span className="block text-[0.86rem] leading-tight">
      as good as {rank}
      {sure !== undefined && <>; steadier than it in {sure} of 100 cases</>}
    </span>
  );
}
