import { registerOwnShapes, type OwnShape } from '@strut-spot/core';
import { useLiveQuery } from 'dexie-react-hooks';
import { registerShapes } from '../workers/core';
import { database } from './database';
import { readAll } from './outings';

const readShapes = async (): Promise<OwnShape[]> => (await database.shapes.toArray()) as OwnShape[];

export const useShapes = (): readonly OwnShape[] => useLiveQuery(readShapes) ?? [];

/** Makes the stored shapes known here and to the workers; what is asked of them afterwards finds the shapes. */
export async function announceShapes(): Promise<void> {
  const shapes = await readShapes();
  registerOwnShapes(shapes);
  await registerShapes(shapes);
}

export async function saveShape(shape: OwnShape): Promise<void> {
  await database.shapes.put(shape);
  await announceShapes();
}

/** Names of outings that still use the shape, those in the bin too. */
export async function outingsUsing(shapeId: string): Promise<readonly string[]> {
  return (await readAll()).flatMap((stored) =>
    stored.kind === 'readable' &&
    stored.outing.carriers.some(({ rig }) => rig.machineId === shapeId || rig.subject?.machineId === shapeId)
      ? [stored.outing.name]
      : [],
  );
}

export async function removeShape(shapeId: string): Promise<void> {
  await database.shapes.delete(shapeId);
  await announceShapes();
}
