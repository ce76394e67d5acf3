interface Dealing<Worker, Job, Result> {
  readonly workers: readonly Worker[];
  readonly jobs: readonly Job[];
  readonly ask: (worker: Worker, job: Job) => Promise<Result | null>;
  readonly take: (result: Result, job: Job) => void;
  /** Asked before each job and each result: false ends the dealing. */
  readonly goesOn: () => boolean;
  /** Jobs that a worker has at hand, so that it need not wait for the page. */
  readonly ahead?: number;
}

/** Deals out jobs, in order, to whoever is free. Ends when all are answered or it does not go on; a job may be answered by nothing. */
export async function dealOut<Worker, Job, Result>(dealing: Dealing<Worker, Job, Result>): Promise<void> {
  const { workers, jobs, ask, take, goesOn, ahead = 1 } = dealing;
  let next = 0;
  const serve = async (worker: Worker) => {
    while (next < jobs.length && goesOn()) {
      const job = jobs[next++]!;
      const result = await ask(worker, job);
      if (result !== null && goesOn()) take(result, job);
    }
  };
  await Promise.all(workers.flatMap((worker) => Array.from({ length: ahead }, () => serve(worker))));
}
