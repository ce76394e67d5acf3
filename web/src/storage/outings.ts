import { useLiveQuery } from 'dexie-react-hooks';
import type { Outing } from '@strut-spot/core';
import { database } from './database';

/** All outings, last changed first; undefined while they are being read. */
export const useOutings = (): readonly Outing[] | undefined =>
  useLiveQuery(async () => (await database.outings.orderBy('changedAt').reverse().toArray()) as Outing[]);

/** Changes whose writing is not through yet: a page that is left meanwhile would drop them. */
const unwritten = new Map<string, Outing>();
const leftKey = (id: string): string => `left-unwritten-${id}`;

export const readOuting = async (id: string): Promise<Outing | undefined> => {
  const left = localStorage.getItem(leftKey(id));
  const stored: Outing | undefined = await database.outings.get(id);
  if (left === null) return stored;
  const unwrittenThen = JSON.parse(left) as Outing;
  const newest = stored && stored.changedAt > unwrittenThen.changedAt ? stored : unwrittenThen;
  await database.outings.put(newest);
  localStorage.removeItem(leftKey(id));
  return newest;
};

export const saveOuting = async (outing: Outing): Promise<void> => {
  unwritten.set(outing.id, outing);
  await database.outings.put(outing);
  if (unwritten.get(outing.id) === outing) unwritten.delete(outing.id);
};

/** The page goes: what is not written yet is put where writing takes no time, and read from there at the next opening. */
export const keepUnwritten = (): void => {
  for (const [id, outing] of unwritten) localStorage.setItem(leftKey(id), JSON.stringify(outing));
};
addEventListener('pagehide', keepUnwritten);

export const removeOuting = async (id: string): Promise<void> => {
  localStorage.removeItem(leftKey(id));
  await database.outings.delete(id);
};
export const removeEverything = async (): Promise<void> => database.outings.clear();
