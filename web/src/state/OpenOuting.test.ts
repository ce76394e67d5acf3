import type { Outing } from '@strut-spot/core';
import { waitFor } from '@testing-library/react';
import { forgetAll, outingWithShot, readBack } from '../../testing/openSheet';
import { deleteForGood, putIntoBin, takeOutOfBin } from '../storage/bin';
import { database } from '../storage/database';
import { leftBehind } from '../storage/leftBehind';
import { openStored, saveOuting } from '../storage/outings';
import { changeLater, putBack } from './changeLater';
import { OpenOuting, openHere } from './OpenOuting';
import { changeOuting, redo, undo } from './outingHistory';

const first = outingWithShot();
let clock = 0;
const stops: (() => void)[] = [];

/** The outing in a window of its own. */
async function inWindow(id = 'outing'): Promise<OpenOuting> {
  const stored = await openStored(id);
  if (stored?.kind !== 'readable') throw new Error('not readable');
  const open = new OpenOuting(stored);
  stops.push(open.subscribe(() => undefined));
  return open;
}
const edit = (open: OpenOuting, change: (o: Outing) => Outing): string | null =>
  open.step((h) => changeOuting(h, change(h.present), null, (clock += 5000)));
const rename = (open: OpenOuting, name: string) => edit(open, (o) => ({ ...o, name }));
const note = (open: OpenOuting, text: string) =>
  edit(open, (o) => ({ ...o, shots: o.shots.map((s) => ({ ...s, note: text })) }));
const now = (open: OpenOuting) => open.get().history.present;
const rest = (ms = 120) => new Promise((resolve) => setTimeout(resolve, ms));
/** Until it stands so, however slow the machine is. */
const becomes = (open: OpenOuting, kind: string) => waitFor(() => expect(open.get().saving.kind).toBe(kind));
/** Until windows and store hold the same name and note. */
const agree = (windows: OpenOuting[], name: string, text: string) =>
  waitFor(async () => {
    for (const outing of [...windows.map(now), await readBack('outing')])
      expect([outing.name, outing.shots[0]!.note]).toEqual([name, text]);
  });
const failing = (name: string) =>
  jest.spyOn(database.outings, 'put').mockImplementation(() => {
    throw Object.assign(new Error(name), { name });
  });

beforeEach(async () => {
  await forgetAll();
  await saveOuting(first);
});
afterEach(async () => {
  for (const stop of stops.splice(0)) stop();
  jest.restoreAllMocks();
  await rest();
});

it('every change is written, the last one too when they come faster than they can be written', async () => {
  const open = await inWindow();
  for (let i = 0; i < 30; i++) rename(open, `name ${i}`);
  expect(open.get().saving.kind).toBe('saving');
  await becomes(open, 'saved');
  expect((await readBack('outing')).name).toBe('name 29');
});

it('a change that could not be read back is not made, and says why', async () => {
  const open = await inWindow();
  expect(rename(open, 'x'.repeat(121))).toMatch(/longer than 120/);
  expect(now(open)).toEqual(first);
  expect(rename(open, 'x'.repeat(120))).toBeNull();
});

describe('two windows', () => {
  it('each has what the other changed, and both are stored', async () => {
    const [left, right] = [await inWindow(), await inWindow()];
    rename(left, 'from the left');
    note(right, 'from the right');
    await agree([left, right], 'from the left', 'from the right');
  });

  it('twenty changes on each side in turn: none is lost', async () => {
    const [left, right] = [await inWindow(), await inWindow()];
    for (let i = 0; i < 20; i++) {
      rename(left, `left ${i}`);
      note(right, `right ${i}`);
      if (i % 3 === 0) await rest(5);
    }
    await agree([left, right], 'left 19', 'right 19');
  });

  it('a step back takes back what was done here, not what the other did', async () => {
    const [left, right] = [await inWindow(), await inWindow()];
    rename(left, 'mine');
    await agree([left, right], 'mine', first.shots[0]!.note);
    note(right, 'theirs');
    await agree([left, right], 'mine', 'theirs');
    left.step(undo);
    await agree([left, right], first.name, 'theirs');
    left.step(redo);
    await agree([left, right], 'mine', 'theirs');
  });

  it('what one deletes is not brought back by the other, who is told and can keep a copy', async () => {
    const open = await inWindow();
    await putIntoBin('outing', '2027-02-14T12:00:00Z');
    await becomes(open, 'deleted');
    rename(open, 'written into nothing');
    await rest();
    expect((await database.outings.get('outing'))!.deletedAt).not.toBeNull();
    await open.keepAsCopy('copy');
    expect((await readBack('copy')).name).toBe('written into nothing');
    // Taken out of the bin, it goes on.
    await takeOutOfBin('outing');
    await becomes(open, 'saved');
    expect((await readBack('outing')).name).toBe('written into nothing');
  });

  it('what one deletes for good stays deleted', async () => {
    const open = await inWindow();
    await deleteForGood('outing');
    rename(open, 'late');
    await becomes(open, 'deleted');
    await rest(80);
    expect(await database.outings.count()).toBe(0);
  });
});

describe('a store that fails', () => {
  it('is never told as saved; the change stays in the page and is written once it can be', async () => {
    const open = await inWindow();
    const full = failing('QuotaExceededError');
    rename(open, 'while it was full');
    await becomes(open, 'failed');
    expect(open.get().saving).toEqual({ kind: 'failed', because: expect.stringContaining('full') as string });
    expect(now(open).name).toBe('while it was full');
    full.mockRestore();
    note(open, 'room again');
    await becomes(open, 'saved');
    expect(await readBack('outing')).toMatchObject({ name: 'while it was full', shots: [{ note: 'room again' }] });
  });

  it('is tried again by itself', async () => {
    const open = await inWindow();
    const once = failing('UnknownError');
    rename(open, 'by itself');
    await becomes(open, 'failed');
    once.mockRestore();
    await waitFor(async () => expect((await readBack('outing')).name).toBe('by itself'));
  });

  it('has what it did not take kept aside when the outing is left, or the page goes', async () => {
    const open = await inWindow();
    failing('UnknownError');
    rename(open, 'left behind');
    await becomes(open, 'failed');
    dispatchEvent(new Event('pagehide'));
    expect(leftBehind('outing')).toMatchObject({ outing: { name: 'left behind' } });
    jest.restoreAllMocks();
    for (const stop of stops.splice(0)) stop();
    expect((await readBack('outing')).name).toBe('left behind');
  });
});

it('three hundred steps are taken back and brought again; more are not kept', async () => {
  const open = await inWindow();
  for (let i = 0; i < 320; i++) rename(open, `n${i}`);
  let steps = 0;
  while (open.get().history.past.length > 0) steps += open.step(undo) === null ? 1 : 0;
  expect(steps).toBe(300);
  expect(now(open).name).toBe('n19');
  for (let i = 0; i < 300; i++) open.step(redo);
  expect(now(open).name).toBe('n319');
  expect(open.get().history.past).toHaveLength(300);
  await rest(80);
  expect((await readBack('outing')).name).toBe('n319');
});

describe('a message that outlives its screen', () => {
  const restore = (o: Outing): Outing => ({ ...o, shots: putBack(o.shots, first.shots[0]!, 0) });

  it('puts a shot back where the outing is open, as a step of its history', async () => {
    const open = await inWindow();
    edit(open, (o) => ({ ...o, shots: [] }));
    await changeLater('outing', restore);
    expect(now(open).shots).toHaveLength(1);
    open.step(undo);
    expect(now(open).shots).toHaveLength(0);
  });

  it('puts it back where the outing is open no more', async () => {
    const open = await inWindow();
    edit(open, (o) => ({ ...o, shots: [] }));
    await rest();
    for (const stop of stops.splice(0)) stop();
    expect(openHere('outing')).toBeUndefined();
    await changeLater('outing', restore);
    expect((await readBack('outing')).shots).toHaveLength(1);
  });

  it('puts nothing back twice', async () => {
    const open = await inWindow();
    edit(open, (o) => ({ ...o, shots: [] }));
    open.step(undo);
    await changeLater('outing', restore);
    expect(now(open).shots.map((s) => s.id)).toEqual(['shot']);
  });
});
