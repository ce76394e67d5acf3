import type { ClipShake, RidesAlong } from '@strut-spot/core';
import { transfer } from 'comlink';
import type { ClipWorker } from './clip.worker';
import { failingWorker } from './failing';

/** A picture of a moving clip, in shades of grey, and its moment. */
export interface ClipPictureIn {
  readonly grey: Uint8Array;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly atS: number;
}

/** Follows the pictures of a moving clip in a worker of its own, which ends with it. @param onPicture called after each, with its moment */
export async function measureClip(
  pictures: AsyncIterable<ClipPictureIn>,
  rides: RidesAlong,
  onPicture: (atS: number) => void,
): Promise<ClipShake> {
  const worker = new Worker(new URL('./clip.worker.ts', import.meta.url), { type: 'module', name: 'strut-spot-clip' });
  const following = failingWorker<ClipWorker>(worker);
  try {
    let begun = false;
    for await (const { grey, widthPx, heightPx, atS } of pictures) {
      if (!begun) await following.begin(widthPx, heightPx, rides);
      begun = true;
      await following.push(transfer(grey, [grey.buffer]), atS);
      onPicture(atS);
    }
    return begun ? await following.result() : { kind: "can't say", because: 'there is no picture in it' };
  } finally {
    worker.terminate();
  }
}
