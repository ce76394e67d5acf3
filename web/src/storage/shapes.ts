import { registerOwnShapes, WORLD_IDS, type OwnShape } from '@strut-spot/core';
import { useLiveQuery } from 'dexie-react-hooks';
import { registerShapes } from '../workers/core';
import { database } from './database';
import { readAll } from './outings';

/** What a list of numbers is, wherever it was made. */
const kindOf = (value: unknown): string => Object.prototype.toString.call(value).slice(8, -1);

/** Whether a shape as it lies in the store can be drawn: a damaged one keeps no other from being used. */
function isSound({ id, name, world, parts }: OwnShape): boolean {
  return (
    /^own-[\w-]+$/.test(id) &&
    typeof name === 'string' &&
    WORLD_IDS.includes(world) &&
    Array.isArray(parts) &&
    parts.length > 0 &&
    parts.every((part) => {
      const { positions, indices } = (part as Partial<OwnShape['parts'][number]> | null)?.mesh ?? {};
      return (
        positions !== undefined &&
        indices !== undefined &&
        kindOf(positions) === 'Float32Array' &&
        kindOf(indices) === 'Uint32Array' &&
        positions.length % 3 === 0 &&
        indices.length % 3 === 0 &&
        positions.every(Number.isFinite) &&
        indices.every((index) => index < positions.length / 3)
      );
    })
  );
}

const readShapes = async (): Promise<OwnShape[]> => ((await database.shapes.toArray()) as OwnShape[]).filter(isSound);

export const useShapes = (): readonly OwnShape[] => useLiveQuery(readShapes) ?? [];

/** Makes the stored shapes known here and to the workers; what is asked of them afterwards finds the shapes. */
export async function announceShapes(): Promise<void> {
  const shapes = await readShapes();
  registerOwnShapes(shapes);
  // Nobody waits for that: a worker that is at something long takes it next, and before whatever is asked of it afterwards.
  void registerShapes(shapes).catch(() => undefined);
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
