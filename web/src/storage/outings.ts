import { liveQuery } from 'dexie';
import { useLiveQuery } from 'dexie-react-hooks';
import { mergeOutings, readOuting, type Outing } from '@strut-spot/core';
import { database, type OutingRow } from './database';
import { forgetLeft, keepLeft, leftBehind } from './leftBehind';

/** An outing as the store has it, read. */
export type StoredOuting =
  | {
      readonly kind: 'readable';
      readonly id: string;
      readonly revision: number;
      readonly deletedAt: string | null;
      readonly outing: Outing;
    }
  | {
      readonly kind: 'unreadable';
      readonly id: string;
      readonly revision: number;
      readonly deletedAt: string | null;
      readonly problems: readonly string[];
      /** As it lies there, to be taken out as a file. */
      readonly document: unknown;
    };

const asRecord = (document: unknown): Record<string, unknown> =>
  typeof document === 'object' && document !== null ? (document as Record<string, unknown>) : {};

function read({ id, revision, deletedAt, document }: OutingRow): StoredOuting {
  const parsed = readOuting(asRecord(document));
  return parsed.ok
    ? {
        kind: 'readable',
        id,
        revision,
        deletedAt,
        outing: parsed.value.id === id ? parsed.value : { ...parsed.value, id },
      }
    : { kind: 'unreadable', id, revision, deletedAt, problems: parsed.problems, document };
}

/** What was read of each revision: lists are asked for again with every change. */
const known = new Map<string, { readonly row: string; readonly stored: StoredOuting }>();
function readOnce(row: OutingRow): StoredOuting {
  const key = `${row.revision}/${row.deletedAt ?? ''}/${String(asRecord(row.document).changedAt)}`;
  const before = known.get(row.id);
  if (before?.row === key) return before.stored;
  const stored = read(row);
  known.set(row.id, { row: key, stored });
  return stored;
}

const changedAt = (stored: StoredOuting): string => (stored.kind === 'readable' ? stored.outing.changedAt : '');

/** Reading goes on for so long before whatever else the page has to do gets its turn. */
const AT_A_TIME_MS = 15;
const otherWork = () => new Promise<void>((resolve) => setTimeout(resolve));

/** All that is stored, last changed first, what is in the bin and what cannot be read included. */
export async function readAll(): Promise<readonly StoredOuting[]> {
  const all: StoredOuting[] = [];
  let begun = performance.now();
  for (const row of await database.outings.toArray()) {
    if (performance.now() - begun > AT_A_TIME_MS) {
      await otherWork();
      begun = performance.now();
    }
    all.push(readOnce(row));
  }
  return all.sort((a, b) => changedAt(b).localeCompare(changedAt(a)));
}

/** The same, kept up to date; undefined while it is being read. */
export const useStoredOutings = (): readonly StoredOuting[] | undefined => useLiveQuery(readAll);

/** One outing, what was left unwritten at the last closing taken in; undefined where there is none. */
export async function openStored(id: string): Promise<StoredOuting | undefined> {
  const left = leftBehind(id);
  const mine = left && readOuting(asRecord(left.outing));
  if (mine?.ok) {
    const base = readOuting(asRecord(left?.base));
    const row = await database.outings.get(id);
    // Its row may be missing when it was the very first writing that was cut off.
    if (row?.deletedAt == null) await writeOuting(mine.value, row && base.ok ? base.value : null, left?.revision ?? 0);
    forgetLeft(id);
  }
  const row = await database.outings.get(id);
  return row && read(row);
}

/** What came of writing: the outing as it is stored now, with what another window did meanwhile. */
export type Written =
  | { readonly kind: 'written'; readonly revision: number; readonly outing: Outing; readonly theirs: Outing | null }
  /** Somebody put it into the bin: nothing was written. */
  | { readonly kind: 'deleted' }
  /** What lies there now is of a newer program, or damaged: nothing was written. */
  | { readonly kind: 'unreadable'; readonly problems: readonly string[] };

/**
 * Writes a change down. Where another window wrote since, both changes are joined by shot and field; nothing is overwritten unseen.
 * @param base what the change was made on, with its revision; null = it is new
 */
export async function writeOuting(outing: Outing, base: Outing | null, revision: number): Promise<Written> {
  return database.transaction('rw', database.outings, async (): Promise<Written> => {
    const row = await database.outings.get(outing.id);
    if (base && (!row || row.deletedAt !== null)) return { kind: 'deleted' };
    const put = async (document: Outing, theirs: Outing | null): Promise<Written> => {
      const next = (row?.revision ?? 0) + 1;
      await database.outings.put({ id: outing.id, revision: next, deletedAt: null, document });
      return { kind: 'written', revision: next, outing: document, theirs };
    };
    if (!row || !base || row.revision === revision) return put(outing, null);
    const stored = read(row);
    if (stored.kind === 'unreadable') return { kind: 'unreadable', problems: stored.problems };
    return put(mergeOutings(base, outing, stored.outing), stored.outing);
  });
}

/** Puts an outing in that is new here, or over whatever is there. */
export async function saveOuting(outing: Outing): Promise<void> {
  await writeOuting(outing, null, 0);
}

/** Changes a stored outing, whoever has it open: they take it in. @returns false where it is gone or cannot be read */
export async function editStored(id: string, edit: (outing: Outing) => Outing): Promise<boolean> {
  const stored = await openStored(id);
  if (stored?.kind !== 'readable') return false;
  const written = await writeOuting(edit(stored.outing), stored.outing, stored.revision);
  return written.kind === 'written';
}

/** What lies in the store, not read yet: who wrote it needs not read it. */
export interface Lying {
  readonly revision: number;
  readonly deletedAt: string | null;
  readonly read: () => StoredOuting;
}

/** Tells what lies in the store now and with every change, in whatever window it was made. @returns how to stop */
export function watchStored(id: string, told: (lying: Lying | undefined) => void): () => void {
  const watching = liveQuery(() => database.outings.get(id)).subscribe({
    next: (row) => told(row && { revision: row.revision, deletedAt: row.deletedAt, read: () => readOnce(row) }),
    error: () => undefined,
  });
  return () => watching.unsubscribe();
}

/** Keeps what is not through yet where writing takes no time. */
export const leaveUnwritten = (outing: Outing, base: Outing, revision: number): void =>
  keepLeft(outing.id, { outing, base, revision });
