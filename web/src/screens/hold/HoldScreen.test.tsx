import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { foundBy, shotQuestion, shotReport } from '@strut-spot/core';
import { openSheet, outingWithShot } from '../../../testing/openSheet';
import { HoldScreen } from './HoldScreen';

const checks = () => within(screen.getByTestId('hold-checks'));

it('shows loads, pull test, distances and sight, the same figures as the report', async () => {
  await openSheet(<HoldScreen />);
  await waitFor(() => expect(checks().getByText('Clear')).toBeTruthy());
  const outing = outingWithShot();
  const report = shotReport(shotQuestion(outing, outing.shots[0]!));
  expect(screen.getByTestId('pull-test').textContent).toContain(`${foundBy(report, 'hold').pullTest.newton} N`);
  expect(checks().getAllByText(foundBy(report, 'hold').weakest.name, { exact: false }).length).toBeGreaterThan(0);
  expect(screen.getByRole('heading', { name: /Hidden from the eyes/ })).toBeTruthy();
});

it('a pull that is strong enough is written down, a weak one is no proof', async () => {
  const { stored } = await openSheet(<HoldScreen />);
  const thumb = await screen.findByRole('slider', { name: /Pull on the scale/ });
  const held = screen.getByRole<HTMLButtonElement>('button', { name: 'It held' });
  expect(held.disabled).toBe(true);
  fireEvent.keyDown(thumb, { key: 'End' });
  await waitFor(() => expect(held.disabled).toBe(false));
  fireEvent.click(held);
  await waitFor(async () => expect((await stored()).shots[0]!.pullTests).toHaveLength(1));
  expect((await stored()).shots[0]!.pullTests[0]!.held).toBe(true);
});

it('what was gone through stays ticked', async () => {
  const { stored } = await openSheet(<HoldScreen />);
  const walk = within(await screen.findByTestId('walk-through'));
  const [first] = walk.getAllByRole<HTMLInputElement>('checkbox');
  fireEvent.click(first!);
  await waitFor(async () => expect((await stored()).shots[0]!.acknowledged).toHaveLength(1));
  expect(first!.checked).toBe(true);
  fireEvent.click(first!);
  await waitFor(async () => expect((await stored()).shots[0]!.acknowledged).toEqual([]));
});

it('a dusty surface and a colder day are kept with the set-up and the carrier', async () => {
  const { stored } = await openSheet(<HoldScreen />);
  fireEvent.change(await screen.findByLabelText('Surface'), { target: { value: 'dusty' } });
  await waitFor(async () => expect((await stored()).shots[0]!.setUp.surfaceState).toBe('dusty'));
  fireEvent.change(screen.getByLabelText('Surface'), { target: { value: 'clean' } });
  await waitFor(async () => expect((await stored()).shots[0]!.setUp).not.toHaveProperty('surfaceState'));
  const cold = screen.getByLabelText('Temperature');
  fireEvent.change(cold, { target: { value: '-5' } });
  fireEvent.blur(cold);
  await waitFor(async () => expect((await stored()).carriers[0]!.ride.temperatureC).toBe(-5));
});
