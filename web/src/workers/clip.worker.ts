import { ClipMeasurer, ridesAt, type RidesAlong } from '@strut-spot/core';
import { expose } from 'comlink';

let measurer: ClipMeasurer | null = null;
let size: readonly [number, number] = [0, 0];

/** Follows the pictures of one moving clip. */
const following = {
  begin(widthPx: number, heightPx: number, rides: RidesAlong): void {
    size = [widthPx, heightPx];
    measurer = new ClipMeasurer(widthPx, heightPx, (x, y) => ridesAt(rides, x, y));
  },
  push(grey: Uint8Array, atS: number): void {
    measurer?.push({ grey, widthPx: size[0], heightPx: size[1] }, atS);
  },
  result: () => measurer!.result(),
};
export type ClipWorker = typeof following;

expose(following);
