/** The kernel: what is seen from a place, and what a picture taken there shows. */
export { rays, clear, hold, keep } from './raster';
export { asked, look } from './look';
