import type { Outing } from '@strut-spot/core';

/** The outing as it is, with what was before and what was taken back. */
export interface OutingHistory {
  readonly past: readonly Outing[];
  readonly present: Outing;
  readonly future: readonly Outing[];
  /** Changes with the same key that follow each other soon are one step. */
  readonly mergeKey: string | null;
  readonly changedMs: number;
}

/** So deep can be taken back. */
const STEPS_KEPT = 300;
const MERGE_WITHIN_MS = 900;
/** Keys that begin so belong to one drag and merge however long it takes. */
export const GESTURE = 'gesture-';

export const historyOf = (outing: Outing): OutingHistory => ({
  past: [],
  present: outing,
  future: [],
  mergeKey: null,
  changedMs: 0,
});

/** @param nowMs time of the change, milliseconds since 1970 */
export function changeOuting(
  history: OutingHistory,
  next: Outing,
  mergeKey: string | null,
  nowMs: number,
): OutingHistory {
  if (next === history.present) return history;
  const present = { ...next, changedAt: new Date(nowMs).toISOString() };
  const soon = mergeKey?.startsWith(GESTURE) === true || nowMs - history.changedMs < MERGE_WITHIN_MS;
  const merges = mergeKey !== null && mergeKey === history.mergeKey && soon;
  const past = merges ? history.past : [...history.past, history.present].slice(-STEPS_KEPT);
  return { past, present, future: [], mergeKey, changedMs: nowMs };
}

export function undo(history: OutingHistory): OutingHistory {
  const before = history.past[history.past.length - 1];
  if (!before) return history;
  return {
    past: history.past.slice(0, -1),
    present: before,
    future: [history.present, ...history.future],
    mergeKey: null,
    changedMs: 0,
  };
}

export function redo(history: OutingHistory): OutingHistory {
  const [after, ...future] = history.future;
  if (!after) return history;
  return {
    past: [...history.past, history.present].slice(-STEPS_KEPT),
    present: after,
    future,
    mergeKey: null,
    changedMs: 0,
  };
}

/** The same history after another window changed the outing: each of its states takes the change in, so that no step back undoes it. */
export const rebased = (history: OutingHistory, takeIn: (outing: Outing) => Outing): OutingHistory => ({
  ...history,
  past: history.past.map(takeIn),
  present: takeIn(history.present),
  future: history.future.map(takeIn),
});
