import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { dayPlans, keepTrack, packList, type Outing } from '@strut-spot/core';
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
  const first = await screen.findByText('Once more', { selector: 'a' });
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

it('who is to see the film says how long it is; pictures besides the ride are ticked; the story is kept for another outing', async () => {
  const { stored } = await open(outing());
  fireEvent.change(await screen.findByLabelText('Seen by'), { target: { value: 'clip' } });
  await waitFor(async () => expect((await stored()).film).toEqual({ seconds: 30, audience: 'clip' }));
  fireEvent.click(screen.getByLabelText('Sky, ground and weather'));
  await waitFor(async () => expect((await stored()).plan?.done).toEqual(['b-weather']));
  fireEvent.change(screen.getByLabelText('Keep the shots of this outing as'), { target: { value: 'My loop' } });
  fireEvent.click(screen.getByText('Keep'));
  fireEvent.click(await screen.findByText('My loop'));
  await waitFor(async () => expect((await stored()).shots).toHaveLength(4));
  fireEvent.click(screen.getByLabelText('Forget the story My loop'));
  await waitFor(() => expect(screen.queryByText('My loop')).toBeNull());
});

it('hours that tide or lift leave, and what must come first, are said at the shot', async () => {
  const { stored } = await open(outing());
  await screen.findByText('Once more', { selector: 'a' });
  const [possible] = screen.getAllByLabelText('Possible');
  fireEvent.change(possible!, { target: { value: 'only' } });
  await waitFor(async () =>
    expect((await stored()).shots.filter((shot) => shot.only).map((shot) => shot.only)).toEqual([
      { from: '09:00', to: '17:00', why: '' },
    ]),
  );
  fireEvent.change(await screen.findByLabelText('To'), { target: { value: '12:30' } });
  fireEvent.change(screen.getByLabelText('Because of'), { target: { value: 'lift' } });
  await waitFor(() => expect(document.body.textContent).toMatch(/09:00 to 12:30, lift/));
  const [after] = screen.getAllByLabelText('After');
  fireEvent.change(after!, { target: { value: 'shot' } });
  await waitFor(async () => expect((await stored()).shots.some((shot) => shot.after === 'shot')).toBe(true));
});

const TRACK = keepTrack(
  'Ridge',
  Array.from({ length: 300 }, (_, i) => ({
    latDeg: 61.4 + 0.00005 * i,
    lonDeg: -9.6,
    eleM: 200 - i / 4,
    ms: Date.parse('2027-02-19T10:00:00Z') + i * 1000,
  })),
)!;

it('a shot gets a stretch of the track, sees what it is like there, and takes it over', async () => {
  const { stored } = await open(outing({ track: TRACK, where: { latDeg: 61.4, lonDeg: -9.6, timeZone: 'UTC' } }));
  fireEvent.click(await screen.findByLabelText('Put on the track: Once more'));
  await screen.findByText(/down \d+ %.*heading 0°.*ridden at 10:0\d/);
  fireEvent.click(screen.getByText(/^Take hour, heading/));
  await waitFor(async () =>
    expect((await stored()).shots[1]!.hour).toMatchObject({
      headingDeg: 0,
      at: expect.stringMatching(/^10:0/) as string,
    }),
  );
  // Once it has an hour of its own, that one stays.
  expect(await screen.findByText(/^Take heading/)).toBeTruthy();
  fireEvent.click(screen.getByText(/^Take speed/));
  await waitFor(async () => expect((await stored()).carriers[0]!.ride.speedMps).toBeCloseTo(5.6, 1));
  expect(screen.getByText(/Map of Ridge: 2 Once more/)).toBeTruthy();
  fireEvent.click(screen.getByLabelText('Take Once more off the track'));
  await waitFor(async () => expect((await stored()).shots[1]!.stretch).toBeUndefined());
});

it('a GPX file becomes the outing’s track and its place; what is none is refused with the reason', async () => {
  const { stored } = await open(outing());
  const field = await screen.findByLabelText('Read a GPX file');
  const file = (text: string) => Object.assign(new File([text], 'loop.gpx'), { text: () => Promise.resolve(text) });
  fireEvent.change(field, { target: { files: [file('no')] } });
  expect((await screen.findByRole('alert')).textContent).toMatch(/XML/);
  const points = TRACK.nodes.map(([lat, lon, ele]) => `<trkpt lat="${lat}" lon="${lon}"><ele>${ele}</ele></trkpt>`);
  const gpx = `<gpx version="1.1"><trk><trkseg>${points.join('')}</trkseg></trk></gpx>`;
  fireEvent.change(field, { target: { files: [file(gpx)] } });
  await waitFor(async () => expect((await stored()).track?.name).toBe('loop'));
  expect((await stored()).where?.latDeg).toBeCloseTo(61.4, 4);
});
