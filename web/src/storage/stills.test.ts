import { outingWithShot } from '../../testing/openSheet';
import { deleteForGood, putIntoBin } from './bin';
import { database } from './database';
import { saveOuting } from './outings';
import { dropStill, dropStillsOfGone, keepStill } from './stills';

const bytes = () => Uint8Array.from([1, 2, 3]);
const ids = async () => (await database.stills.toCollection().primaryKeys()).sort();

beforeEach(async () => {
  await database.stills.clear();
  await database.outings.clear();
});

it('a still lies with its take until that is deleted, and is put back with it', async () => {
  await keepStill({ id: 'e1', outingId: 'outing', bytes: bytes() });
  const row = await dropStill('e1');
  expect(await ids()).toEqual([]);
  await keepStill(row!);
  expect([...(await database.stills.get('e1'))!.bytes]).toEqual([1, 2, 3]);
  expect(await dropStill('nobody')).toBeUndefined();
});

it('goes when its outing goes for good, not when that lies in the bin; those of other outings stay', async () => {
  await saveOuting(outingWithShot());
  await saveOuting({ ...outingWithShot(), id: 'other' });
  await keepStill({ id: 'e1', outingId: 'outing', bytes: bytes() });
  await keepStill({ id: 'e2', outingId: 'other', bytes: bytes() });
  await putIntoBin('outing', '2027-02-14T08:00:00.000Z');
  await dropStillsOfGone();
  expect(await ids()).toEqual(['e1', 'e2']);
  await deleteForGood('outing');
  expect(await ids()).toEqual(['e2']);
});
