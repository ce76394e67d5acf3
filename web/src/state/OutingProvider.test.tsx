import { act, cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { outingWithShot, readBack, settle } from '../../testing/openSheet';
import { putIntoBin, takeOutOfBin } from '../storage/bin';
import { saveOuting } from '../storage/outings';
import { OutingProvider, useOuting } from './OutingProvider';

function Name() {
  const { outing, change, changeShot, undo, redo } = useOuting();
  return (
    <>
      <p data-testid="name">{outing.name}</p>
      <p data-testid="shot">{outing.shots[0]!.name}</p>
      <button type="button" onClick={() => change((o) => ({ ...o, name: `${o.name}!` }))}>
        rename
      </button>
      <button type="button" onClick={() => changeShot('shot', (s) => ({ ...s, name: 'Low line' }))}>
        rename the shot
      </button>
      <button type="button" disabled={!undo} onClick={() => undo?.()}>
        undo
      </button>
      <button type="button" disabled={!redo} onClick={() => redo?.()}>
        redo
      </button>
      <textarea aria-label="note" />
      <input aria-label="number" inputMode="decimal" />
    </>
  );
}

async function open(id = 'outing') {
  await saveOuting({ ...outingWithShot(), name: 'Ridge' });
  render(
    <MemoryRouter>
      <OutingProvider id={id} missing={<p>not here</p>}>
        <Name />
      </OutingProvider>
    </MemoryRouter>,
  );
  await settle(20);
}
const name = () => screen.getByTestId('name').textContent;
const press = (button: string) => fireEvent.click(screen.getByRole('button', { name: button }));
const control = (key: string, over: object = {}, on: Element = document.body) =>
  fireEvent.keyDown(on, { key, ctrlKey: true, ...over });

afterEach(() => settle(20));

it('a change is written down at once, taken back and brought again, each time also in the store', async () => {
  await open();
  press('rename');
  expect(name()).toBe('Ridge!');
  await waitFor(async () => expect((await readBack('outing')).name).toBe('Ridge!'));
  press('undo');
  await waitFor(async () => expect((await readBack('outing')).name).toBe('Ridge'));
  press('redo');
  await waitFor(async () => expect((await readBack('outing')).name).toBe('Ridge!'));
});

it('the first state has nothing before it, the last nothing after it', async () => {
  await open();
  const button = (of: string) => screen.getByRole<HTMLButtonElement>('button', { name: of });
  expect([button('undo').disabled, button('redo').disabled]).toEqual([true, true]);
  press('rename');
  expect([button('undo').disabled, button('redo').disabled]).toEqual([false, true]);
});

it('one shot is changed, the others and the outing stay', async () => {
  await open();
  press('rename the shot');
  expect(screen.getByTestId('shot').textContent).toBe('Low line');
  expect(name()).toBe('Ridge');
});

it('the keys of the system take back and bring again, in a number field too', async () => {
  await open();
  press('rename');
  control('z');
  expect(name()).toBe('Ridge');
  control('Z', { shiftKey: true });
  expect(name()).toBe('Ridge!');
  control('z', {}, screen.getByLabelText('number'));
  expect(name()).toBe('Ridge');
});

it('in a text that is being written they are left to the browser', async () => {
  await open();
  press('rename');
  control('z', {}, screen.getByLabelText('note'));
  expect(name()).toBe('Ridge!');
  fireEvent.keyDown(document.body, { key: 'z' });
  expect(name()).toBe('Ridge!');
});

it('an outing that is not stored here is said to be missing', async () => {
  await open('elsewhere');
  expect(screen.getByText('not here')).toBeTruthy();
});

it('one that comes while its address is open is opened: the demo outing at a first visit, or out of the bin', async () => {
  await open('elsewhere');
  await act(() => saveOuting({ ...outingWithShot(), id: 'elsewhere', name: 'Late' }));
  await waitFor(() => expect(name()).toBe('Late'));
  cleanup();
  await putIntoBin('elsewhere', '2027-02-14T12:00:00Z');
  await open('elsewhere');
  expect(screen.queryByText('Late')).toBeNull();
  await act(() => takeOutOfBin('elsewhere'));
  await waitFor(() => expect(name()).toBe('Late'));
});
