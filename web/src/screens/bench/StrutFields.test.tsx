import type { SetUp } from '@strut-spot/core';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { openSheet, outingWithShot } from '../../../testing/openSheet';
import { StrutFields } from './StrutFields';

const open = async (setUp: Partial<SetUp> = {}) => {
  const outing = outingWithShot();
  const [shot] = outing.shots;
  const { stored } = await openSheet(<StrutFields />, {
    outing: { ...outing, shots: [{ ...shot!, setUp: { ...shot!.setUp, ...setUp } }] },
  });
  const until = (of: (setUp: SetUp) => unknown, wanted: unknown) =>
    waitFor(async () => expect(of((await stored()).shots[0]!.setUp)).toEqual(wanted));
  return { until, now: async () => (await stored()).shots[0]!.setUp };
};
const choose = (label: string, value: string) => fireEvent.change(screen.getByLabelText(label), { target: { value } });
function type(label: string, value: string) {
  const field = screen.getByLabelText(label);
  fireEvent.focus(field);
  fireEvent.change(field, { target: { value } });
  fireEvent.blur(field);
}
const disabled = (label: string) => screen.getByLabelText<HTMLInputElement>(label).disabled;

it('a finger joint tilts only; another joint pans and rolls too, and going back takes the roll out', async () => {
  const { until } = await open({ headId: 'ball-joint', angles: { panDeg: 0, tiltDeg: -5, rollDeg: 4 } });
  expect([disabled('Pan'), disabled('Roll')]).toEqual([false, false]);
  choose('Joint', 'finger-joint');
  await until(({ headId, angles }) => [headId, angles.rollDeg, angles.tiltDeg], ['finger-joint', 0, -5]);
  expect([disabled('Tilt'), disabled('Pan'), disabled('Roll')]).toEqual([false, true, true]);
  expect(screen.getByText(/A finger joint tilts only/)).toBeTruthy();
});

it('a tilt that is typed is kept, within what a joint can do', async () => {
  const { until, now } = await open();
  type('Tilt', '12.5');
  await until(({ angles }) => angles.tiltDeg, 12.5);
  type('Tilt', '900');
  await waitFor(async () => expect(Math.abs((await now()).angles.tiltDeg)).toBeLessThanOrEqual(120));
});

it('links are put between base and camera, three at most, and taken out again', async () => {
  const { until } = await open({ links: [] });
  const add = () => fireEvent.click(screen.getByText('Add a link between base and camera'));
  add();
  await until(({ links }) => links.map(({ linkId }) => linkId), ['short-arm']);
  add();
  await until(({ links }) => links.length, 2);
  add();
  await until(({ links }) => links.length, 3);
  await waitFor(() => expect(screen.queryByText('Add a link between base and camera')).toBeNull());
  fireEvent.click(screen.getByLabelText('Take link 2 out'));
  await until(({ links }) => links.length, 2);
});

it('another link keeps the length as far as it can have it; one that does not bend is straight', async () => {
  const { until } = await open({ links: [{ linkId: 'long-arm', lengthM: 0.28, bendDeg: 30, turnDeg: 0 }] });
  choose('Link 1', 'short-arm');
  await until(({ links }) => links[0]!.lengthM <= 0.12 && links[0]!.linkId, 'short-arm');
  choose('Link 1', 'felt-pad');
  await until(({ links }) => [links[0]!.linkId, links[0]!.bendDeg, links[0]!.lengthM <= 0.004], ['felt-pad', 0, true]);
  expect([disabled('Bend'), disabled('Turn')]).toEqual([true, true]);
});

it('another camera takes a mode and a stabiliser that it has, and what was on the old one comes off', async () => {
  const { until } = await open({ addOnIds: ['clear-housing'] });
  choose('Camera', 'two-lens-360');
  await until(({ cameraId, addOnIds }) => [cameraId, addOnIds], ['two-lens-360', undefined]);
  choose('Camera', 'cage-camera');
  await until(
    ({ cameraId, stabiliserId }) => [cameraId, ['off', 'body'].includes(stabiliserId)],
    ['cage-camera', true],
  );
});

it('a base says why it does not go on the place, and what of it is not in the box', async () => {
  await open();
  await waitFor(() => {
    const { options } = screen.getByLabelText<HTMLSelectElement>('Base');
    expect([...options].some(({ textContent }) => /screw|clamp/i.test(textContent))).toBe(true);
  });
  const { options } = screen.getByLabelText<HTMLSelectElement>('Base');
  expect(options.length).toBeGreaterThan(10);
  // What is in the box stands first.
  const out = [...options].map(({ textContent }) => /not in the box/.test(textContent));
  expect(out).toEqual([...out].sort((a, b) => Number(a) - Number(b)));
});

it('a gimbal has an angle of its own at which it keeps the lens', async () => {
  const { until } = await open({ cameraId: 'pocket-gimbal', modeId: 'main', stabiliserId: 'off' });
  type('Gimbal keeps the lens at', '-20');
  await until(({ gimbalTiltDeg }) => gimbalTiltDeg, -20);
});

it('on its side it is taken upright, 9:16', async () => {
  const { until } = await open();
  choose('Mounted', 'portrait-left');
  await until(({ mounting }) => mounting, 'portrait-left');
});
