import { fireEvent, screen, waitFor } from '@testing-library/react';
import { openSheet } from '../../../testing/openSheet';
import { LogScreen } from './LogScreen';

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
