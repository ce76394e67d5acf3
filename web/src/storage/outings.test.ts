import { newOuting, type Outing } from '@strut-spot/core';
import { forgetAll, outingWithShot, readBack } from '../../testing/openSheet';
import { deleteForGood, putIntoBin, takeOutOfBin } from './bin';
import { database } from './database';
import { allLeftBehind, keepLeft } from './leftBehind';
import {
  editStored,
  leaveUnwritten,
  openStored,
  readAll,
  saveOuting,
  watchStored,
  writeOuting,
  type StoredOuting,
} from './outings';
import { changeSettings, readSettings } from './settings';

const outing: Outing = { ...outingWithShot(), id: 'kept' };
const named = (name: string): Outing => ({ ...outing, name });
const nameOf = (stored: StoredOuting | undefined) => (stored?.kind === 'readable' ? stored.outing.name : stored?.kind);
const row = async () => (await database.outings.get('kept'))!;

afterEach(() => forgetAll());

it('keeps what was saved, and only what was saved', async () => {
  await saveOuting(outing);
  expect(await readBack('kept')).toEqual(outing);
  await deleteForGood('kept');
  expect(await openStored('kept')).toBeUndefined();
});

it('all of them, last changed first', async () => {
  await saveOuting({ ...outing, id: 'a', changedAt: '2027-01-01T00:00:00Z' });
  await saveOuting({ ...outing, id: 'b', changedAt: '2027-03-01T00:00:00Z' });
  await saveOuting({ ...outing, id: 'c', changedAt: '2027-02-01T00:00:00Z' });
  expect((await readAll()).map((stored) => stored.id)).toEqual(['b', 'c', 'a']);
});

describe('two windows', () => {
  it('one that is behind takes in the other’s change, and is told of it', async () => {
    await saveOuting(outing);
    const { revision } = await row();
    await writeOuting({ ...outing, place: 'Quay' }, outing, revision);
    const mine = named('Mine');
    const written = await writeOuting(mine, outing, revision);
    expect(written).toMatchObject({
      kind: 'written',
      outing: { name: 'Mine', place: 'Quay' },
      theirs: { place: 'Quay' },
    });
    expect(await readBack('kept')).toMatchObject({ name: 'Mine', place: 'Quay' });
  });

  it('one that is not behind writes what it has', async () => {
    await saveOuting(outing);
    const { revision } = await row();
    const written = await writeOuting(named('Next'), outing, revision);
    expect(written).toEqual({ kind: 'written', revision: revision + 1, outing: named('Next'), theirs: null });
  });

  it('what the other put into the bin, or deleted, does not come back', async () => {
    await saveOuting(outing);
    const { revision } = await row();
    await putIntoBin('kept', '2027-02-14T12:00:00Z');
    expect(await writeOuting(named('Late'), outing, revision)).toEqual({ kind: 'deleted' });
    expect((await row()).deletedAt).toBe('2027-02-14T12:00:00Z');
    await deleteForGood('kept');
    expect(await writeOuting(named('Late'), outing, revision)).toEqual({ kind: 'deleted' });
    expect(await database.outings.count()).toBe(0);
  });

  it('what a newer program wrote is not written over', async () => {
    await saveOuting(outing);
    const before = await row();
    const newer = { ...outing, version: 99 };
    await database.outings.put({ ...before, revision: before.revision + 1, document: newer });
    const written = await writeOuting(named('Old'), outing, before.revision);
    expect(written).toMatchObject({ kind: 'unreadable', problems: [expect.stringContaining('newer')] });
    expect((await row()).document).toEqual(newer);
  });

  it('each hears of the other’s writing', async () => {
    await saveOuting(outing);
    const heard: (string | undefined)[] = [];
    const stop = watchStored('kept', (lying) => heard.push(nameOf(lying?.read())));
    await new Promise((resolve) => setTimeout(resolve, 50));
    await editStored('kept', (o) => ({ ...o, name: 'Theirs' }));
    await new Promise((resolve) => setTimeout(resolve, 50));
    stop();
    await editStored('kept', (o) => ({ ...o, name: 'Unheard' }));
    await new Promise((resolve) => setTimeout(resolve, 50));
    expect(heard).toEqual([outing.name, 'Theirs']);
  });
});

describe('what was not written through when the page went', () => {
  it('is there at the next opening, even if it bears an older date', async () => {
    await saveOuting(outing);
    const { revision } = await row();
    const undone = { ...named('At the last moment'), changedAt: '2027-02-14T07:00:00.000Z' };
    leaveUnwritten(undone, outing, revision);
    expect((await row()).document).toEqual(outing);
    expect(await readBack('kept')).toEqual(undone);
    expect((await row()).document).toEqual(undone);
    expect(allLeftBehind()).toEqual([]);
  });

  it('is joined with what another window wrote meanwhile', async () => {
    await saveOuting(outing);
    const { revision } = await row();
    leaveUnwritten(named('Mine'), outing, revision);
    await writeOuting({ ...outing, place: 'Quay' }, outing, revision);
    expect(await readBack('kept')).toMatchObject({ name: 'Mine', place: 'Quay' });
  });

  it('is there when its very first writing was cut off', async () => {
    leaveUnwritten(outing, outing, 0);
    expect(await readBack('kept')).toEqual(outing);
  });

  it('does not come back from what was deleted', async () => {
    await saveOuting(outing);
    leaveUnwritten(named('Aside'), outing, 1);
    await putIntoBin('kept', '2027-02-14T12:00:00Z');
    await takeOutOfBin('kept');
    expect(await readBack('kept')).toEqual(outing);
  });

  it('as an earlier program left it is taken over', async () => {
    await saveOuting(outing);
    localStorage.setItem('left-unwritten-kept', JSON.stringify(named('From before')));
    expect(await readBack('kept')).toEqual(named('From before'));
  });

  it.each(['{"half', 'null', '7', '{"outing":{"format":"x"},"base":null,"revision":0}'])(
    'and is damaged (%s) keeps nothing from being opened, and is not thrown away where it may be read by hand',
    async (text) => {
      await saveOuting(outing);
      localStorage.setItem('left-unwritten-kept', text);
      expect(await readBack('kept')).toEqual(outing);
      expect(allLeftBehind()).toEqual([text]);
    },
  );

  it('where the browser denies that store, nothing is kept aside and nothing fails', async () => {
    const denied = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('denied', 'SecurityError');
    });
    keepLeft('kept', { outing, base: outing, revision: 1 });
    denied.mockRestore();
    const unread = jest.spyOn(Storage.prototype, 'getItem').mockImplementation(() => {
      throw new DOMException('denied', 'SecurityError');
    });
    await saveOuting(outing);
    expect(await readBack('kept')).toEqual(outing);
    unread.mockRestore();
  });
});

describe('an edit from afar', () => {
  it('changes what lies in the store', async () => {
    await saveOuting(outing);
    expect(await editStored('kept', (o) => ({ ...o, name: 'Edited' }))).toBe(true);
    expect((await readBack('kept')).name).toBe('Edited');
  });

  it('of what is not there, or cannot be read, does nothing and says so', async () => {
    expect(await editStored('kept', (o) => o)).toBe(false);
    await database.outings.put({ id: 'kept', revision: 1, deletedAt: null, document: 'junk' });
    expect(await editStored('kept', (o) => o)).toBe(false);
    expect((await row()).document).toBe('junk');
  });
});

it('an outing whose own id is another than the one it lies under is opened under the latter', async () => {
  await database.outings.put({
    id: 'kept',
    revision: 1,
    deletedAt: null,
    document: newOuting('other', outing.createdAt),
  });
  expect((await readBack('kept')).id).toBe('kept');
});

it('changes one setting and leaves the rest', async () => {
  await changeSettings({ units: 'imperial' });
  await changeSettings({ theme: 'sun' });
  expect(await readSettings()).toMatchObject({ units: 'imperial', theme: 'sun' });
});

it('settings that make no sense are passed over', async () => {
  await database.settings.put({ key: 'settings', units: 'cubits', theme: 3, demoPlaced: 'yes' } as never);
  expect(await readSettings()).toEqual({ key: 'settings', units: 'metric', theme: 'system', demoPlaced: true });
});

it('stories of one’s own keep the kinds of shots that there are; what is no story is passed over', async () => {
  const sound = { id: 'a', name: 'Mine', seconds: 60, intentIds: ['clear-ahead', 'gone-by-now'] };
  const stories = [sound, null, 'x', { ...sound, seconds: -1 }, { ...sound, intentIds: ['gone-by-now'] }];
  await database.settings.put({ ...(await readSettings()), stories } as never);
  expect((await readSettings()).stories).toEqual([{ ...sound, intentIds: ['clear-ahead'] }]);
});
