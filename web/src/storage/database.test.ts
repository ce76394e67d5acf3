import Dexie from 'dexie';
import { newCarrier, newOuting, OUTING_VERSION } from '@strut-spot/core';
import { outingWithShot } from '../../testing/openSheet';
import { readOuting } from './outings';
import { readSettings } from './settings';

/** The stores that each version of the database had. */
const STORES = [
  { outings: 'id, changedAt', settings: 'key' },
  { outings: 'id, changedAt', settings: 'key' },
  { outings: 'id, changedAt', settings: 'key', kit: 'key', shapes: 'id' },
] as const;

type Stored = Record<string, unknown>;
const now = newOuting('old', '2027-02-14T08:00:00.000Z') as unknown as Stored;
const shot = outingWithShot().shots[0]! as unknown as Stored;
const without = (from: Stored, ...fields: string[]): Stored =>
  Object.fromEntries(Object.entries(from).filter(([field]) => !fields.includes(field)));

const { rig, ...carrier } = newCarrier('carrier', 'mountain-bike', 1.8);
/** One outing as each version wrote it. */
const WRITTEN: readonly Stored[] = [
  {
    ...without(now, 'carriers', 'ownKit', 'startsAt', 'note'),
    version: 1,
    rig,
    shots: [without(shot, 'carrierId', 'horizonAt', 'acknowledged', 'pullTests')],
  },
  {
    ...without(now, 'carriers', 'ownKit'),
    version: 2,
    rig,
    speedMps: 9,
    shots: [without(shot, 'carrierId', 'acknowledged', 'pullTests')],
  },
  {
    ...now,
    version: 3,
    speedMps: 9,
    carriers: [{ id: carrier.id, rig }],
    shots: [without(shot, 'acknowledged', 'pullTests')],
  },
  {
    ...now,
    version: 4,
    carriers: [{ ...carrier, rig }],
    shots: [{ ...shot, ask: { intentId: 'hands-and-trail', weights: { light: 7, steady: 2 } } }],
  },
];

it.each(WRITTEN.map((written, i) => [i + 1, written] as const))(
  'a browser that kept outings of version %i opens them as they are now',
  async (version, written) => {
    jest.resetModules();
    await Dexie.delete('strut-spot');
    const old = new Dexie('strut-spot');
    const databaseVersion = Math.min(version, STORES.length);
    old.version(databaseVersion).stores(STORES[databaseVersion - 1]!);
    await old.table('outings').put(written);
    await old.table('settings').put({ key: 'settings', units: 'imperial', theme: 'sun', demoPlaced: true });
    old.close();

    const { database } = await import('./database');
    await database.open();
    const kept = (await database.outings.get('old'))!;
    expect(kept).toMatchObject({
      version: OUTING_VERSION,
      name: now.name,
      ownKit: { cameras: [], links: [], bases: [] },
    });
    const [first] = kept.carriers;
    expect(first).toMatchObject({ id: 'carrier', rig: { machineId: 'mountain-bike', statureM: 1.8 }, spotLogs: [] });
    if (version === 2 || version === 3) expect(first!.ride.speedMps).toBe(9);
    expect(kept.shots[0]).toMatchObject({ id: 'shot', carrierId: 'carrier', acknowledged: [], pullTests: [] });
    if (version === 4) expect(kept.shots[0]!.ask!.weights).toEqual({ mass: 7, steady: 2 });
    // What is not an outing stays.
    expect(await database.settings.get('settings')).toMatchObject({ units: 'imperial', theme: 'sun' });
    expect(await database.kit.count()).toBe(0);
    database.close();
  },
);

it('a browser that kept nothing opens with nothing, and with the usual settings', async () => {
  await Dexie.delete('strut-spot');
  expect(await readOuting('old')).toBeUndefined();
  expect(await readSettings()).toMatchObject({ units: 'metric', theme: 'system' });
});
