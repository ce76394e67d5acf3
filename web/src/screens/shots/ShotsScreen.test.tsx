import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { newCarrier } from '@strut-spot/core';
import { openSheet, outingWithShot } from '../../../testing/openSheet';
import { openHere } from '../../state/OpenOuting';
import { changeOuting } from '../../state/outingHistory';
import { ShotsScreen } from './ShotsScreen';

const said = jest.fn();
jest.mock('sonner', () => ({ toast: (...words: unknown[]) => said(...words) as void }));

// Their pictures take a second each, and nobody looks.
jest.mock('../../ui/Drawn', () => ({ Drawn: () => null }));

const at = { path: '/outing/outing', route: '/outing/:outingId' };
const open = (outing = outingWithShot()) => openSheet(<ShotsScreen />, { ...at, outing });

it('a row says carrier, spot, kind of shot, what the level reads, and the worst of all checks', async () => {
  await open();
  const row = (await screen.findByRole('link', { name: /1\. Hands and trail/ })).closest('li')!;
  expect(row.textContent).toMatch(/Mountain bike/);
  await waitFor(() => expect(within(row).getByTestId('worst').textContent).toMatch(/good|watch|stop/));
  expect(row.textContent).toMatch(/level reads[\d.]+° (up|down)|level readslevel/);
});

it('a stop in any check is seen in the row, with the check’s name', async () => {
  const outing = outingWithShot();
  const [shot] = outing.shots;
  // A metre of pole on the chin bar: Hold lets go whatever the picture shows.
  const links = [{ linkId: 'medium-pole', lengthM: 1, bendDeg: 0, turnDeg: 0 }];
  await open({ ...outing, shots: [{ ...shot!, setUp: { ...shot!.setUp, links } }] });
  await waitFor(() => expect(screen.getByTestId('worst').textContent).toMatch(/stop/));
  expect(screen.getByTestId('worst').textContent).toMatch(/Frame|Steady|Hold|Clear/);
});

it('a shot is added at a place that no check stops, duplicated and deleted', async () => {
  const { stored } = await open();
  fireEvent.click(screen.getByRole('button', { name: /Clear ahead/ }));
  await waitFor(async () => expect((await stored()).shots).toHaveLength(2));
  expect((await stored()).shots[1]!.intentId).toBe('clear-ahead');
  fireEvent.click(screen.getByRole('button', { name: 'Duplicate Clear ahead' }));
  await waitFor(async () => expect((await stored()).shots).toHaveLength(3));
  const ids = (await stored()).shots.map((s) => s.id);
  expect(new Set(ids).size).toBe(3);
  fireEvent.click(screen.getByRole('button', { name: 'Delete Hands and trail' }));
  await waitFor(async () => expect((await stored()).shots.map((s) => s.id)).toEqual(ids.slice(1)));
});

it('what makes no sense on a carrier cannot be added, and says why', async () => {
  await open();
  const kinds = () => [
    ...screen
      .getByRole('heading', { name: /what should it show/ })
      .closest('section')!
      .querySelectorAll('li'),
  ];
  const names = kinds().map((li) => li.querySelector('.font-\\[620\\]')!.textContent);
  await screen.findAllByText(/^not on this carrier, because nobody else is framed/);
  // No card has moved under the hand that was about to press one.
  expect(kinds().map((li) => li.querySelector('.font-\\[620\\]')!.textContent)).toEqual(names);
  expect(kinds().find((li) => li.textContent!.startsWith('Somebody else'))!.textContent).toMatch(
    /nobody else is framed/,
  );
  expect(screen.queryByRole('button', { name: /^Somebody else/ })).toBeNull();
  expect(screen.getByRole<HTMLButtonElement>('button', { name: /^Clear ahead/ }).disabled).toBe(false);
});

it('a message of a deletion brings the shot back where it was', async () => {
  const { stored } = await open();
  fireEvent.click(screen.getByRole('button', { name: 'Delete Hands and trail' }));
  await waitFor(async () => expect((await stored()).shots).toHaveLength(0));
  const [, { action }] = said.mock.calls.at(-1) as [string, { action: { onClick: () => void } }];
  action.onClick();
  await waitFor(async () => expect((await stored()).shots.map((s) => s.id)).toEqual(['shot']));
});

it('a note that is too long is not kept, and the field says so', async () => {
  const { stored } = await open();
  const note = screen.getByLabelText(/^Note/);
  fireEvent.change(note, { target: { value: 'x'.repeat(4001) } });
  expect((await screen.findByRole('alert')).textContent).toMatch(/at most 4000 characters/);
  expect((await stored()).note).toBe('');
});

describe('carriers of the outing', () => {
  it('one more comes from the catalogue with the rider of the first', async () => {
    const { stored } = await open();
    fireEvent.change(screen.getByLabelText('Another carrier'), { target: { value: 'kayak' } });
    // The first press of an arrow key in a list chooses, and must not add.
    expect((await stored()).carriers).toHaveLength(1);
    fireEvent.click(screen.getByRole('button', { name: 'Add' }));
    await waitFor(async () => expect((await stored()).carriers).toHaveLength(2));
    const [first, second] = (await stored()).carriers;
    expect(second!.rig).toMatchObject({ machineId: 'kayak', statureM: first!.rig.statureM });
  });

  it('one that a shot is filmed from stays, another goes, the last one stays', async () => {
    const outing = outingWithShot();
    const { stored } = await open({ ...outing, carriers: [...outing.carriers, newCarrier('spare', 'kayak', 1.75)] });
    fireEvent.click(screen.getByRole('button', { name: /Take Mountain bike.* out/ }));
    fireEvent.click(screen.getByRole('button', { name: /Take .*[Kk]ayak.* out/ }));
    await waitFor(async () => expect((await stored()).carriers.map((c) => c.id)).toEqual(['carrier']));
    fireEvent.click(screen.getByRole('button', { name: /Take Mountain bike.* out/ }));
    expect((await stored()).carriers).toHaveLength(1);
  });
});

it('a letter is not lost when another window’s change comes in with it; what is refused stays to be mended', async () => {
  const { stored } = await open();
  const field = (label: string) => screen.getByLabelText<HTMLInputElement>(label);
  act(() => {
    fireEvent.change(field('Note'), { target: { value: 'right 4' } });
    fireEvent.change(field('Name'), { target: { value: '' } });
    openHere('outing')!.step((h) => changeOuting(h, { ...h.present, place: 'left 4' }, null, 0));
  });
  await waitFor(async () => expect(await stored()).toMatchObject({ note: 'right 4', place: 'left 4' }));
  expect(field('Place').value).toBe('left 4');
  expect(await screen.findByText('an outing needs a name')).toBeTruthy();
  expect(field('Name').value).toBe('');
  expect((await stored()).name).not.toBe('');
});

it('what is known of the day is typed in and kept', async () => {
  const { stored } = await open();
  const name = screen.getByLabelText<HTMLInputElement>(/^Name/);
  fireEvent.change(name, { target: { value: 'Two ridges' } });
  fireEvent.blur(name);
  await waitFor(async () => expect((await stored()).name).toBe('Two ridges'));
});

it('a second camera of the same kind films the other way on the same ride', async () => {
  const { stored } = await open();
  const [first] = (await stored()).shots;
  fireEvent.click(screen.getByRole('button', { name: /A second camera the other way/ }));
  await waitFor(async () => expect((await stored()).shots).toHaveLength(2));
  const [, other] = (await stored()).shots;
  expect(other).toMatchObject({ intentId: 'who-follows', name: `${first!.name}, and behind`, seconds: first!.seconds });
  expect(other!.setUp.cameraId).toBe(first!.setUp.cameraId);
});
