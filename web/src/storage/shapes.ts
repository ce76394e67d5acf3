import { knownMachines, registerOwnShapes, WORLD_IDS, type MachineDefinition, type OwnShape } from '@strut-spot/core';
import { liveQuery } from 'dexie';
import { Told, useTold } from '../told/Told';
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

/** The stored shapes that are known here; null until they were read. */
const known = new Told<readonly OwnShape[] | null>(null);

/** Makes shapes known here and to the workers, and only then tells whoever draws them. */
function makeKnown(shapes: readonly OwnShape[]): void {
  registerOwnShapes(shapes);
  // Nobody waits for that: a worker that is at something long takes it next, and before whatever is asked of it afterwards.
  void registerShapes(shapes).catch(() => undefined);
  known.set(shapes);
}

/**
 * Keeps the stored shapes known, whichever window stores them. An outing may stand on one, so nothing is drawn before
 * they are known; where they can't be read, what needs none of them works all the same, and onTrouble is told.
 * Gives what ends it.
 */
export function followShapes(onTrouble: (error: unknown) => void): () => void {
  const { unsubscribe } = liveQuery(readShapes).subscribe(makeKnown, (error) => {
    if (known.get() === null) makeKnown([]);
    onTrouble(error);
  });
  return unsubscribe;
}

export const useShapesKnown = (): boolean => useTold(known) !== null;

/** Every machine of the catalogue and of the user's own, those of another window too. */
export function useKnownMachines(): readonly MachineDefinition[] {
  useTold(known);
  return knownMachines();
}

export async function saveShape(shape: OwnShape): Promise<void> {
  await database.shapes.put(shape);
  makeKnown(await readShapes());
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
  makeKnown(await readShapes());
}
