import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { openSheet, outingWithShot } from '../../../testing/openSheet';
import { BenchScreen } from './BenchScreen';

const tilt = () => screen.getByLabelText<HTMLInputElement>('Tilt');
const checks = () => within(screen.getByTestId('checks'));

it('shows picture, shares, strut and checks of the shot as they are computed', async () => {
  await openSheet(<BenchScreen />);
  await waitFor(() => expect(checks().getByText('Frame')).toBeTruthy());
  for (const name of ['Steady', 'Hold']) expect(checks().getByText(name)).toBeTruthy();
  expect(screen.getByRole('table', { name: /Shares of the picture/ }).textContent).toMatch(/way ahead\d/);
  expect(screen.getByTestId('swing').textContent).toMatch(/Swings at about \d+/);
  // All stances are there, the one it is solved for chosen.
  expect(screen.getByRole('radio', { name: /Crouch/, checked: true })).toBeTruthy();
});

it('a tilt that films the sky is stopped, with the way back; taking it mends the shot', async () => {
  const { stored } = await openSheet(<BenchScreen />);
  fireEvent.change(tilt(), { target: { value: '80' } });
  fireEvent.blur(tilt());
  const mend = await waitFor(() => checks().getAllByRole('button', { name: /tilt down \d+°/ })[0]!);
  expect((await stored()).shots[0]!.setUp.angles.tiltDeg).toBe(80);
  fireEvent.click(mend);
  await waitFor(() => expect(screen.getByTestId('level-reading').textContent).not.toMatch(/80/));
  expect((await stored()).shots[0]!.setUp.angles.tiltDeg).toBeLessThan(60);
});

const onChest = () => ({
  ...outingWithShot(),
  shots: outingWithShot().shots.map((s) => ({
    ...s,
    setUp: { ...s.setUp, spotId: 'chest', baseId: 'chest-harness' },
  })),
});

it('a spot with a stretch is put by tape or by hand; beyond its ends it is refused', async () => {
  const { stored } = await openSheet(<BenchScreen />, { outing: onChest() });
  const slideM = async () => (await stored()).shots[0]!.setUp.slideM;
  const field = await screen.findByLabelText<HTMLInputElement>('Below the collar');
  const usualMm = Number(field.value);
  fireEvent.change(field, { target: { value: String(usualMm + 60) } });
  fireEvent.blur(field);
  await waitFor(async () => expect(await slideM()).toBeCloseTo(0.06, 2));
  fireEvent.change(field, { target: { value: '900' } });
  fireEvent.blur(field);
  expect(screen.getByRole('alert').textContent).toMatch(/Below the collar: from \d+ to \d+ mm/);
  expect(await slideM()).toBeCloseTo(0.06, 2);
  fireEvent.click(screen.getByRole('button', { name: 'pin drawn 2.3 cm on' }));
  await waitFor(async () => expect(await slideM()).toBeCloseTo(0.025, 6));
});

it('another spot by its pin brings a base that goes there, and keeps the camera', async () => {
  const { stored } = await openSheet(<BenchScreen />, {
    outing: onChest(),
  });
  fireEvent.click(await screen.findByRole('button', { name: 'pin of the chin bar' }));
  await waitFor(async () => expect((await stored()).shots[0]!.setUp.spotId).toBe('chin-bar'));
  const { setUp } = (await stored()).shots[0]!;
  expect(setUp.baseId).toBe('strap-round-base');
  expect(setUp.cameraId).toBe('cube-camera');
});

it('a link goes in at its shortest and out again', async () => {
  const { stored } = await openSheet(<BenchScreen />);
  fireEvent.click(screen.getByRole('button', { name: /Add a link/ }));
  await waitFor(async () => expect((await stored()).shots[0]!.setUp.links).toHaveLength(1));
  const [link] = (await stored()).shots[0]!.setUp.links;
  expect(link).toMatchObject({ bendDeg: 0, turnDeg: 0 });
  expect(link!.lengthM).toBeLessThan(0.1);
});
