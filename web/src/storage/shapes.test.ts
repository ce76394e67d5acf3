import { renderHook, waitFor } from '@testing-library/react';
import { knownMachines, newCarrier, newOuting, type OwnShape } from '@strut-spot/core';
import { forgetAll } from '../../testing/openSheet';
import { database } from './database';
import { saveOuting } from './outings';
import { followShapes, outingsUsing, removeShape, saveShape, useKnownMachines, useShapesKnown } from './shapes';

const NOW = '2027-02-14T08:00:00.000Z';
const crate: OwnShape = {
  id: 'own-crate',
  name: 'Crate',
  world: 'road',
  parts: [
    {
      id: 'p1',
      name: 'crate',
      mesh: {
        positions: new Float32Array([0, 0, 0, 1, 0, 0, 0, 1, 0, 0, 0, 1]),
        indices: new Uint32Array([0, 2, 1, 0, 1, 3, 0, 3, 2, 1, 2, 3]),
      },
    },
  ],
};

afterEach(() => forgetAll());

it('a shape that is kept is a carrier like any other, until it is taken away', async () => {
  await saveShape(crate);
  expect(knownMachines().find((m) => m.id === 'own-crate')).toMatchObject({ name: 'Crate', family: 'own' });
  await removeShape('own-crate');
  expect(knownMachines().some((m) => m.id === 'own-crate')).toBe(false);
});

it('nothing is drawn before the stored shapes are known, and what another window stores is known here too', async () => {
  await database.shapes.put(crate);
  const ready = renderHook(() => useShapesKnown());
  const machines = renderHook(() => useKnownMachines().some((m) => m.id === 'own-crate'));
  expect(machines.result.current).toBe(false);
  const end = followShapes(() => undefined);
  try {
    await waitFor(() => expect(machines.result.current).toBe(true));
    expect(ready.result.current).toBe(true);
    // As another window does it: past all that this one holds.
    await database.shapes.delete('own-crate');
    await waitFor(() => expect(machines.result.current).toBe(false));
  } finally {
    end();
  }
});

it('names the outings that use it: ridden, or framed as somebody else', async () => {
  await saveShape(crate);
  const outing = newOuting('o', NOW);
  const subject = { machineId: 'own-crate', distanceM: 8, bearingDeg: 0, headingDeg: 0, aboveM: 0 };
  const [first] = outing.carriers;
  await saveOuting({ ...outing, name: 'Rides it', carriers: [first!, newCarrier('c2', 'own-crate', 1.75)] });
  await saveOuting({
    ...outing,
    id: 'p',
    name: 'Films it',
    carriers: [{ ...first!, rig: { ...first!.rig, subject } }],
  });
  await saveOuting({ ...outing, id: 'q', name: 'Neither' });
  expect([...(await outingsUsing('own-crate'))].sort()).toEqual(['Films it', 'Rides it']);
  expect(await outingsUsing('own-other')).toEqual([]);
});

it('a shape that is damaged keeps no other from being used', async () => {
  const mesh = crate.parts[0]!.mesh;
  const damaged: readonly unknown[] = [
    { ...crate, id: 'own-a', parts: [] },
    { ...crate, id: 'own-b', parts: [null] },
    { ...crate, id: 'own-c', parts: [{ ...crate.parts[0], mesh: { ...mesh, indices: new Uint32Array([0, 1, 9]) } }] },
    {
      ...crate,
      id: 'own-d',
      parts: [{ ...crate.parts[0], mesh: { ...mesh, positions: new Float32Array([NaN, 0, 0]) } }],
    },
    { ...crate, id: 'own-e', world: 'space' },
    { ...crate, id: 'other' },
  ];
  for (const shape of damaged) await database.shapes.put(shape as OwnShape);
  await saveShape(crate);
  expect(knownMachines().flatMap((m) => (m.family === 'own' ? [m.id] : []))).toEqual(['own-crate']);
  await database.shapes.clear();
});
