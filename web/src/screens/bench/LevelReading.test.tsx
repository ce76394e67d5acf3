import { screen } from '@testing-library/react';
import { shotQuestion, shotReport, type SetUp } from '@strut-spot/core';
import { openSheet, outingWithShot } from '../../../testing/openSheet';
import { LevelReading } from './LevelReading';

const first = outingWithShot();
const [shot] = first.shots;
const withSetUp = (over: Partial<SetUp>) => ({
  ...first,
  shots: [{ ...shot!, setUp: { ...shot!.setUp, angles: { panDeg: 0, tiltDeg: 17, rollDeg: 0 }, ...over } }],
});
const sphere = withSetUp({ cameraId: 'two-lens-360', modeId: 'reframed', stabiliserId: 'sphere' });
const reportOf = (outing: typeof first) => shotReport(shotQuestion(outing, outing.shots[0]!), { only: ['frame'] });
const at = { path: '/outing/outing/shot/shot', route: '/outing/:outingId/shot/:shotId' };
const reading = () => screen.getByTestId('level-reading').textContent;

it('reads the body of a two-lens camera, whose view is turned afterwards', async () => {
  await openSheet(<LevelReading report={reportOf(sphere)} />, { ...at, outing: sphere });
  expect(reportOf(sphere).level.viewAfterwards).not.toBeNull();
  expect(reading()).not.toBe('17° up');
});

it('a camera with one lens is read by its own angles at once, whatever the report of the one before said', async () => {
  const cube = withSetUp({});
  await openSheet(<LevelReading report={reportOf(sphere)} />, { ...at, outing: cube });
  expect(reading()).toBe('17° up');
});
