/** Something to be done in one go. Minutes throughout; times count from any moment, the same for all. */
export interface Job {
  readonly minutes: number;
  /** Within which it must begin; none = whenever. */
  readonly window?: readonly [from: number, to: number];
  /** Jobs, by their index, that must be done before it. */
  readonly after?: readonly number[];
}

export interface Ordered {
  /** Indices of the jobs in the order in which they are done. */
  readonly order: readonly number[];
  /** When each of them begins, in that order. */
  readonly begins: readonly number[];
  /** Jobs that come before something they should come after. */
  readonly misplaced: number;
  /** Minutes by which their windows are missed, all together. */
  readonly lateMin: number;
  readonly endMin: number;
}

/** Minutes between two jobs; from null = before the first. */
export type Between = (from: number | null, to: number) => number;

/** What an order comes to: work between, waiting for windows, being late, being misplaced. */
export function timedOrder(
  jobs: readonly Job[],
  between: Between,
  startMin: number,
  order: readonly number[],
): Ordered {
  let [at, lateMin, misplaced] = [startMin, 0, 0];
  const done = new Set<number>();
  let before: number | null = null;
  const begins: number[] = [];
  for (const i of order) {
    const { minutes, window, after = [] } = jobs[i]!;
    const ready = at + between(before, i);
    if (after.some((first) => !done.has(first))) misplaced++;
    done.add(i);
    const begin = window ? Math.max(ready, window[0]) : ready;
    if (window) lateMin += Math.max(0, begin - window[1]);
    begins.push(begin);
    at = begin + minutes;
    before = i;
  }
  return { order, begins, misplaced, lateMin, endMin: at };
}

const LATE = 1e-9;
type Cost = Pick<Ordered, 'misplaced' | 'lateMin' | 'endMin'>;
/** Nothing misplaced first, then less late, then earlier done. */
const better = (a: Cost, b: Cost): boolean =>
  a.misplaced !== b.misplaced
    ? a.misplaced < b.misplaced
    : a.lateMin < b.lateMin - LATE || (a.lateMin < b.lateMin + LATE && a.endMin < b.endMin - LATE);

/** Up to so many the best order is found for certain. */
export const EXACT_UP_TO = 12;

/** The order that keeps to what must come first, misses windows least, and of those is done first: exact up to 12 jobs, a good one above. */
export const bestOrder = (jobs: readonly Job[], between: Between, startMin: number): Ordered =>
  jobs.length <= EXACT_UP_TO ? exactOrder(jobs, between, startMin) : goodOrder(jobs, between, startMin);

interface Label {
  readonly at: number;
  readonly misplaced: number;
  readonly late: number;
  readonly last: number;
  readonly before: Label | null;
}

const costOf = ({ misplaced, late, at }: Label): Cost => ({ misplaced, lateMin: late, endMin: at });

/** Over all sets of jobs done and the last of them (Held & Karp 1962); who is later done but less late is kept beside who is not. */
export function exactOrder(jobs: readonly Job[], between: Between, startMin: number): Ordered {
  const n = jobs.length;
  const labels: (Label[] | undefined)[] = Array.from({ length: (1 << n) * n });
  const add = (set: number, label: Label) => {
    const slot = set * n + label.last;
    const kept = labels[slot] ?? [];
    const asGood = (a: Label, b: Label, off = 0) =>
      a.misplaced <= b.misplaced && a.at <= b.at + off && a.late <= b.late + off;
    if (kept.some((l) => asGood(l, label, LATE))) return;
    labels[slot] = [...kept.filter((l) => !asGood(label, l)), label];
  };
  const step = (from: Label | null, done: number, to: number): Label => {
    const { minutes, window, after = [] } = jobs[to]!;
    const ready = (from?.at ?? startMin) + between(from?.last ?? null, to);
    const begin = window ? Math.max(ready, window[0]) : ready;
    const late = (from?.late ?? 0) + (window ? Math.max(0, begin - window[1]) : 0);
    const misplaced = (from?.misplaced ?? 0) + (after.some((first) => !(done & (1 << first))) ? 1 : 0);
    return { at: begin + minutes, misplaced, late, last: to, before: from };
  };
  for (let i = 0; i < n; i++) add(1 << i, step(null, 0, i));
  for (let set = 1; set < 1 << n; set++) {
    for (let last = 0; last < n; last++) {
      const here = labels[set * n + last];
      if (!here) continue;
      for (let to = 0; to < n; to++) {
        if (set & (1 << to)) continue;
        for (const label of here) add(set | (1 << to), step(label, set, to));
      }
    }
  }
  const all = (1 << n) - 1;
  const done = n === 0 ? [] : Array.from({ length: n }, (_, last) => labels[all * n + last] ?? []).flat();
  const best = done.reduce<Label | null>((b, l) => (!b || better(costOf(l), costOf(b)) ? l : b), null);
  const order: number[] = [];
  for (let label = best; label; label = label.before) order.unshift(label.last);
  return timedOrder(jobs, between, startMin, order);
}

/** From the nearest next and from the windows' own order, improved by moving stretches of up to three until nothing gets better. */
export function goodOrder(jobs: readonly Job[], between: Between, startMin: number): Ordered {
  const nearest: number[] = [];
  const left = new Set(jobs.map((_, i) => i));
  while (left.size > 0) {
    const last = nearest.at(-1) ?? null;
    const next = [...left].reduce((a, b) => (between(last, b) < between(last, a) ? b : a));
    nearest.push(next);
    left.delete(next);
  }
  const byWindow = jobs
    .map((_, i) => i)
    .sort((a, b) => (jobs[a]!.window?.[0] ?? Infinity) - (jobs[b]!.window?.[0] ?? Infinity) || a - b);
  const timed = (order: readonly number[]) => timedOrder(jobs, between, startMin, order);
  return [nearest, byWindow].map((order) => improved(timed(order), timed)).reduce((a, b) => (better(b, a) ? b : a));
}

const LONGEST_STRETCH = 3;

function improved(first: Ordered, timed: (order: readonly number[]) => Ordered): Ordered {
  let best = first;
  for (let better_ = true; better_;) {
    better_ = false;
    const n = best.order.length;
    for (let length = 1; length <= LONGEST_STRETCH; length++) {
      for (let from = 0; from + length <= n; from++) {
        for (let to = 0; to + length <= n; to++) {
          if (to === from) continue;
          const stretch = best.order.slice(from, from + length);
          const rest = [...best.order.slice(0, from), ...best.order.slice(from + length)];
          const tried = timed([...rest.slice(0, to), ...stretch, ...rest.slice(to)]);
          if (better(tried, best)) {
            best = tried;
            better_ = true;
          }
        }
      }
    }
  }
  return best;
}
