import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { dayPlans, packList, type Outing } from '@strut-spot/core';
import { forgetAll, openSheet, outingWithShot } from '../../../testing/openSheet';
import { DayScreen } from './DayScreen';

const outing = (over: Partial<Outing> = {}): Outing => {
  const one = outingWithShot();
  const [shot] = one.shots;
  return {
    ...one,
    shots: [shot!, { ...shot!, id: 'again', name: 'Once more', setUp: { ...shot!.setUp, modeId: 'tall' } }],
    ...over,
  };
};
const open = (of: Outing) =>
  openSheet(<DayScreen />, { outing: of, path: '/outing/outing/day', route: '/outing/:outingId/day' });

beforeEach(() => forgetAll());

it('shows the day as planned, shot by shot, and what is to be packed; ticks are kept', async () => {
  const { stored } = await open(outing());
  const first = await screen.findByText('Once more');
  expect(first.getAttribute('href')).toBe('/outing/outing/shot/again');
  const [plan] = dayPlans(outing());
  const clock = `${String(Math.floor(plan!.blocks[0]!.from / 60)).padStart(2, '0')}:`;
  expect(document.body.textContent).toContain(clock);
  const pack = packList(outing());
  expect(screen.getByTestId('packed').textContent).toMatch(new RegExp(`^0 of ${pack.length},`));
  fireEvent.click(screen.getByLabelText('Hand scale'));
  await waitFor(async () => expect((await stored()).plan?.packed).toEqual(['scale']));
  await waitFor(() => expect(screen.getByTestId('packed').textContent).toMatch(/^1 of/));
});

it('names what the story lacks, and adds a shot for it with a place found', async () => {
  const { stored } = await open(outing());
  const missing = within(await screen.findByLabelText('Missing from the story'));
  expect(missing.getByText(/no face/)).toBeTruthy();
  fireEvent.click(missing.getByText('Look back at the face'));
  await waitFor(async () => expect((await stored()).shots.map((s) => s.intentId)).toContain('look-back-at-the-face'));
  await waitFor(() => expect(screen.queryByText(/no face/)).toBeNull());
});

it('an order of one’s own is told with what it costs, and given up again', async () => {
  const { stored } = await open(outing({ plan: { order: ['again', 'shot'] } }));
  expect(await screen.findByText(/Your own order/)).toBeTruthy();
  fireEvent.click(screen.getByText('Take the best'));
  await waitFor(async () => expect((await stored()).plan).toEqual({}));
  fireEvent.click(screen.getByLabelText('Keep to the shots’ own hours'));
  await waitFor(async () => expect((await stored()).plan).toEqual({ freeHours: true }));
});

it('without shots it says how to begin', async () => {
  await open({ ...outingWithShot(), shots: [] });
  expect(await screen.findByText(/No shots yet/)).toBeTruthy();
});
