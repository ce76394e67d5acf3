import { fireEvent, screen, waitFor } from '@testing-library/react';
import { newCarrier, plainSetUp } from '@strut-spot/core';
import { openSheet, outingWithShot } from '../../../testing/openSheet';
import { TetherFields } from './TetherFields';

const TETHERS = [
  { id: 'cord', name: 'Cord, 3 mm' },
  { id: 'weak-link-cord', name: 'Cord with a weak link' },
];
const field = (label: string) => screen.getByLabelText<HTMLSelectElement>(label);

it('a tether is tied to the nearest thing, as long as it takes; chosen off again nothing is left of it', async () => {
  const outing = outingWithShot();
  const carrier = newCarrier(outing.carriers[0]!.id, 'road-bike', 1.75);
  const camera = { cameraId: 'cube-camera', modeId: 'wide', stabiliserId: 'off' };
  const setUp = plainSetUp(carrier.rig, 'under-saddle', camera)!;
  const shots = [{ ...outing.shots[0]!, actionStanceId: 'hoods', setUp }];
  const { stored } = await openSheet(<TetherFields tethers={TETHERS} />, {
    path: '/outing/outing/shot/shot',
    route: '/outing/:outingId/shot/:shotId',
    outing: { ...outing, carriers: [carrier], shots },
  });
  const tether = async () => (await stored()).shots[0]!.setUp.tether;
  expect(screen.queryByLabelText('Tied to')).toBeNull();
  await waitFor(() => expect(field('Tether').options.length).toBe(3));
  fireEvent.change(field('Tether'), { target: { value: 'cord' } });
  await waitFor(async () => expect(await tether()).toMatchObject({ tetherId: 'cord' }));
  await waitFor(() => expect(field('Tied to').options.length).toBeGreaterThan(1));
  const first = await tether();
  const [, second] = [...field('Tied to').options];
  fireEvent.change(field('Tied to'), { target: { value: second!.value } });
  await waitFor(async () => expect((await tether())!.partId ?? '').toBe(second!.value));
  expect(first!.partId).toBe('saddleRails');
  fireEvent.change(field('Tether'), { target: { value: 'none' } });
  await waitFor(async () => expect((await stored()).shots[0]!.setUp).not.toHaveProperty('tether'));
});
