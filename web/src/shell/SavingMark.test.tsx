import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { forgetAll, openSheet, readBack, settle } from '../../testing/openSheet';
import { useOuting } from '../state/OutingProvider';
import { putIntoBin } from '../storage/bin';
import { database } from '../storage/database';
import { readAll } from '../storage/outings';
import { SavingMark, SavingTrouble } from './SavingMark';

const files: [string, string][] = [];
jest.mock('../devices/download', () => ({
  ...jest.requireActual<object>('../devices/download'),
  download: (name: string, content: string) => files.push([name, content]),
}));

function Sheet() {
  const { outing, change } = useOuting();
  return (
    <>
      <SavingMark />
      <SavingTrouble />
      <button type="button" onClick={() => change((o) => ({ ...o, name: `${o.name}!` }))}>
        rename {outing.name}
      </button>
    </>
  );
}
const open = () => openSheet(<Sheet />, { path: '/outing/outing', route: '/outing/:outingId' });
const rename = () => act(async () => fireEvent.click(screen.getByRole('button', { name: /^rename/ })));
const mark = () => screen.getByTestId('saving').textContent;

beforeEach(() => forgetAll());
afterEach(() => {
  jest.restoreAllMocks();
  files.splice(0);
});

it('says that it is saved, and says nothing more while all is well', async () => {
  await open();
  expect(mark()).toBe('Saved');
  await rename();
  await waitFor(() => expect(mark()).toBe('Saved'));
  expect(screen.queryByRole('alert')).toBeNull();
  expect((await readBack('outing')).name).toBe('Ridge loop!');
});

it('what could not be saved is told at once, never shown as saved, and can be taken out as a file', async () => {
  await open();
  jest.spyOn(database.outings, 'put').mockImplementation(() => {
    throw Object.assign(new Error('full'), { name: 'QuotaExceededError' });
  });
  await rename();
  await waitFor(() => expect(mark()).toBe('Not saved'));
  expect(screen.getByRole('alert').textContent).toMatch(/not saved: .*full.*stay in this page/);
  fireEvent.click(screen.getByRole('button', { name: 'Save as a file' }));
  expect(files[0]![0]).toBe('ridge-loop.json');
  expect(JSON.parse(files[0]![1])).toMatchObject({ name: 'Ridge loop!' });
  jest.restoreAllMocks();
  await rename();
  await waitFor(() => expect(mark()).toBe('Saved'));
  expect(screen.queryByRole('alert')).toBeNull();
});

it('what another window deleted is told, and kept as a copy that is opened', async () => {
  await open();
  await act(() => putIntoBin('outing', '2027-02-14T12:00:00Z'));
  await waitFor(() => expect(mark()).toBe('In the bin'));
  expect(screen.getByRole('alert').textContent).toMatch(/deleted in another window/);
  await rename();
  fireEvent.click(screen.getByRole('button', { name: 'Keep as a copy' }));
  await settle(60);
  const all = await readAll();
  expect(all.map((s) => [s.deletedAt !== null, s.kind === 'readable' && s.outing.name]).sort()).toEqual([
    [false, 'Ridge loop!'],
    [true, 'Ridge loop'],
  ]);
});
