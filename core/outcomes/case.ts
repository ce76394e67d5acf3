/** One piece of practice: so asked, a practitioner ends up there. Common practice, no source. */
export interface OutcomeCase {
  /** Number of the case, and which part of it. */
  readonly id: string;
  readonly asked: string;
  readonly expected: string;
  /** Through the entry points that the page uses. */
  readonly find: () => Outcome;
  /** Why it does not hold yet; none = it must. */
  readonly notYet?: string;
}

export interface Outcome {
  readonly holds: boolean;
  readonly found: string;
}

export const outcome = (holds: boolean, found: string): Outcome => ({ holds, found });
