import { database } from './database';
import { forgetLeft } from './leftBehind';
import { dropStillsOfGone } from './stills';

/** So long a deleted outing is kept. */
export const BIN_DAYS = 30;
const DAY_MS = 86_400_000;

/** Puts an outing into the bin. @param at ISO 8601 */
export async function putIntoBin(id: string, at: string): Promise<void> {
  forgetLeft(id);
  await setDeletedAt(id, at);
}

export const takeOutOfBin = (id: string): Promise<void> => setDeletedAt(id, null);

async function setDeletedAt(id: string, deletedAt: string | null): Promise<void> {
  await database.transaction('rw', database.outings, async () => {
    const row = await database.outings.get(id);
    if (row) await database.outings.put({ ...row, deletedAt, revision: row.revision + 1 });
  });
}

/** @param at ISO 8601 */
export async function putAllIntoBin(at: string): Promise<void> {
  const rows = await database.outings.toArray();
  for (const row of rows) if (row.deletedAt === null) await putIntoBin(row.id, at);
}

/** Takes an outing out of the store for good. */
export async function deleteForGood(id: string): Promise<void> {
  forgetLeft(id);
  await database.outings.delete(id);
  await dropStillsOfGone();
}

export async function emptyBin(): Promise<void> {
  await database.outings.filter((row) => row.deletedAt !== null).delete();
  await dropStillsOfGone();
}

/** Deletes for good what has been in the bin for longer than it is kept. */
export async function emptyBinOfOld(nowMs: number): Promise<void> {
  await database.outings
    .filter(({ deletedAt }) => deletedAt !== null && nowMs - Date.parse(deletedAt) > BIN_DAYS * DAY_MS)
    .delete();
  await dropStillsOfGone();
}
