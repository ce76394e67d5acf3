import { fireEvent, screen, waitFor } from '@testing-library/react';
import type { Outing } from '@strut-spot/core';
import { forgetAll, openSheet, outingWithShot, readBack } from '../../../testing/openSheet';
import { saveOuting } from '../../storage/outings';
import { ClipScreen } from './ClipScreen';

const file = (name: string, type: string, size = 10) => {
  const made = new File(['x'], name, { type });
  Object.defineProperty(made, 'size', { value: size });
  return made;
};
const choose = (chosen: File) =>
  fireEvent.change(screen.getByLabelText('Test clip file'), { target: { files: [chosen] } });

beforeAll(() => {
  URL.createObjectURL = () => 'blob:clip';
  URL.revokeObjectURL = () => undefined;
});

it('what is no picture and no video is refused with its name, and nothing is changed', async () => {
  const { stored } = await openSheet(<ClipScreen />);
  choose(file('notes.pdf', 'application/pdf'));
  expect((await screen.findByRole('alert')).textContent).toMatch(/notes\.pdf/);
  expect((await stored()).shots[0]!.clips).toEqual([]);
});

it('a still is taken in, and its two marks can be moved by keys', async () => {
  await openSheet(<ClipScreen />);
  choose(file('still.png', 'image/png'));
  const picture = await screen.findByRole('img', { name: /Test clip: still\.png/ });
  Object.defineProperty(picture, 'naturalWidth', { value: 1920 });
  Object.defineProperty(picture, 'naturalHeight', { value: 1080 });
  fireEvent.load(picture);
  const left = await screen.findByRole('slider', { name: /Left end of the horizon/ });
  const before = left.getAttribute('aria-valuetext');
  fireEvent.keyDown(left, { key: 'ArrowUp' });
  await waitFor(() =>
    expect(screen.getByRole('slider', { name: /Left end/ }).getAttribute('aria-valuetext')).not.toBe(before),
  );
});

it('a correction that is applied is a lesson: told, counted in, switched off and forgotten', async () => {
  const { stored } = await openSheet(<ClipScreen />);
  choose(file('still.png', 'image/png'));
  const picture = await screen.findByRole('img', { name: /Test clip: still\.png/ });
  Object.defineProperty(picture, 'naturalWidth', { value: 1920 });
  Object.defineProperty(picture, 'naturalHeight', { value: 1080 });
  fireEvent.load(picture);
  fireEvent.keyDown(await screen.findByRole('slider', { name: /Left end/ }), { key: 'ArrowUp', shiftKey: true });
  fireEvent.click(await screen.findByRole('button', { name: 'Apply to the set-up' }));
  const words = await screen.findByTestId('learnt-words');
  expect(words.textContent).toMatch(/Learnt from 1 clip: under way the camera points \d/);
  const [clip] = (await stored()).shots[0]!.clips;
  expect(clip!.lesson).toMatchObject({ machineId: 'mountain-bike', spotId: 'chin-bar', used: true });
  expect(clip!.lesson!.pitchDeg).not.toBe(0);
  fireEvent.click(screen.getByRole('checkbox', { name: /Count in the clip of/ }));
  await waitFor(() => expect(screen.queryByTestId('learnt-words')).toBeNull());
  expect((await stored()).shots[0]!.clips[0]!.lesson!.used).toBe(false);
  fireEvent.click(screen.getByRole('button', { name: /Forget the clip of/ }));
  await waitFor(() => expect(screen.queryByText('Learnt')).toBeNull());
  expect((await stored()).shots[0]!.clips[0]).not.toHaveProperty('lesson');
});

it('clips of the same rider in another outing are offered, and learnt from once that is wanted', async () => {
  await forgetAll();
  const lesson = { machineId: 'mountain-bike', partId: 'torso', spotId: 'chest', pitchDeg: 5, rollDeg: 0, used: true };
  const clip = {
    id: 'c', at: '2027-02-13T09:00:00Z', marks: { left: [0.1, 0.5] as const, right: [0.9, 0.5] as const },
    measuredTiltDeg: 0, measuredRollDeg: 0, tiltByDeg: 0, rollByDeg: 0, applied: true, lesson,
  }; // prettier-ignore
  const mine: Outing = { ...outingWithShot(), riderName: 'Runa' };
  await saveOuting({ ...mine, id: 'earlier', shots: mine.shots.map((shot) => ({ ...shot, clips: [clip] })) });
  await openSheet(<ClipScreen />, { outing: mine });
  fireEvent.click(await screen.findByRole('button', { name: 'Learn from it' }));
  expect((await screen.findByText(/5° higher/)).textContent).toMatch(/no lean/);
  await waitFor(async () => expect((await readBack('outing')).lessons).toEqual([{ id: 'c', at: clip.at, ...lesson }]));
});

it('once the way is marked the pan is told as well, kept with the correction, and left out again at a press', async () => {
  const { stored } = await openSheet(<ClipScreen />);
  choose(file('still.png', 'image/png'));
  const picture = await screen.findByRole('img', { name: /Test clip: still\.png/ });
  Object.defineProperty(picture, 'naturalWidth', { value: 1920 });
  Object.defineProperty(picture, 'naturalHeight', { value: 1080 });
  fireEvent.load(picture);
  fireEvent.keyDown(await screen.findByRole('slider', { name: /Left end/ }), { key: 'ArrowUp', shiftKey: true });
  await screen.findByTestId('clip-tilt');
  expect(screen.queryByTestId('clip-pan')).toBeNull();
  fireEvent.click(screen.getByRole('button', { name: 'Mark where the way vanishes' }));
  const way = await screen.findByRole('slider', { name: /Where the way ahead vanishes/ });
  for (let i = 0; i < 5; i++) fireEvent.keyDown(way, { key: 'ArrowRight', shiftKey: true });
  // The way lies to the right of the middle: the camera looks too far to the left.
  expect((await screen.findByTestId('clip-pan')).textContent).toMatch(/^turn \d+\.\d° to the right/);
  fireEvent.click(screen.getByRole('button', { name: 'Apply to the set-up' }));
  await waitFor(async () => expect((await stored()).shots[0]!.clips[0]!.panByDeg).toBeGreaterThan(1));
  const { clips, setUp } = (await stored()).shots[0]!;
  expect(clips[0]!.marks.way).toBeDefined();
  expect(setUp.angles.panDeg).not.toBe(outingWithShot().shots[0]!.setUp.angles.panDeg);
});
