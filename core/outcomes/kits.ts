import { pieces } from '../testing/asking';

/** What many people own: three cameras, four things between base and camera, every base. */
export const USUAL_BOX = pieces({
  cameras: ['cube-camera', 'thumb-camera', 'two-lens-360'],
  links: ['short-arm', 'long-arm', 'medium-pole', 'felt-pad'],
});

/** Everything that the catalogue has. */
export const EVERYTHING = pieces();
