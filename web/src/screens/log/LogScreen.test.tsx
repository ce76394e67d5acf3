import { fireEvent, screen, waitFor } from '@testing-library/react';
import { openSheet } from '../../../testing/openSheet';
import { database } from '../../storage/database';
import type * as Stills from '../../storage/stills';
import { LogScreen } from './LogScreen';

// No picture is drawn here.
jest.mock('../../storage/stills', () => ({
  ...jest.requireActual<typeof Stills>('../../storage/stills'),
  smallStill: (file: File) =>
    file.name.endsWith('.jpg')
      ? Promise.resolve(Uint8Array.from([1, 2, 3]))
      : Promise.reject(new Error('it cannot be shown here: a PNG, JPEG or WebP would do')),
}));
URL.createObjectURL = () => 'blob:still';
URL.revokeObjectURL = () => undefined;

const add = () => fireEvent.click(screen.getByRole('button', { name: 'Add to the log' }));

const said = jest.fn();
jest.mock('sonner', () => ({ toast: (...words: unknown[]) => said(...words) as void }));

afterEach(() => localStorage.clear());

it('what was filmed, what held and a note go into the log, the newest on top', async () => {
  const { stored } = await openSheet(<LogScreen />);
  expect(screen.getByText(/Nothing logged yet/)).toBeTruthy();
  fireEvent.change(screen.getByLabelText('Note'), { target: { value: 'mud on the lens' } });
  fireEvent.click(screen.getByLabelText('Slipped'));
  add();
  await waitFor(async () => expect((await stored()).shots[0]!.log).toHaveLength(1));
  expect((await stored()).shots[0]!.log[0]).toMatchObject({
    done: true,
    usable: 'yes',
    held: 'slipped',
    note: 'mud on the lens',
  });
  fireEvent.change(screen.getByLabelText('Note'), { target: { value: 'second go' } });
  add();
  await waitFor(() => expect(screen.getAllByRole('listitem')).toHaveLength(2));
  expect(screen.getAllByRole('listitem')[0]!.textContent).toMatch(/second go/);
});

it('a note that is too long is refused with what would do, and nothing is lost', async () => {
  const { stored } = await openSheet(<LogScreen />);
  const text = 'x'.repeat(4001);
  fireEvent.change(screen.getByLabelText('Note'), { target: { value: text } });
  add();
  expect((await screen.findByRole('alert')).textContent).toMatch(/at most 4000 characters/);
  expect(screen.getByLabelText<HTMLTextAreaElement>('Note').value).toBe(text);
  expect((await stored()).shots[0]!.log).toHaveLength(0);
});

it('an entry is deleted', async () => {
  const { stored } = await openSheet(<LogScreen />);
  add();
  fireEvent.click(await screen.findByRole('button', { name: 'Delete this entry' }));
  await waitFor(() => expect(screen.getByText(/Nothing logged yet/)).toBeTruthy());
  await waitFor(async () => expect((await stored()).shots[0]!.log).toEqual([]));
});

it('a note that was not added yet is there again when the sheet is opened again, and gone once it is added', async () => {
  const view = await openSheet(<LogScreen />);
  fireEvent.change(screen.getByLabelText('Note'), { target: { value: 'mud on the lens' } });
  view.unmount();
  await openSheet(<LogScreen />);
  const note = screen.getByLabelText<HTMLTextAreaElement>('Note');
  expect(note.value).toBe('mud on the lens');
  add();
  await screen.findByText('mud on the lens', { selector: 'p' });
  expect([note.value, localStorage.length]).toEqual(['', 0]);
});

it('the message of a deletion brings the entry back once, whatever was done meanwhile', async () => {
  const { stored } = await openSheet(<LogScreen />);
  add();
  fireEvent.click(await screen.findByRole('button', { name: 'Delete this entry' }));
  await waitFor(() => expect(said).toHaveBeenCalled());
  const [, { action }] = said.mock.calls.at(-1) as [string, { action: { onClick: () => void } }];
  action.onClick();
  action.onClick();
  await waitFor(async () => expect((await stored()).shots[0]!.log).toHaveLength(1));
});

it('a still of the take is kept beside its entry in this browser, goes with it and comes back with it', async () => {
  const { stored } = await openSheet(<LogScreen />);
  const give = (file: File) =>
    fireEvent.change(screen.getByLabelText('Still of the take'), { target: { files: [file] } });
  give(new File(['x'], 'notes.pdf'));
  expect((await screen.findByRole('alert')).textContent).toMatch(/notes\.pdf: it cannot be shown here/);
  give(new File(['x'], 'take.jpg'));
  expect(await screen.findByText('take.jpg')).toBeTruthy();
  add();
  await waitFor(async () => expect((await stored()).shots[0]!.log).toHaveLength(1));
  const [entry] = (await stored()).shots[0]!.log;
  expect(await screen.findByAltText('Still of this take')).toBeTruthy();
  expect(await database.stills.get(entry!.id)).toMatchObject({ outingId: 'outing' });
  fireEvent.click(screen.getByLabelText('Delete this entry'));
  await waitFor(async () => expect(await database.stills.count()).toBe(0));
  const { action } = said.mock.lastCall![1] as { action: { onClick: () => void } };
  action.onClick();
  await waitFor(async () => expect(await database.stills.count()).toBe(1));
});
