import Dexie from 'dexie';
import type { EntityTable, Transaction } from 'dexie';
import { migrateOuting, NO_OWN_KIT, type Outing, type OwnKit, type OwnShape } from '@strut-spot/core';

export type ThemeChoice = 'system' | 'light' | 'dark' | 'sun';

export interface Settings {
  readonly key: 'settings';
  readonly units: 'metric' | 'imperial';
  readonly theme: ThemeChoice;
  /** Whether the demo outing was put in once; after a wipe it does not come back. */
  readonly demoPlaced: boolean;
}

/** The user's kit box, whatever the outing. */
export interface KitBox {
  readonly key: 'kit';
  /** Ids of what is in the box; null = everything, until something is taken out. */
  readonly inBox: readonly string[] | null;
  readonly own: OwnKit;
}

export const STANDARD_KIT_BOX: KitBox = { key: 'kit', inBox: null, own: NO_OWN_KIT };

export const STANDARD_SETTINGS: Settings = { key: 'settings', units: 'metric', theme: 'system', demoPlaced: false };

export const database = new Dexie('strut-spot') as Dexie & {
  outings: EntityTable<Outing, 'id'>;
  settings: EntityTable<Settings, 'key'>;
  kit: EntityTable<KitBox, 'key'>;
  shapes: EntityTable<OwnShape, 'id'>;
};

database.version(1).stores({ outings: 'id, changedAt', settings: 'key' });
// Documents stored by an older program are brought up to date where they lie.
const bringUpToDate = (transaction: Transaction) =>
  transaction
    .table('outings')
    .toCollection()
    .modify((stored, ref) => {
      ref.value = migrateOuting(stored as Record<string, unknown>);
    });
database.version(2).stores({ outings: 'id, changedAt', settings: 'key' }).upgrade(bringUpToDate);
const stores = { outings: 'id, changedAt', settings: 'key', kit: 'key', shapes: 'id' };
database.version(3).stores(stores).upgrade(bringUpToDate);
database.version(4).stores(stores).upgrade(bringUpToDate);
