import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { foundBy, shotQuestion, shotReport, type Outing } from '@strut-spot/core';
import { forgetAll, openSheet, outingWithShot } from '../../../testing/openSheet';
import { LightScreen } from './LightScreen';

const checks = () => within(screen.getByTestId('light-checks'));
const placed = (): Outing => {
  const outing = outingWithShot();
  const [shot] = outing.shots;
  return {
    ...outing,
    date: '2027-02-14',
    where: { latDeg: 50, lonDeg: 0, timeZone: 'UTC' },
    shots: [{ ...shot!, hour: { at: '16:00', headingDeg: 60 } }],
  };
};

beforeEach(() => forgetAll());

it('without a place it says how much light there is, and asks for the place; that is kept with the outing', async () => {
  const { stored } = await openSheet(<LightScreen />);
  await waitFor(() => expect(checks().getByText(/^EV 1\d\.\d$/)).toBeTruthy());
  expect(screen.queryByLabelText('Hour')).toBeNull();
  fireEvent.click(screen.getByText('Set the place'));
  const latitude = await screen.findByLabelText('Latitude, north +');
  fireEvent.change(latitude, { target: { value: '-33,5' } });
  fireEvent.keyDown(latitude, { key: 'Enter' });
  await waitFor(async () => expect((await stored()).where?.latDeg).toBe(-33.5));
  fireEvent.change(screen.getByLabelText('Course'), { target: { value: 'one' } });
  await waitFor(async () => expect((await stored()).shots[0]!.hour).toEqual({ at: '09:00', headingDeg: 0 }));
  await waitFor(() => expect(checks().getByText('Rises, sets')).toBeTruthy());
});

it('shows the figures of the report at the hour, and another hour by the slider', async () => {
  const outing = placed();
  const { stored } = await openSheet(<LightScreen />, { outing });
  const found = (o: Outing) => foundBy(shotReport(shotQuestion(o, o.shots[0]!), { only: ['light'] }), 'light');
  await waitFor(() => expect(checks().getByText(`EV ${found(outing).ev.toFixed(1)}`)).toBeTruthy());
  expect(checks().getByText('own shadow in the picture')).toBeTruthy();
  expect(checks().getByText(/^at \d+°, \d+° high$/)).toBeTruthy();
  fireEvent.change(screen.getByRole('slider', { name: /Hour/ }), { target: { value: String(12 * 60 + 30) } });
  await waitFor(async () => expect((await stored()).shots[0]!.hour?.at).toBe('12:30'));
  const noon = await stored();
  await waitFor(() => expect(checks().getByText(`EV ${found(noon).ev.toFixed(1)}`)).toBeTruthy());
  expect(screen.getByTestId('light-hour').textContent).toBe('12:30');
});

it('says in words what the drawing of the day shows', async () => {
  await openSheet(<LightScreen />, { outing: placed() });
  const title = await screen.findByTitle(/The sun rises at 07:\d\d and sets at 17:\d\d\./);
  expect(title.textContent).toMatch(/Own shadow: \d\d:\d\d to \d\d:\d\d/);
  expect(title.textContent).toMatch(/Too dark: 00:00 to 0\d:\d\d, 1\d:\d\d to 24:00/);
});

it('puts the place where the map is pressed', async () => {
  const { stored } = await openSheet(<LightScreen />, { outing: placed() });
  const map = await screen.findByTestId('place-map');
  map.getBoundingClientRect = () => ({ left: 10, top: 20, width: 360, height: 180 }) as DOMRect;
  fireEvent.click(map, { clientX: 10 + 180 + 7.5, clientY: 20 + 90 - 60.2 });
  await waitFor(async () =>
    expect((await stored()).where).toMatchObject({ latDeg: 60.2, lonDeg: 7.5, timeZone: 'UTC' }),
  );
});

it('a GPX file gives place, hour and course, and a speed; what is none is refused with the reason', async () => {
  const { stored } = await openSheet(<LightScreen />, { outing: placed() });
  const point = (i: number) =>
    `<trkpt lat="${61.4 + i * 0.0001}" lon="-9.6"><ele>${90 - i}</ele><time>2027-02-20T10:${String(20 + Math.floor(i / 30))}:${String((i * 2) % 60).padStart(2, '0')}Z</time></trkpt>`;
  const gpx = `<gpx version="1.1" xmlns="http://www.topografix.com/GPX/1/1"><trk><trkseg>${Array.from({ length: 50 }, (_, i) => point(i)).join('')}</trkseg></trk></gpx>`;
  const input = await screen.findByLabelText('Read a GPX file');
  const give = (text: string) => {
    const file = new File([text], 'a.gpx');
    Object.defineProperty(file, 'text', { value: () => Promise.resolve(text) });
    fireEvent.change(input, { target: { files: [file] } });
  };
  give('<kml></kml>');
  expect((await screen.findByRole('alert')).textContent).toMatch(/no GPX/);
  give(gpx);
  fireEvent.click(await screen.findByText('Take place, hour and course'));
  fireEvent.click(screen.getByText('Take its speed'));
  await waitFor(async () => {
    const now = await stored();
    expect(now.where).toMatchObject({ latDeg: 61.4, lonDeg: -9.6, timeZone: 'UTC' });
    expect(now.shots[0]!.hour).toMatchObject({ at: '10:20', headingDeg: 0 });
    expect(now.carriers[0]!.ride.speedMps).toBeCloseTo(5.6, 1);
  });
});

it('the shadows that one sees say what the sky is like, with one tap', async () => {
  const { stored } = await openSheet(<LightScreen />, { outing: placed() });
  const group = within(await screen.findByLabelText('Shadows that you see outside'));
  fireEvent.click(group.getByText('none'));
  await waitFor(async () => expect((await stored()).carriers[0]!.ride.lightId).toBe('overcast'));
  await waitFor(() => expect(group.getByText('none').getAttribute('aria-pressed')).toBe('true'));
  fireEvent.click(group.getByText('sharp'));
  await waitFor(async () => expect((await stored()).carriers[0]!.ride.lightId).toBe('bright-sun'));
});

it('how it is exposed is set by fields, and what says nothing is left out of the set-up again', async () => {
  const { stored } = await openSheet(<LightScreen />, { outing: placed() });
  const setUp = async () => (await stored()).shots[0]!.setUp;
  const pick = (label: string, value: string) => fireEvent.change(screen.getByLabelText(label), { target: { value } });
  await screen.findByLabelText('ND filter');
  pick('ND filter', '3');
  await waitFor(async () => expect((await setUp()).ndStops).toBe(3));
  pick('Gain at most', '800');
  await waitFor(async () => expect((await setUp()).isoMost).toBe(800));
  pick('By hand', '-1');
  await waitFor(async () => expect((await setUp()).compensation).toBe(-1));
  fireEvent.click(screen.getByLabelText('Exposure locked on the way ahead'));
  await waitFor(async () => expect((await setUp()).exposureLock).toBe(true));
  pick('ND filter', '0');
  pick('By hand', '0');
  await waitFor(async () => {
    const now = await setUp();
    expect([now.ndStops, now.compensation, now.isoMost]).toEqual([undefined, undefined, 800]);
  });
});

it('filmed until some hour it is told by the worst of that time, and the hour that mends it is taken at a press', async () => {
  const { stored } = await openSheet(<LightScreen />, { outing: placed() });
  fireEvent.change(await screen.findByLabelText('Until'), { target: { value: '16:40' } });
  await waitFor(async () => expect((await stored()).shots[0]!.hour).toMatchObject({ at: '16:00', until: '16:40' }));
  expect(screen.getByText('40 min')).toBeTruthy();
  const way = await waitFor(() => checks().getByText(/^(film it at \d\d:\d\d|ride it the other way).*mends it/));
  fireEvent.click(way);
  await waitFor(async () => {
    const { hour } = (await stored()).shots[0]!;
    expect(hour!.headingDeg !== 60 || hour!.at !== '16:00').toBe(true);
  });
  fireEvent.change(screen.getByLabelText('Until'), { target: { value: '' } });
  await waitFor(async () => expect((await stored()).shots[0]!.hour).not.toHaveProperty('until'));
});
