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
  if (left === null) return database.outings.get(id);
  // What is kept aside came after anything stored, whatever its dates say: an undone change bears an older one.
  const unwrittenThen = JSON.parse(left) as Outing;
  await saveOuting(unwrittenThen);
  return unwrittenThen;
};

export const saveOuting = async (outing: Outing): Promise<void> => {
  unwritten.set(outing.id, outing);
  await database.outings.put(outing);
  if (unwritten.get(outing.id) !== outing) return;
  unwritten.delete(outing.id);
  localStorage.removeItem(leftKey(outing.id));
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
export const removeEverything = async (): Promise<void> => {
  for (const id of await database.outings.toCollection().primaryKeys()) localStorage.removeItem(leftKey(id));
  await database.outings.clear();
};
