import { fireEvent, screen, waitFor } from '@testing-library/react';
import type { OwnSpot } from '@strut-spot/core';
import { Route, Routes } from 'react-router';
import { openSheet, outingWithShot } from '../../testing/openSheet';
import { ShotSheet } from './OutingSheets';

const first = outingWithShot();
const [carrier] = first.carriers;
const [shot] = first.shots;
const lost: OwnSpot = {
  id: 'own-lost', name: 'Far off', partId: 'topTube', point: [0, 9, 0], normal: [0, 1, 0],
  surface: { material: 'alloy tube', shape: 'tube', tubeDiameterM: 0.035 },
}; // prettier-ignore
const open = (setUp: object, ownSpots: readonly OwnSpot[] = []) =>
  openSheet(
    <Routes>
      <Route element={<ShotSheet />}>
        <Route path="*" element={<p>the bench</p>} />
      </Route>
    </Routes>,
    {
      outing: {
        ...first,
        carriers: [{ ...carrier!, rig: { ...carrier!.rig, ownSpots } }],
        shots: [{ ...shot!, setUp: { ...shot!.setUp, ...setUp } }],
      },
      route: '/outing/:outingId/shot/:shotId/*',
    },
  );

it('a shot whose place and pieces are there has its sheets', async () => {
  await open({});
  expect(await screen.findByText('the bench')).toBeTruthy();
  expect(screen.queryByTestId('lost')).toBeNull();
});

it('one whose spot is lost says why, and goes on from another spot', async () => {
  const { stored } = await open({ spotId: 'own-lost' }, [lost]);
  const said = await screen.findByTestId('lost');
  expect(said.textContent).toMatch(/Nothing can be said of .Hands and trail.*your spot "Far off" is lost/is);
  fireEvent.click(await screen.findByRole('button', { name: 'Chest' }));
  await waitFor(async () => expect((await stored()).shots[0]!.setUp.spotId).toBe('chest'));
  expect(await screen.findByText('the bench')).toBeTruthy();
});

it('one whose camera the kit has not got any more says which', async () => {
  await open({ cameraId: 'own-gone' });
  expect((await screen.findByTestId('lost')).textContent).toMatch(/there is no camera "own-gone"/i);
});
