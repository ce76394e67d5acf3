import Dexie from 'dexie';
import type { EntityTable } from 'dexie';
import { NO_OWN_KIT, type OwnKit, type OwnShape } from '@strut-spot/core';

export type ThemeChoice = 'system' | 'light' | 'dark' | 'sun';

export interface Settings {
  readonly key: 'settings';
  readonly units: 'metric' | 'imperial';
  readonly theme: ThemeChoice;
  /** Whether the demo outing was put in once; after a wipe it does not come back. */
  readonly demoPlaced: boolean;
  /** Stories of the user's own, to begin other outings from. */
  readonly stories?: readonly OwnStory[];
}

/** Kinds of shots in a row, under a name. */
export interface OwnStory {
  readonly id: string;
  readonly name: string;
  readonly seconds: number;
  readonly intentIds: readonly string[];
}

/** The user's kit box, whatever the outing. */
export interface KitBox {
  readonly key: 'kit';
  /** Ids of what is in the box; null = everything, until something is taken out. */
  readonly inBox: readonly string[] | null;
  /** How many there are of what is counted; of anything else in the box, as many as it takes. */
  readonly counts?: Readonly<Record<string, number>>;
  /** What a piece costs the user who does not have it, in money of their own. */
  readonly prices?: Readonly<Record<string, number>>;
  /** What may be spent on pieces that are short. */
  readonly budget?: number;
  readonly own: OwnKit;
}

/** An outing as it lies in the store. */
export interface OutingRow {
  readonly id: string;
  /** Goes up by one with each writing, so that a window that is behind notices. */
  readonly revision: number;
  /** ISO 8601; when it was put into the bin; null = it is not there. */
  readonly deletedAt: string | null;
  /** As some version of the program wrote it: never used unread (see readOuting of the core). */
  readonly document: unknown;
}

/** A small still of a take, in this browser only. */
export interface StillRow {
  /** Of the log entry that it belongs to. */
  readonly id: string;
  readonly outingId: string;
  /** A picture file (JPEG). */
  readonly bytes: Uint8Array<ArrayBuffer>;
}

export const STANDARD_KIT_BOX: KitBox = { key: 'kit', inBox: null, own: NO_OWN_KIT };

export const STANDARD_SETTINGS: Settings = { key: 'settings', units: 'metric', theme: 'system', demoPlaced: false };

type Database = Dexie & {
  outings: EntityTable<OutingRow, 'id'>;
  settings: EntityTable<Settings, 'key'>;
  kit: EntityTable<KitBox, 'key'>;
  shapes: EntityTable<OwnShape, 'id'>;
  stills: EntityTable<StillRow, 'id'>;
};

// What was written is on the disk before it is called saved, and nothing is shown that was not read from there.
export const database = new Dexie('strut-spot', {
  chromeTransactionDurability: 'strict',
  cache: 'disabled',
}) as Database;

database.version(1).stores({ outings: 'id, changedAt', settings: 'key' });
database.version(2).stores({ outings: 'id, changedAt', settings: 'key' });
const third = { outings: 'id, changedAt', settings: 'key', kit: 'key', shapes: 'id' };
database.version(3).stores(third);
database.version(4).stores(third);
// Documents are wrapped as they are, whatever they hold: bringing them up to date is the reader's work, so that one that is damaged
// keeps no other from being opened.
database
  .version(5)
  .stores({ ...third, outings: 'id' })
  .upgrade((transaction) =>
    transaction
      .table('outings')
      .toCollection()
      .modify((document, ref) => {
        const { id } = document as { id: string };
        ref.value = { id, revision: 1, deletedAt: null, document: { ...(document as object) } } satisfies OutingRow;
      }),
  );
// Stills of takes lie beside the outings: they go into no file.
database.version(6).stores({ ...third, outings: 'id', stills: 'id, outingId' });
