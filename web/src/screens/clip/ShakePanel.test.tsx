import type { ClipShake } from '@strut-spot/core';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { openSheet, outingWithShot } from '../../../testing/openSheet';
import { useShot } from '../../state/useShot';
import { ShakePanel } from './ShakePanel';

type Measured = Extract<ClipShake, { readonly kind: 'measured' }>;
const CLIP: Measured = {
  kind: 'measured',
  jumpPx: 8,
  jellyPx: 3,
  blurPx: null,
  swings: [],
  dirt: null,
  rollDeg: 0.42,
  pictures: 300,
  seconds: 10,
  followed: 0.9,
};
let answer: () => Promise<ClipShake>;
// What is measured in pictures has its own tests: here it is what is made of it.
jest.mock('../../workers/measureClip', () => ({ measureClip: () => answer() }));
jest.mock('./clipPictures', () => ({ MOST_SECONDS: 12, videoPictures: () => [], zippedPictures: () => [] }));
jest.mock('../../devices/standInCamera', () => ({ useStandInClip: () => ({ mutateAsync: () => Promise.resolve() }) }));
jest.mock('./SwingChart', () => ({ __esModule: true, default: () => <p>chart</p> }));

const Panel = ({ videoUrl }: { videoUrl: string | null }) => {
  const { question } = useShot();
  return <ShakePanel videoUrl={videoUrl} question={question} take={1} />;
};
const open = (over: Parameters<typeof openSheet>[1] = {}, videoUrl: string | null = null) =>
  openSheet(<Panel videoUrl={videoUrl} />, over);
async function filmed(clip: ClipShake) {
  answer = () => Promise.resolve(clip);
  fireEvent.click(screen.getByText('Film with the stand-in camera'));
}

it('a clip is told beside the model, figure by figure; what it cannot tell is left out', async () => {
  await open();
  await filmed(CLIP);
  const table = await screen.findByTestId('clip-shake');
  expect(table.textContent).toMatch(/jump8\.0 px/);
  expect(table.textContent).toMatch(/jelly3\.0 px/);
  expect(table.textContent).not.toMatch(/blur/);
  expect(table.textContent).toMatch(/roll0\.42°/);
  expect(table.textContent).toMatch(/300 pictures in 10\.0 s/);
});

it('kept, it is a lesson: how much more it shakes than the model says, for this place, strut and ground', async () => {
  const { stored } = await open();
  await filmed(CLIP);
  fireEvent.click(await screen.findByText('Keep it, and learn from it'));
  await waitFor(async () => expect((await stored()).shots[0]!.shakeClips).toHaveLength(1));
  const [clip] = (await stored()).shots[0]!.shakeClips!;
  expect(clip).toMatchObject({ jumpPx: 8, jellyPx: 3, rollDeg: 0.42, seconds: 10 });
  const ratio = Math.hypot(clip!.jumpPx, clip!.jellyPx) / Math.hypot(clip!.modelJumpPx, clip!.modelJellyPx);
  expect(clip!.lesson).toMatchObject({ machineId: 'mountain-bike', spotId: 'chin-bar', used: true });
  expect(clip!.lesson!.ratio / ratio).toBeCloseTo(1, 1);
  expect(clip).not.toHaveProperty('blurPx');
  expect(screen.queryByTestId('clip-shake')).toBeNull();
  expect(screen.getByText(/^jump/, { selector: 'li' }).textContent).toMatch(/8\.0 px \(model /);
});

it('what is below a pixel cannot be told from noise: it is kept, and teaches nothing', async () => {
  const { stored } = await open();
  await filmed({ ...CLIP, jumpPx: 0.4, jellyPx: 0.2 });
  const table = await screen.findByTestId('clip-shake');
  expect(table.textContent).toMatch(/jumpbelow 1 px/);
  fireEvent.click(screen.getByText('Keep it'));
  await waitFor(async () => expect((await stored()).shots[0]!.shakeClips).toHaveLength(1));
  expect((await stored()).shots[0]!.shakeClips![0]).not.toHaveProperty('lesson');
});

it('a log of the place speaks for it already: the clip is kept beside it', async () => {
  const outing = outingWithShot();
  const [carrier] = outing.carriers;
  const log = {
    id: 'log',
    spotId: outing.shots[0]!.setUp.spotId,
    fileName: 'a.csv',
    at: '2027-02-14T10:00:00.000Z',
    seconds: 60,
    sampleHz: 200,
    bands: [{ lowHz: 10, highHz: 20, ratio: 1.4 }],
    used: true,
  };
  const { stored } = await open({ outing: { ...outing, carriers: [{ ...carrier!, spotLogs: [log] }] } });
  await filmed({ ...CLIP, blurPx: 2 });
  expect((await screen.findByTestId('clip-shake')).textContent).toMatch(/A measured log speaks for this spot already/);
  fireEvent.click(screen.getByText('Keep it'));
  await waitFor(async () => expect((await stored()).shots[0]!.shakeClips).toHaveLength(1));
  const [clip] = (await stored()).shots[0]!.shakeClips!;
  expect([clip!.lesson, clip!.blurPx]).toEqual([undefined, 2]);
});

it('a lens that is not clean is told with the place, and what to do', async () => {
  await open();
  await filmed({ ...CLIP, dirt: { share: 0.004, where: 'at the lower left' } });
  expect((await screen.findByTestId('lens-dirt')).textContent).toMatch(
    /on the lens, at the lower left, over about 1 % of the picture: wipe it/,
  );
});

it('a clip that says nothing, and one that fails, are told; nothing is kept', async () => {
  const { stored } = await open();
  await filmed({ kind: "can't say", because: 'nothing in it can be followed' });
  expect((await screen.findByRole('alert')).textContent).toBe("Can't say: nothing in it can be followed.");
  answer = () => Promise.reject(new Error('the file ends too early'));
  fireEvent.click(screen.getByText('Film with the stand-in camera'));
  await waitFor(() =>
    expect(screen.getByRole('alert').textContent).toBe('It could not be measured: the file ends too early.'),
  );
  expect((await stored()).shots[0]!.shakeClips ?? []).toEqual([]);
});

it('a video that is open is measured too, and says so while it is', async () => {
  await open({}, 'blob:clip');
  let done: (clip: ClipShake) => void = () => undefined;
  answer = () => new Promise((resolve) => (done = resolve));
  fireEvent.click(screen.getByText('Measure this video'));
  expect((await screen.findByRole('status')).textContent).toBe('0.0 s');
  expect(screen.queryByText('Measure this video')).toBeNull();
  fireEvent.click(screen.getByLabelText('Stop measuring'));
  await waitFor(() => expect(done.length).toBe(1));
  done(CLIP);
  expect(await screen.findByTestId('clip-shake')).toBeTruthy();
});
