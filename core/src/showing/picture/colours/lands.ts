import { countryGround } from './country';
import { farCountry, haze } from './distance';
import { gravelGround } from './gravel';
import { roadGround } from './road';
import { rocksGround } from './rocks';
import { settsGround } from './setts';
import { choppedGround, iceGround, powderGround, snowGround } from './snow';
import { trackGround } from './track';
import { pathGround, trailGround } from './trail';
import { glassyGround, seaGround, swellGround, waterGround } from './water';

// Numbers of the lands, in the order of WORLD_IDS (words/carrier/land.ts).
const TRAIL: number = 0;
const ROAD: number = 1;
const SNOW: number = 2;
const WATER: number = 3;
// And what covers them, in the order of COVERS.
const GRAVEL: number = 5;
const SETTS: number = 6;
const TRACK: number = 7;
const ROCKS: number = 8;
const PATH: number = 9;
const POWDER: number = 10;
const ICE: number = 11;
const CHOPPED: number = 12;
const GLASSY: number = 13;
const SEA: number = 14;
const SWELL: number = 15;

/** Mixes the ground of a land at a point in its own plane: x along the travel, z to the right, metres, seen from this far. */
export function ground(land: number, x: number, z: number, distanceM: number): void {
  if (land === TRAIL) trailGround(x, z, distanceM);
  else if (land === ROAD) roadGround(x, z, distanceM);
  else if (land === SNOW) snowGround(x, z, distanceM);
  else if (land === WATER) waterGround(x, z, distanceM);
  else if (land === GRAVEL) gravelGround(x, z, distanceM);
  else if (land === SETTS) settsGround(x, z, distanceM);
  else if (land === TRACK) trackGround(x, z, distanceM);
  else if (land === ROCKS) rocksGround(x, z, distanceM);
  else if (land === PATH) pathGround(x, z, distanceM);
  else if (land === POWDER) powderGround(x, z, distanceM);
  else if (land === ICE) iceGround(x, z, distanceM);
  else if (land === CHOPPED) choppedGround(x, z, distanceM);
  else if (land === GLASSY) glassyGround(x, z, distanceM);
  else if (land === SEA) seaGround(x, z, distanceM);
  else if (land === SWELL) swellGround(x, z, distanceM);
  else countryGround(x, z, distanceM);
}

/** Mixes what lies beyond it. @param x, y, z direction, a unit vector */
export function beyond(land: number, x: number, y: number, z: number): void {
  if (land === TRAIL || land === TRACK || land === ROCKS || land === PATH)
    farCountry(x, y, z, 166, 173, 128, 150, 160, 130);
  else if (land === ROAD || land === GRAVEL || land === SETTS) farCountry(x, y, z, 160, 170, 122, 150, 160, 130);
  else if (land === SNOW || (land >= POWDER && land <= CHOPPED)) farCountry(x, y, z, 228, 234, 240, 186, 202, 214);
  else if (land === WATER || land >= GLASSY) farCountry(x, y, z, 122, 156, 164, 140, 172, 178);
  else farCountry(x, y, z, 170, 178, 150, 150, 166, 150);
}

/**
 * Mixes land as it is seen along a direction.
 * @param distanceM to where it is met, none below 0 @param along, across that place in its own plane @param nearM as far as it is drawn in detail
 */
export function landSeen(
  land: number,
  x: number,
  y: number,
  z: number,
  distanceM: number,
  along: number,
  across: number,
  nearM: number,
  hazeM: number,
): void {
  if (distanceM < 0) {
    beyond(land, x, y, z);
    return;
  }
  if (distanceM > nearM) beyond(land, x, y, z);
  else ground(land, along, across, distanceM);
  haze(distanceM, hazeM);
}
