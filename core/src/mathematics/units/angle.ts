/** Degrees at the API, radians inside a formula. */
const RAD_PER_DEG = Math.PI / 180;

export const toRad = (deg: number): number => deg * RAD_PER_DEG;
export const toDeg = (rad: number): number => rad / RAD_PER_DEG;

/** Wraps an angle in degrees into (-180, 180]. */
export function wrapDeg(deg: number): number {
  const turned = ((((deg + 180) % 360) + 360) % 360) - 180;
  return turned === -180 ? 180 : turned;
}

export const clamp = (value: number, low: number, high: number): number => Math.min(high, Math.max(low, value));
