import { newOuting, serialiseOuting } from '@strut-spot/core';
import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { MemoryRouter, Route, Routes, useParams } from 'react-router';
import { forgetAll, outingWithShot, readBack, settle } from '../../../testing/openSheet';
import { readAll, saveOuting } from '../../storage/outings';
import { OutingsScreen } from './OutingsScreen';

const download = jest.fn();
jest.mock('../../devices/download', () => ({
  ...jest.requireActual<object>('../../devices/download'),
  download: (...file: unknown[]) => download(...file) as void,
}));
// Its pictures take long; it has its own test.
jest.mock('./start/StartHere', () => ({ StartHere: () => null }));
jest.mock('./OutingPicture', () => ({ OutingPicture: () => null }));
const Opened = () => <p>opened {useParams().outingId}</p>;
const stored = async () =>
  (await readAll()).flatMap((s) => (s.kind === 'readable' && s.deletedAt === null ? [s.outing] : []));

beforeEach(async () => {
  await forgetAll();
  await saveOuting(outingWithShot());
  render(
    <MemoryRouter>
      <Routes>
        <Route path="/" element={<OutingsScreen />} />
        <Route path="/outing/:outingId" element={<Opened />} />
      </Routes>
    </MemoryRouter>,
  );
  await screen.findByRole('link', { name: 'Ridge loop' });
});
afterEach(() => settle(20));

const choose = (name: string, text: string) => {
  const file = new File([text], name, { type: 'application/json' });
  file.text = () => Promise.resolve(text);
  return act(async () =>
    fireEvent.change(screen.getByLabelText('Outing file to import'), { target: { files: [file] } }),
  );
};

it('a new outing is stored and opened', async () => {
  fireEvent.click(screen.getByRole('button', { name: 'New outing' }));
  const opened = await screen.findByText(/^opened/);
  expect(await readBack(opened.textContent.replace('opened ', ''))).toMatchObject({ shots: [] });
});

it('a copy has its own id and name; the first stays as it was', async () => {
  fireEvent.click(screen.getByRole('button', { name: 'Duplicate Ridge loop' }));
  await screen.findByRole('link', { name: 'Ridge loop (copy)' });
  const both = await stored();
  expect(new Set(both.map((o) => o.id)).size).toBe(2);
  expect(both.find((o) => o.name.endsWith('(copy)'))!.shots).toEqual(outingWithShot().shots);
});

it('what is deleted is gone from the list and from the store', async () => {
  fireEvent.click(screen.getByRole('button', { name: 'Delete Ridge loop' }));
  await waitFor(() => expect(screen.queryByRole('link', { name: 'Ridge loop' })).toBeNull());
  expect(await stored()).toEqual([]);
  expect(screen.getByText(/Nothing planned yet/)).toBeTruthy();
});

it('an exported outing comes back beside the one that is there, under a name that says so', async () => {
  fireEvent.click(screen.getByRole('button', { name: 'Export Ridge loop' }));
  const [name, text] = download.mock.calls[0] as [string, string];
  expect(name).toMatch(/^ridge-loop.*\.json$/i);
  await choose(name, text);
  await screen.findByRole('link', { name: 'Ridge loop (imported)' });
  const came = (await stored()).find((o) => o.name.endsWith('(imported)'))!;
  expect(came.shots).toEqual(outingWithShot().shots);
  expect((await readBack('outing')).name).toBe('Ridge loop');
});

it('what was logged on another machine is joined into the outing that is here, by shot', async () => {
  const there = outingWithShot();
  const entry = {
    id: 'e',
    at: '2027-02-20T10:00:00.000Z',
    done: true,
    usable: 'yes',
    held: 'held',
    note: 'far',
  } as const;
  const logged = { ...there, shots: there.shots.map((shot) => ({ ...shot, log: [entry] })) };
  await choose('back.json', serialiseOuting(logged));
  fireEvent.click(await screen.findByRole('button', { name: 'Join the two' }));
  await waitFor(async () => expect((await readBack('outing')).shots[0]!.log).toEqual([entry]));
  await waitFor(async () => expect(await stored()).toHaveLength(1));
  const [joined] = await stored();
  expect({ ...joined!, changedAt: '', shots: [] }).toEqual({ ...there, changedAt: '', shots: [] });
});

it('two copies that are kept apart stay as they are', async () => {
  await choose('back.json', serialiseOuting(outingWithShot()));
  fireEvent.click(await screen.findByRole('button', { name: 'Keep both' }));
  expect(screen.queryByRole('button', { name: 'Join the two' })).toBeNull();
  expect(await stored()).toHaveLength(2);
});

it('an outing that is not here keeps its name, and gets an id of this browser', async () => {
  await choose('other.json', serialiseOuting({ ...newOuting('other', '2027-02-14T08:00:00.000Z'), name: 'Other' }));
  await screen.findByRole('link', { name: 'Other' });
  expect((await stored()).map((o) => o.id)).not.toContain('other');
});

it.each([
  ['no JSON', '{"name": "half', /not imported, nothing is changed/],
  ['another document', '{"format":"letters"}', /not imported, nothing is changed/],
  ['more than it may have', 'x'.repeat(8_000_001), /8\.0 MB; an outing has at most 8 MB/],
])('%s is refused with what is wrong, and nothing is changed', async (_, text, problem) => {
  await choose('bad.json', text);
  expect((await screen.findByRole('alert')).textContent).toMatch(problem);
  expect(await stored()).toHaveLength(1);
  fireEvent.click(screen.getByRole('button', { name: 'Close' }));
  expect(screen.queryByRole('alert')).toBeNull();
});
