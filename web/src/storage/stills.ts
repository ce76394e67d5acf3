import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useMemo } from 'react';
import { database, type StillRow } from './database';

/** Long side of what is kept, pixels, and how good a JPEG. */
const LONG_SIDE_PX = 320;
const QUALITY = 0.8;
/** Largest picture file that is looked at, bytes. */
export const LARGEST_STILL = 40_000_000;

/** A picture made small, as JPEG. @throws Error where this browser cannot show it */
export async function smallStill(file: Blob): Promise<Uint8Array<ArrayBuffer>> {
  const bitmap = await createImageBitmap(file).catch(() => {
    throw new Error('it cannot be shown here: a PNG, JPEG or WebP would do');
  });
  const scale = Math.min(1, LONG_SIDE_PX / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [Math.round(bitmap.width * scale), Math.round(bitmap.height * scale)];
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  const small = await new Promise<Blob | null>((made) => canvas.toBlob(made, 'image/jpeg', QUALITY));
  if (!small) throw new Error('this browser makes no small picture of it');
  return new Uint8Array(await small.arrayBuffer());
}

export const keepStill = async (row: StillRow): Promise<void> => {
  await database.stills.put(row);
};

/** Takes it away. @returns what was there, to be put back */
export async function dropStill(id: string): Promise<StillRow | undefined> {
  const row = await database.stills.get(id);
  await database.stills.delete(id);
  return row;
}

/** Takes away those of outings that are there no more. */
export async function dropStillsOfGone(): Promise<void> {
  await database.transaction('rw', database.stills, database.outings, async () => {
    const there = new Set(await database.outings.toCollection().primaryKeys());
    await database.stills.filter(({ outingId }) => !there.has(outingId)).delete();
  });
}

/** Address of a kept still for as long as it is shown; null where there is none. */
export function useStillUrl(id: string): string | null {
  const row = useLiveQuery(() => database.stills.get(id), [id]);
  const bytes = row?.bytes;
  const url = useMemo(() => (bytes ? URL.createObjectURL(new Blob([bytes], { type: 'image/jpeg' })) : null), [bytes]);
  useEffect(() => () => (url ? URL.revokeObjectURL(url) : undefined), [url]);
  return url;
}
