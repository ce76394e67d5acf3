import { fireEvent, screen, waitFor } from '@testing-library/react';
import { newCarrier, plainSetUp } from '@strut-spot/core';
import { openSheet, outingWithShot } from '../../../testing/openSheet';
import { FurtherArms } from './FurtherArms';

const kit = (id: string, name: string) => ({ id, name });
const BASES = [kit('suction-single', 'Suction cup, single')];
const LINKS = [
  kit('long-arm', 'Long arm'),
  kit('short-arm', 'Short arm'),
  kit('stiff-arm', 'Stiff double arm'),
  kit('riser', 'Riser'),
];

async function onDoor(cameraId: string) {
  const outing = outingWithShot();
  const carrier = newCarrier(outing.carriers[0]!.id, 'coupe', 1.75);
  const camera = { cameraId, modeId: 'wide', stabiliserId: 'off' };
  const setUp = { ...plainSetUp(carrier.rig, 'door', camera)!, baseId: 'suction-single' };
  return openSheet(<FurtherArms bases={BASES} links={LINKS} />, {
    path: '/outing/outing/shot/shot',
    route: '/outing/:outingId/shot/:shotId',
    outing: { ...outing, carriers: [carrier], shots: [{ ...outing.shots[0]!, actionStanceId: 'cruise', setUp }] },
  });
}

it('a camera in a cage takes a second arm where it steadies most, told from the first base, and a third; both come off again', async () => {
  const { stored } = await onDoor('cage-camera');
  const arms = async () => (await stored()).shots[0]!.setUp.furtherArms ?? [];
  fireEvent.click(screen.getByRole('button', { name: /Add a second arm/ }));
  await waitFor(async () => expect(await arms()).toHaveLength(1));
  // On a door what lies across is higher or lower.
  expect(await screen.findByLabelText('Base above')).toBeTruthy();
  expect(screen.getByText(/comes out/).textContent).toMatch(/\d+ mm long/);
  // What cannot be an arm is not offered as one.
  const offered = [...screen.getByLabelText<HTMLSelectElement>('Second arm').options].map((o) => o.text);
  expect(offered).not.toContain('Riser');
  fireEvent.click(screen.getByRole('button', { name: /Add a third arm/ }));
  await waitFor(async () => expect(await arms()).toHaveLength(2));
  expect(screen.queryByRole('button', { name: /Add a/ })).toBeNull();
  fireEvent.click(screen.getByRole('button', { name: 'Take the third arm off' }));
  await waitFor(async () => expect(await arms()).toHaveLength(1));
});

it('put too far away it says what it would take', async () => {
  const { stored } = await onDoor('cage-camera');
  fireEvent.click(screen.getByRole('button', { name: /Add a second arm/ }));
  const ahead = await screen.findByLabelText('Base ahead');
  fireEvent.change(ahead, { target: { value: '600' } });
  fireEvent.blur(ahead);
  await waitFor(async () => expect((await stored()).shots[0]!.setUp.furtherArms![0]!.alongM).toBe(0.6));
  expect((await screen.findByRole('status')).textContent).toMatch(/has to be \d+ mm long/);
});

it('a camera with one screw point is not asked', async () => {
  await onDoor('cube-camera');
  expect(screen.queryByRole('button', { name: /arm/ })).toBeNull();
});
