const channel = new MessageChannel();
const waiting: (() => void)[] = [];
const next = (): void => {
  waiting.shift()?.();
  // Nobody listens while nobody waits: a port that is listened to keeps a thread alive.
  if (waiting.length === 0) channel.port1.onmessage = null;
};

/** Lets messages in that came to this worker meanwhile; more than one answer may wait. */
const pause = (): Promise<void> =>
  new Promise((resolve) => {
    waiting.push(resolve);
    channel.port1.onmessage = next;
    channel.port2.postMessage(null);
  });

interface Pauses<Step> {
  readonly everyMs: number;
  /** Told before each pause how far it is. */
  readonly told?: (step: Step) => void;
  /** Goes on only while nothing else is under way here that somebody looks at. */
  readonly behind?: boolean;
}

/** How many are under way that are not behind others. */
let inFront = 0;

/** Runs something long step by step, with pauses in which this worker does what else it is asked. */
export function inSlices<Step, Value>(steps: Generator<Step, Value>, pauses: Pauses<Step>): Promise<Value>;
/** @param pauses.stopped asked after each pause @returns null when it was stopped on the way */
export function inSlices<Step, Value>(
  steps: Generator<Step, Value>,
  pauses: Pauses<Step> & { readonly stopped: () => boolean },
): Promise<Value | null>;
export async function inSlices<Step, Value>(
  steps: Generator<Step, Value>,
  { everyMs, told, behind = false, stopped }: Pauses<Step> & { readonly stopped?: () => boolean },
): Promise<Value | null> {
  if (!behind) inFront++;
  try {
    let step = steps.next();
    for (let last = performance.now(); !step.done; step = steps.next()) {
      if (performance.now() - last < everyMs) continue;
      told?.(step.value);
      do await pause();
      while (behind && inFront > 0);
      if (stopped?.()) return null;
      last = performance.now();
    }
    return step.value;
  } finally {
    if (!behind) inFront--;
  }
}
