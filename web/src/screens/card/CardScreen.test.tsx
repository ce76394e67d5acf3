import { screen, waitFor, within } from '@testing-library/react';
import { openSheet, outingWithShot } from '../../../testing/openSheet';
import { CardScreen } from './CardScreen';

it('says what to set, in what order, what to mind, and what every check says', async () => {
  await openSheet(<CardScreen />);
  expect((await screen.findByTestId('card-level')).textContent).toMatch(/\d+(\.5)?° (up|down)|level/);
  const checks = within(screen.getByTestId('card-checks'));
  for (const name of ['Frame', 'Steady', 'Hold', 'Clear']) expect(checks.getByText(name)).toBeTruthy();
  const article = screen.getByRole('article').textContent!;
  expect(article).toMatch(/Pull test\d+ N/);
  expect(article).toMatch(/Ride ten seconds/);
  expect(article).not.toMatch(/\bsafe\b/i);
});

it('a stop is written out on the card with its reason', async () => {
  const outing = outingWithShot();
  const [shot] = outing.shots;
  const angles = { panDeg: 0, tiltDeg: 85, rollDeg: 0 };
  await openSheet(<CardScreen />, { outing: { ...outing, shots: [{ ...shot!, setUp: { ...shot!.setUp, angles } }] } });
  const checks = within(await screen.findByTestId('card-checks'));
  await waitFor(() => expect(checks.getByText(/the horizon is below the picture/)).toBeTruthy());
});
