import { useLiveQuery } from 'dexie-react-hooks';
import type { Outing } from '@strut-spot/core';
import { database } from './database';

/** All outings, last changed first; undefined while they are being read. */
export const useOutings = (): readonly Outing[] | undefined =>
  useLiveQuery(async () => (await database.outings.orderBy('changedAt').reverse().toArray()) as Outing[]);

export const readOuting = async (id: string): Promise<Outing | undefined> => database.outings.get(id);
export const saveOuting = async (outing: Outing): Promise<void> => {
  await database.outings.put(outing);
};
export const removeOuting = async (id: string): Promise<void> => database.outings.delete(id);
export const removeEverything = async (): Promise<void> => database.outings.clear();
