import Dexie from 'dexie';
import { OUTING_VERSION, parseOuting, type Outing } from '@strut-spot/core';
import { WRITTEN_BY_VERSION } from '../../testing/writtenByVersion';
import type * as Outings from './outings';

/** The stores that each version of the database had. */
const STORES = [
  { outings: 'id, changedAt', settings: 'key' },
  { outings: 'id, changedAt', settings: 'key' },
  { outings: 'id, changedAt', settings: 'key', kit: 'key', shapes: 'id' },
  { outings: 'id, changedAt', settings: 'key', kit: 'key', shapes: 'id' },
] as const;

/** A browser in which a program of this database version kept some outings as they were then. */
async function keptBy(databaseVersion: number, outings: readonly unknown[]): Promise<void> {
  jest.resetModules();
  await Dexie.delete('strut-spot');
  const old = new Dexie('strut-spot');
  old.version(databaseVersion).stores(STORES[databaseVersion - 1]!);
  await old.table('outings').bulkPut(outings);
  await old.table('settings').put({ key: 'settings', units: 'imperial', theme: 'sun', demoPlaced: true });
  old.close();
}

/** The program of today in that browser. */
async function today() {
  const { database } = await import('./database');
  await database.open();
  return { database, ...((await import('./outings')) as typeof Outings) };
}

function isAsKept(outing: Outing, version: number): void {
  expect(outing).toMatchObject({
    version: OUTING_VERSION,
    name: 'Old trip',
    ownKit: { cameras: [], links: [], bases: [] },
  });
  const [first] = outing.carriers;
  expect(first).toMatchObject({ id: 'carrier', rig: { machineId: 'mountain-bike', statureM: 1.8 }, spotLogs: [] });
  if (version === 2 || version === 3) expect(first!.ride.speedMps).toBe(9);
  expect(outing.shots[0]).toMatchObject({ id: 'shot', carrierId: 'carrier', acknowledged: [], pullTests: [] });
  if (version >= 7) {
    expect(outing).toMatchObject({ where: { latDeg: 61.5 }, shots: [{ hour: { at: '16:40', headingDeg: 210 } }] });
    expect(outing.shots[0]!.ask!.light).toBe('front');
  }
  if (version >= 4) expect(outing.shots[0]!.ask!.weights).toEqual({ mass: 7, steady: 2 });
}

describe.each(WRITTEN_BY_VERSION.map((written, i) => [i + 1, written] as const))(
  'an outing written by version %i',
  (version, written) => {
    it.each([...new Set([Math.min(version, STORES.length), STORES.length])])(
      'is opened from a database of version %i',
      async (databaseVersion) => {
        await keptBy(databaseVersion, [written]);
        const { database, openStored } = await today();
        const stored = await openStored('old');
        if (stored?.kind !== 'readable') throw new Error(JSON.stringify(stored));
        isAsKept(stored.outing, version);
        // What is not an outing stays.
        expect(await database.settings.get('settings')).toMatchObject({ units: 'imperial', theme: 'sun' });
        database.close();
      },
    );

    it('is read from a file', () => {
      const parsed = parseOuting(JSON.stringify(written));
      if (!parsed.ok) throw new Error(parsed.problems.join(' '));
      isAsKept(parsed.value, version);
    });
  },
);

it('one that is damaged is kept as it lies, and all others open', async () => {
  const [good] = WRITTEN_BY_VERSION;
  const bad = { ...good, id: 'bad', version: 3, carriers: [null] };
  await keptBy(4, [bad, good, { id: 'odd' }, { ...good, id: 'undated', changedAt: 7 }]);
  const { database, readAll } = await today();
  const all = new Map((await readAll()).map((stored) => [stored.id, stored]));
  expect([...all.values()].map((s) => s.kind).sort()).toEqual(['readable', 'unreadable', 'unreadable', 'unreadable']);
  expect(all.get('old')!.kind).toBe('readable');
  expect(all.get('bad')).toMatchObject({
    document: bad,
    problems: expect.arrayContaining([expect.stringContaining('carriers[0]')]) as string[],
  });
  database.close();
});

it('a browser that kept nothing opens with nothing, and with the usual settings', async () => {
  jest.resetModules();
  await Dexie.delete('strut-spot');
  const { database, openStored } = await today();
  const { readSettings } = await import('./settings');
  expect(await openStored('old')).toBeUndefined();
  expect(await readSettings()).toMatchObject({ units: 'metric', theme: 'system' });
  database.close();
});
