import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { poseRig, SET_UP_STANCE_ID, surfacePoint, type Outing, type OwnSpot } from '@strut-spot/core';
import { openSheet, outingWithShot } from '../../../testing/openSheet';
import { CarrierScreen } from './CarrierScreen';

const at = { path: '/outing/outing/carrier/carrier', route: '/outing/:outingId/carrier/:carrierId' };
const first = outingWithShot();
const [carrier] = first.carriers;
const [shot] = first.shots;

/** A spot at the bar's end: on a narrower bar it hangs in the air. */
function endOfBar(): OwnSpot {
  const { mesh } = poseRig(carrier!.rig, SET_UP_STANCE_ID).byId.get('bar')!;
  let end: [number, number, number] = [0, 0, -Infinity];
  for (let i = 0; i < mesh.positions.length; i += 3) {
    if (mesh.positions[i + 2]! > end[2]) end = [mesh.positions[i]!, mesh.positions[i + 1]!, mesh.positions[i + 2]!];
  }
  const { point, normal } = surfacePoint(mesh, [end[0], end[1] + 0.2, end[2] - 0.005], [0, -1, 0])!;
  const surface = { material: 'alloy tube', shape: 'bar', tubeDiameterM: 0.032 } as const;
  return { id: 'own-end', name: 'End of the bar', partId: 'bar', point, normal, surface };
}
const withSpots = (ownSpots: readonly OwnSpot[], spotId = shot!.setUp.spotId): Outing => ({
  ...first,
  carriers: [{ ...carrier!, rig: { ...carrier!.rig, ownSpots } }],
  shots: [{ ...shot!, setUp: { ...shot!.setUp, spotId } }],
});
const lost: OwnSpot = {
  ...endOfBar(),
  partId: 'topTube',
  id: 'own-lost',
  name: 'Far off',
  point: [0, 9, 0],
  normal: [0, 1, 0],
};
async function open(outing: Outing) {
  const { stored } = await openSheet(<CarrierScreen />, { ...at, outing });
  await screen.findByRole('button', { name: /Chin bar/ });
  return { rig: async () => (await stored()).carriers[0]!.rig };
}

it('a spot that lost its place stands in the list with the reason, and every other spot is there', async () => {
  await open(withSpots([lost]));
  const row = (await screen.findByText(/lost:/)).closest('li')!;
  expect(row.textContent).toMatch(/Far off, lost: .* no longer where it was put/);
  expect(screen.getAllByRole('button', { name: /Chest|Chin bar/ }).length).toBeGreaterThan(1);
});

it('it can be taken away, and put anew under the same name', async () => {
  const { rig } = await open(withSpots([lost]));
  await screen.findByText(/lost:/);
  fireEvent.click(screen.getByRole('button', { name: 'Put the spot Far off anew' }));
  expect((await screen.findByLabelText<HTMLInputElement>('Name')).value).toBe('Far off');
  await waitFor(() => expect(within(screen.getByLabelText('Part')).getAllByRole('option').length).toBeGreaterThan(5));
  fireEvent.change(screen.getByLabelText('Part'), { target: { value: 'topTube' } });
  fireEvent.click(screen.getByRole('button', { name: 'Put it there' }));
  await waitFor(async () => expect((await rig()).ownSpots![0]!.point).not.toEqual([0, 9, 0]));
  expect((await rig()).ownSpots).toMatchObject([{ id: 'own-lost', name: 'Far off' }]);
  await waitFor(() => expect(screen.queryByText(/lost:/)).toBeNull());
  fireEvent.click(screen.getByRole('button', { name: 'Take the spot Far off away' }));
  await waitFor(async () => expect((await rig()).ownSpots).toEqual([]));
});

it('a measure that takes a camera’s spot away is asked about first: left when the answer is no, changed when it is yes', async () => {
  const { rig } = await open(withSpots([endOfBar()], 'own-end'));
  const fit = async () => (await rig()).fit;
  const narrow = async () => {
    fireEvent.change(screen.getByLabelText('Bar width'), { target: { value: '700' } });
    fireEvent.keyDown(screen.getByLabelText('Bar width'), { key: 'Enter' });
    return screen.findByRole('alertdialog');
  };
  const before = await fit();
  const asked = await narrow();
  expect(asked.textContent).toMatch(/the spot of "Hands and trail" is no longer there/);
  fireEvent.click(within(asked).getByRole('button', { name: 'Keep it' }));
  expect(await fit()).toEqual(before);
  fireEvent.click(within(await narrow()).getByRole('button', { name: 'Change it' }));
  await waitFor(async () => expect(await fit()).toMatchObject({ barWidthM: 0.7 }));
  // The shot is kept, and its spot with it.
  expect((await rig()).ownSpots).toHaveLength(1);
});

it('a measure that takes nothing away is changed at once', async () => {
  const { rig } = await open(withSpots([endOfBar()], 'own-end'));
  fireEvent.change(screen.getByLabelText('Saddle height'), { target: { value: '680' } });
  fireEvent.keyDown(screen.getByLabelText('Saddle height'), { key: 'Enter' });
  await waitFor(async () => expect((await rig()).fit).toMatchObject({ saddleHeightM: 0.68 }));
  expect(screen.queryByRole('alertdialog')).toBeNull();
});

it('the surface is read from the model where the spot goes, and what is changed by hand is what is kept', async () => {
  const { rig } = await open(first);
  fireEvent.click(screen.getByRole('button', { name: /Put a spot of your own/ }));
  await waitFor(() => expect(within(screen.getByLabelText('Part')).getAllByRole('option').length).toBeGreaterThan(5));
  fireEvent.change(screen.getByLabelText('Part'), { target: { value: 'topTube' } });
  const shape = screen.getByLabelText<HTMLSelectElement>('Shape');
  await waitFor(() => expect(shape.value).toBe('tube'));
  expect(Number(screen.getByLabelText<HTMLInputElement>('Diameter').value)).toBeGreaterThan(20);
  fireEvent.change(shape, { target: { value: 'flat' } });
  fireEvent.change(screen.getByLabelText('Even area'), { target: { value: '30' } });
  fireEvent.blur(screen.getByLabelText('Even area'));
  fireEvent.change(screen.getByLabelText('Name'), { target: { value: 'On the top tube' } });
  fireEvent.click(screen.getByRole('button', { name: 'Put it there' }));
  await waitFor(async () => expect((await rig()).ownSpots).toHaveLength(1));
  const [{ surface }] = (await rig()).ownSpots as [OwnSpot];
  expect(surface).toMatchObject({ shape: 'flat', flatAreaM2: 0.003 });
  expect(surface).not.toHaveProperty('tubeDiameterM');
});
