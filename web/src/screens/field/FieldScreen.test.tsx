import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { openSheet, outingWithShot } from '../../../testing/openSheet';
import { FieldScreen } from './FieldScreen';

jest.mock('./chime', () => ({ chime: jest.fn() }));

const first = outingWithShot();
const [shot] = first.shots;
const outing = { ...first, shots: [shot!, { ...shot!, id: 'second', name: 'Second one', after: 'shot' }] };
const open = (query = '') =>
  openSheet(
    <QueryClientProvider client={new QueryClient()}>
      <FieldScreen />
    </QueryClientProvider>,
    { outing, path: `/outing/outing/field${query}`, route: '/outing/:outingId/field' },
  );
/** A telephone that lies so. */
const lies = (beta: number, gamma: number) =>
  act(async () => {
    window.dispatchEvent(Object.assign(new Event('deviceorientation'), { alpha: 0, beta, gamma }));
  });

beforeAll(() => {
  Object.assign(globalThis, { DeviceOrientationEvent: class extends Event {} });
});

it('shots come one after the other, each with its figure and its steps; what is ticked stays ticked', async () => {
  const { stored } = await open('?shot=shot');
  expect((await screen.findByTestId('field-level')).textContent).toMatch(/up|down|level/);
  fireEvent.click(screen.getByLabelText('Wipe done'));
  await waitFor(async () => expect((await stored()).plan?.done).toHaveLength(1));
  expect(screen.getByLabelText('Wipe done').getAttribute('aria-checked')).toBe('true');
  fireEvent.click(screen.getByLabelText('Next shot'));
  expect(await screen.findByText('Second one')).toBeTruthy();
  expect((await screen.findByLabelText('Wipe done')).getAttribute('aria-checked')).toBe('false');
});

it('what came of it is logged with one press, as the next take', async () => {
  const { stored } = await open('?shot=second');
  fireEvent.click(await screen.findByText('It slipped'));
  await waitFor(async () =>
    expect((await stored()).shots[1]!.log).toMatchObject([{ done: true, usable: 'no', held: 'slipped', lap: 1 }]),
  );
});

it('the phone laid on the camera says what is left to turn, and when it is right', async () => {
  await open('?shot=shot');
  fireEvent.click(await screen.findByText('Level with the phone'));
  const { tiltDeg, rollDeg } = shot!.setUp.angles;
  fireEvent.click(screen.getByText('Use this phone as a level'));
  await screen.findByText('Waiting for the sensor…');
  await lies(tiltDeg - 5, rollDeg + 3);
  expect(screen.getByTestId('level-turn').textContent).toBe('Turn: lens 5.0° up, right side 3.0° up');
  // Damped: it takes a moment to follow.
  for (let i = 0; i < 25; i++) {
    await new Promise((done) => setTimeout(done, 70));
    await lies(tiltDeg, rollDeg);
  }
  expect(screen.getByTestId('level-turn').textContent).toMatch(/^Right/);
});

it('without a sensor a reading of another level is typed', async () => {
  await open('?shot=shot');
  fireEvent.click(await screen.findByText('Level with the phone'));
  fireEvent.click(screen.getByText('Use this phone as a level'));
  expect(await screen.findByText(/no tilt sensor here/)).toBeTruthy();
  const field = screen.getByLabelText(/Read off another level/);
  fireEvent.change(field, { target: { value: String(shot!.setUp.angles.tiltDeg - 2) } });
  fireEvent.blur(field);
  await waitFor(() => expect(screen.getByTestId('level-turn').textContent).toBe('Turn: lens 2.0° up'));
});
