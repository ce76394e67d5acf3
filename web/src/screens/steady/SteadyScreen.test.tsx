import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { intentOf, newCarrier, newShot } from '@strut-spot/core';
import { openSheet, outingWithShot } from '../../../testing/openSheet';
import { SteadyScreen } from './SteadyScreen';

// Charts draw on a canvas, which is not there: what they say in words is tested in the real page.
jest.mock('react-chartjs-2', () => ({ Line: () => <p>chart</p>, Scatter: () => <p>chart</p> }));

const onHook = () => {
  const outing = outingWithShot();
  const [shot] = outing.shots;
  const links = [
    { linkId: 'stand-off-hook', lengthM: 0.03, bendDeg: 0, turnDeg: 0 },
    { linkId: 'long-arm', lengthM: 0.2, bendDeg: 0, turnDeg: 0 },
  ];
  return { ...outing, shots: [{ ...shot!, setUp: { ...shot!.setUp, links } }] };
};

it('names figures, cause and verdict', async () => {
  await openSheet(<SteadyScreen />);
  const verdict = within(await screen.findByTestId('steady-verdict'));
  await waitFor(() =>
    expect(verdict.getByTestId('cause').textContent).toMatch(/Worst: (jump|jelly|blur)\. \d+ % of it from/),
  );
  for (const figure of ['jump', 'jelly', 'blur']) expect(verdict.getAllByText(figure).length).toBeGreaterThan(0);
});

it('a swinging strut is stopped; the mends were tried, and what takes the strut down is among them and is taken', async () => {
  const { stored } = await openSheet(<SteadyScreen />, { outing: onHook() });
  const mends = within(await screen.findByTestId('mends'));
  const [less] = mends.getAllByRole('button').filter((b) => /hook|straight on its base|shorten/.test(b.textContent));
  fireEvent.click(less!);
  await waitFor(async () => expect((await stored()).shots[0]!.setUp.links.length).toBeLessThan(2));
});

it('another ground and a grey filter are kept', async () => {
  const { stored } = await openSheet(<SteadyScreen />);
  fireEvent.change(await screen.findByLabelText('Ground'), { target: { value: 'smooth-asphalt' } });
  await waitFor(async () => expect((await stored()).carriers[0]!.ride.groundId).toBe('smooth-asphalt'));
  fireEvent.change(screen.getByLabelText('ND filter'), { target: { value: '4' } });
  await waitFor(async () => expect((await stored()).shots[0]!.setUp.ndStops).toBe(4));
});

it('where an engine turns there is a sheet of other engine speeds, and none where nothing turns', async () => {
  const outing = outingWithShot();
  await openSheet(<SteadyScreen />);
  expect(screen.getAllByRole('tab').map((tab) => tab.textContent)).not.toContain('Engine');
  cleanup();
  const carrier = newCarrier('moto', 'motorcycle', 1.75);
  const shot = newShot('shot', carrier, carrier.rig, { intent: intentOf('clear-ahead') });
  await openSheet(<SteadyScreen />, { outing: { ...outing, carriers: [carrier], shots: [shot] } });
  fireEvent.click(screen.getByRole('tab', { name: 'Engine' }));
  expect(screen.getByRole('tab', { name: 'Engine' }).getAttribute('aria-selected')).toBe('true');
  await waitFor(() => expect(document.querySelector('#chart')!.textContent).toBe('chart'));
});

it('what else makes it watch or stop is told beside the figures: wind that pushes a gimbal round', async () => {
  const outing = outingWithShot();
  const [shot] = outing.shots;
  const setUp = { ...shot!.setUp, cameraId: 'pocket-gimbal', modeId: 'main', stabiliserId: 'off' };
  const [carrier] = outing.carriers;
  const windy = { ...carrier!, ride: { ...carrier!.ride, speedMps: 20, windMps: 5 } };
  await openSheet(<SteadyScreen />, { outing: { ...outing, carriers: [windy], shots: [{ ...shot!, setUp }] } });
  const told = await screen.findByTestId('besides-gimbal-wind');
  expect(told.textContent).toMatch(/90 km\/h of wind push the lens round/);
});
