const channel = new MessageChannel();
const waiting: (() => void)[] = [];
channel.port1.onmessage = () => waiting.shift()?.();

/** Lets messages in that came to this worker meanwhile; more than one answer may wait. */
const pause = (): Promise<void> =>
  new Promise((resolve) => {
    waiting.push(resolve);
    channel.port2.postMessage(null);
  });

interface Pauses<Step> {
  readonly everyMs: number;
  /** Told before each pause how far it is. */
  readonly told?: (step: Step) => void;
}

/** Runs something long step by step, with pauses in which this worker does what else it is asked. */
export function inSlices<Step, Value>(steps: Generator<Step, Value>, pauses: Pauses<Step>): Promise<Value>;
/** @param pauses.stopped asked after each pause @returns null when it was stopped on the way */
export function inSlices<Step, Value>(
  steps: Generator<Step, Value>,
  pauses: Pauses<Step> & { readonly stopped: () => boolean },
): Promise<Value | null>;
export async function inSlices<Step, Value>(
  steps: Generator<Step, Value>,
  { everyMs, told, stopped }: Pauses<Step> & { readonly stopped?: () => boolean },
): Promise<Value | null> {
  let step = steps.next();
  for (let last = performance.now(); !step.done; step = steps.next()) {
    if (performance.now() - last < everyMs) continue;
    told?.(step.value);
    await pause();
    if (stopped?.()) return null;
    last = performance.now();
  }
  return step.value;
}
