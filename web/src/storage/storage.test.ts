import Dexie from 'dexie';
import { newOuting, OUTING_VERSION } from '@strut-spot/core';
import { database } from './database';
import { keepUnwritten, readOuting, removeEverything, removeOuting, saveOuting } from './outings';
import { changeSettings, readSettings } from './settings';

const outing = newOuting('kept', '2027-02-14T08:00:00.000Z');

it('brings documents of an older program up to date where they lie', async () => {
  const old = new Dexie('strut-spot');
  old.version(1).stores({ outings: 'id, changedAt', settings: 'key' });
  const first: Record<string, unknown> = { ...outing, id: 'old', version: 1 };
  for (const field of ['speedMps', 'startsAt', 'note']) delete first[field];
  await old.table('outings').put(first);
  old.close();
  await database.open();
  expect(await readOuting('old')).toMatchObject({ version: OUTING_VERSION, startsAt: '09:00' });
});

it('keeps what was saved, and only what was saved', async () => {
  await saveOuting(outing);
  expect(await readOuting('kept')).toEqual(outing);
  await removeOuting('kept');
  expect(await readOuting('kept')).toBeUndefined();
  await saveOuting(outing);
  await removeEverything();
  expect(await database.outings.count()).toBe(0);
});

it('a change made just before the page is left is there at the next opening', async () => {
  await saveOuting(outing);
  // Undone, so that it bears an older date than what is stored; and the write is cut off.
  const changed = { ...outing, name: 'Changed at the last moment', changedAt: '2027-02-14T07:00:00.000Z' };
  const cutOff = jest.spyOn(database.outings, 'put').mockReturnValueOnce(new Dexie.Promise(() => undefined));
  void saveOuting(changed);
  keepUnwritten();
  cutOff.mockRestore();
  expect(await database.outings.get('kept')).toEqual(outing);
  expect(await readOuting('kept')).toEqual(changed);
  expect(await database.outings.get('kept')).toEqual(changed);
  // Written through: nothing is kept aside any more.
  keepUnwritten();
  expect(Object.keys(localStorage)).toEqual([]);
});

it('what was wiped does not come back from what was kept aside', async () => {
  await saveOuting(outing);
  const writing = saveOuting({ ...outing, name: 'Kept aside' });
  keepUnwritten();
  await removeEverything();
  await writing;
  expect(await readOuting('kept')).toBeUndefined();
});

it('changes one setting and leaves the rest', async () => {
  await changeSettings({ units: 'imperial' });
  await changeSettings({ theme: 'sun' });
  expect(await readSettings()).toMatchObject({ units: 'imperial', theme: 'sun' });
});
