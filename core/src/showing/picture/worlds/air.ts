import type { World } from './world';

/** Country seen from the air: all that is in it is colour. */
export const air: World = {
  scenery: () => [],
  hills: 0.8,
  nearM: 12_000,
  hazeM: 5000,
};
