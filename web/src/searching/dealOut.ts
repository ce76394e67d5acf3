interface Dealing<Worker, Job, Result> {
  readonly workers: readonly Worker[];
  /** What is to be done next, once each; null = nothing now, though an answer may bring more. @param atHand what the worker that asks has to do already */
  readonly next: (atHand: readonly Job[]) => Job | null;
  readonly ask: (worker: Worker, job: Job) => Promise<Result | null>;
  readonly take: (result: Result, job: Job) => void;
  /** Asked before each job and each result: false ends the dealing. */
  readonly goesOn: () => boolean;
  /** Jobs that a worker may have at hand, so that it need not wait for the page. */
  readonly ahead: number;
}

/**
 * Deals out jobs to whoever is free. Who finds nothing to do waits for the others' answers, which may bring more; it ends when nobody has
 * anything at hand and there is nothing more, or it does not go on. A job may be answered by nothing.
 */
export async function dealOut<Worker, Job, Result>(dealing: Dealing<Worker, Job, Result>): Promise<void> {
  const { workers, next, ask, take, goesOn, ahead } = dealing;
  const waiting: (() => void)[] = [];
  let underWay = 0;
  let failed = false;
  const serve = async (worker: Worker, atHand: Set<Job>) => {
    while (goesOn() && !failed) {
      const job = next([...atHand]);
      if (job === null && underWay === 0) return;
      if (job === null) {
        await new Promise<void>((resolve) => waiting.push(resolve));
        continue;
      }
      underWay++;
      atHand.add(job);
      try {
        const result = await ask(worker, job);
        if (result !== null && goesOn()) take(result, job);
      } catch (error) {
        failed = true;
        throw error;
      } finally {
        underWay--;
        atHand.delete(job);
        for (const wake of waiting.splice(0)) wake();
      }
    }
  };
  await Promise.all(
    workers.flatMap((worker) => {
      const atHand = new Set<Job>();
      return Array.from({ length: ahead }, () => serve(worker, atHand));
    }),
  );
}
