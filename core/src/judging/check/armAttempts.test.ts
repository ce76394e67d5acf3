import { link, shakeAt } from '../../../testing/shakes';
import { shotScene } from '../scene/shotScene';
import { armAttempts } from './armAttempts';

const attempts = (cameraId: string, over = {}) =>
  armAttempts(
    shotScene({
      ...shakeAt('coupe', 'door', {
        cameraId,
        modeId: 'wide',
        stabiliserId: 'off',
        baseId: 'suction-single',
        links: [link('stiff-arm', 0.15, 10)],
        ...over,
      }),
      intentId: 'low-and-fast',
      horizonAt: null,
    }),
  );

it('offers a second arm, and a third with it, told from the first base; each with its own base', () => {
  const [second, third] = attempts('cage-camera');
  expect(second!.text).toMatch(/^a second arm \(.+\), its suction cup, single \d+ cm .* the first base$/);
  expect(second!.setUp!.furtherArms).toHaveLength(1);
  expect(third!.text).toMatch(/, and a third arm \(/);
  expect(third!.setUp!.furtherArms).toHaveLength(2);
  // What is there stays where it is.
  expect(third!.setUp!.furtherArms![0]).toEqual(second!.setUp!.furtherArms![0]);
});

it('offers nothing to a camera with one screw point, or where a damper stands between', () => {
  expect(attempts('cube-camera')).toEqual([]);
  expect(attempts('cage-camera', { links: [link('stiff-arm', 0.15), link('damper-plate', 0.04)] })).toEqual([]);
});
