/** Questions to workers that have no answer yet. */
interface Unanswered {
  /** Counts a question until its answer is there. */
  readonly counted: <Value>(answer: Promise<Value>) => Promise<Value>;
  /** When none is left. */
  readonly atRest: () => Promise<void>;
}

function unanswered(): Unanswered {
  let count = 0;
  const resting = new Set<() => void>();
  const settled = () => {
    if (--count > 0) return;
    for (const rest of resting) rest();
    resting.clear();
  };
  return {
    counted: (answer) => {
      count++;
      answer.then(settled, settled);
      return answer;
    },
    atRest: () => (count === 0 ? Promise.resolve() : new Promise((resolve) => resting.add(resolve))),
  };
}

/** All of them: what nobody waits for comes after them. */
export const questions = unanswered();
/** Those for pictures: one looks at the picture before one reads what is judged of it. */
export const pictures = unanswered();
