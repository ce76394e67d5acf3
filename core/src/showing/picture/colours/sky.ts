import { over, share, start } from './mixed';
import { noise2 } from './noise';

/** Cosine of the half angle that the drawn sun's disc has. */
const DISC: number = 0.9988;
/** No hill of the skyline is higher, as the sine of its height, at hills of 1. */
const HIGHEST_HILL: number = 0.078;

/** Sine of the hills' height over the horizon; the way ahead and behind is left open to the sea. */
function hillHeight(azimuth: number): number {
  const open = share((Math.abs(Math.sin(azimuth)) - 0.34) * 3);
  return open * (0.015 + 0.05 * noise2(azimuth * 4.3, 0, 41) + 0.012 * noise2(azimuth * 17, 0, 42));
}

function night(sunY: number): number {
  return Math.min(1, Math.max(0, -sunY) / 0.2);
}

/**
 * Mixes what has a sharp edge before the sky: hills, and the sun's disc.
 * @param x, y, z direction, a unit vector @param hills height of the hills on the skyline, 1 = as in the forest, 0 = open
 * @param clear whether the sun is seen, else it stands behind clouds @returns whether there is any
 */
export function beforeSky(
  x: number,
  y: number,
  z: number,
  hills: number,
  clear: boolean,
  sunX: number,
  sunY: number,
  sunZ: number,
): boolean {
  if (y < hills * HIGHEST_HILL) {
    const hill = hills * hillHeight(Math.atan2(z, x));
    if (y < hill) {
      const up = y / hill;
      if (clear) {
        start(176 + 20 * up, 188 + 18 * up, 184 + 16 * up);
        over(24, 30, 40, night(sunY) * 0.85);
      } else start(166 + 20 * up, 174 + 18 * up, 172 + 20 * up);
      return true;
    }
  }
  if (!clear || x * sunX + y * sunY + z * sunZ <= DISC) return false;
  start(255, 250, 228);
  return true;
}

/** Mixes the sky itself, without an edge in it: light, clouds, and the glow round the sun. The same arguments. */
export function dome(x: number, y: number, z: number, clear: boolean, sunX: number, sunY: number, sunZ: number): void {
  const up = Math.max(0, y);
  // Over the round of the sky, so that there is no seam behind.
  const flat = Math.sqrt(x * x + z * z);
  const cx = flat > 0 ? x / flat : 0;
  const cz = flat > 0 ? z / flat : 0;
  const bank = noise2(cx * 2.4 + up * 7, cz * 2.4 - up * 6, 31);
  if (!clear) {
    start(222, 224, 222);
    over(186, 192, 196, Math.min(1, up * 1.4));
    over(170, 176, 182, 0.5 * Math.max(0, bank - 0.4));
    return;
  }
  // Low it warms the sky's edge, and once it is down all of it grows dark.
  const low = Math.max(0, 1 - Math.max(0, sunY) / 0.18);
  const dark = night(sunY);
  const sun = x * sunX + y * sunY + z * sunZ;
  start(232, 236, 230);
  over(246, 206, 160, low * Math.max(0, 0.5 + 0.5 * sun));
  over(168, 194, 206, Math.pow(Math.min(1, up * 1.5), 0.8));
  over(38, 48, 72, dark * 0.85);
  const banks = bank * 0.65 + noise2(cx * 6 + up * 15, cz * 6 + up * 14, 32) * 0.35;
  const cloud = Math.min(0.8, Math.max(0, banks - 0.56) * 2 * (1 - up));
  over(248 - 190 * dark * 0.9, 247 - 181 * dark * 0.9, 240 - 154 * dark * 0.9, cloud);
  over(255, 246, 222, Math.pow(Math.max(0, sun), 60) * 0.55);
}
