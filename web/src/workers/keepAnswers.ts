/** How many answers of each question are kept: those of screens that one goes to and fro between. The rest are asked anew each time. */
const KEPT: Readonly<Record<string, number>> = {
  report: 60,
  bestShown: 60,
  finePicture: 12,
  advise: 24,
  holdClear: 24,
  steadySchools: 8,
  speedSweep: 8,
  engineSweep: 8,
  mountCurve: 16,
  lightOfDay: 8,
  card: 12,
  sideElevation: 24,
  strut: 24,
  spotPlaces: 12,
  spotStretch: 24,
  carrierPortrait: 40,
  kitPortrait: 80,
  baseRefusals: 24,
  tetherAnchors: 24,
  notOffered: 12,
  lostSpots: 12,
  reachProblems: 12,
  othersAboard: 12,
  powerOfDay: 8,
  story: 4,
  track: 4,
  day: 4,
};
/** Pictures by their width: what follows a hand would push the fine ones out. A fine one has 1.8 MB. */
const PICTURES = { small: 60, fine: 12, fineFromPx: 300 } as const;

const listOf = (name: string, [first]: readonly unknown[]): readonly [string, number] => {
  if (name !== 'picture') return [name, KEPT[name] ?? 0];
  const fine = (first as { readonly widthPx: number }).widthPx >= PICTURES.fineFromPx;
  return fine ? ['fine picture', PICTURES.fine] : ['small picture', PICTURES.small];
};

/**
 * Answers of workers by question, the latest of each kind: the same question has the same answer, and while it is under way nobody asks it twice.
 * What failed is asked anew.
 */
export class KeptAnswers {
  private readonly lists = new Map<string, Map<string, Promise<unknown>>>();

  /** @param ask asks the worker, where the answer isn't known */
  of(name: string, asked: readonly unknown[], ask: () => Promise<unknown>): Promise<unknown> {
    const [list, most] = listOf(name, asked);
    if (most === 0) return ask();
    const key = JSON.stringify(asked);
    const answers = this.lists.get(list) ?? new Map<string, Promise<unknown>>();
    this.lists.set(list, answers);
    const known = answers.get(key);
    answers.delete(key);
    const answer = known ?? ask();
    answers.set(key, answer);
    if (!known) {
      answer.catch(() => {
        if (answers.get(key) === answer) answers.delete(key);
      });
      if (answers.size > most) answers.delete(answers.keys().next().value!);
    }
    return answer;
  }

  /** What workers know has changed: nothing is true any more. */
  forget(): void {
    this.lists.clear();
  }
}
