/** The kernel: what is seen from a place, what a picture taken there shows, and how it is coloured. */
export { rays, clear, hold, keep } from './raster';
export { asked, look } from './look';
export { paint } from './painting/paint';
export { painted } from './painting/pixel';
