import { newCarrier, plainSetUp, resolveRig, standardCamera, type Picture } from '@strut-spot/core';
import { act, renderHook, waitFor } from '@testing-library/react';
import { picturing } from '../workers/answers/picturing';
import { drawing } from '../workers/core';
import { useLensPicture } from './useLensPicture';

jest.mock('../workers/core', () => ({
  drawing: { picture: jest.fn(), finePicture: jest.fn(), dropPictures: jest.fn(() => Promise.resolve()) },
}));
const worker = drawing as unknown as Record<'picture' | 'finePicture' | 'dropPictures', jest.Mock>;

const { rig } = newCarrier('c', 'kayak', 1.75);
const setUp = plainSetUp(rig, 'chest', standardCamera())!;
const asked = (tiltDeg: number) => ({
  rig,
  setUp: { ...setUp, angles: { ...setUp.angles, tiltDeg } },
  stanceId: resolveRig(rig).machine.actionStanceId,
  uncropped: true,
});
const pictureOf = ({ widthPx }: { widthPx: number }) => Promise.resolve({ widthPx } as Picture);

beforeEach(() => {
  worker.picture.mockReset().mockImplementation(pictureOf);
  worker.finePicture.mockReset().mockImplementation(pictureOf);
  worker.dropPictures.mockClear();
});

const shownIn = (tiltDeg: number) =>
  renderHook(({ tilt }) => useLensPicture(asked(tilt), undefined, 1), { initialProps: { tilt: tiltDeg } });

it('draws as fine as it is shown, in steps and never finer than the finest', async () => {
  const { result } = shownIn(5);
  await waitFor(() => expect(result.current.picture).toBeTruthy());
  expect([result.current.fine, worker.finePicture.mock.calls.length]).toEqual([false, 0]);
  for (const [shownPx, widthPx] of [
    [300, 384],
    [544, 640],
    [4000, 896],
    // What was drawn for a wide window will do for a narrow one.
    [300, 896],
  ] as const) {
    act(() => result.current.onShown(shownPx));
    await waitFor(() => expect([result.current.fine, result.current.picture?.widthPx]).toEqual([true, widthPx]));
  }
  expect(worker.finePicture).toHaveBeenCalledTimes(3);
});

it('what is not wanted any more is dropped, and the newest stands in the end', async () => {
  worker.finePicture.mockImplementationOnce(
    () =>
      new Promise((_, fail) =>
        worker.dropPictures.mockImplementationOnce(() => Promise.resolve(fail(new Error('dropped')))),
      ),
  );
  const { result, rerender, unmount } = shownIn(5);
  act(() => result.current.onShown(544));
  await waitFor(() => expect(worker.finePicture).toHaveBeenCalledTimes(1));
  rerender({ tilt: 9 });
  await waitFor(() => expect(result.current.fine).toBe(true));
  expect(worker.finePicture.mock.calls.map(([{ setUp }]) => setUp.angles.tiltDeg)).toEqual([5, 9]);
  expect(worker.dropPictures).toHaveBeenCalledTimes(1);
  unmount();
  expect(worker.dropPictures).toHaveBeenCalledTimes(2);
});

it('a worker ends a fine picture that is dropped, and draws the next one', async () => {
  const dropped = picturing.finePicture({ ...asked(0), widthPx: 896 });
  picturing.dropPictures();
  await expect(dropped).rejects.toThrow(/dropped/);
  const { widthPx, rgba } = await picturing.finePicture({ ...asked(0), widthPx: 32 });
  expect([widthPx, rgba.length % (32 * 4)]).toEqual([32, 0]);
});
