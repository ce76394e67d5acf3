/** Slower than this is camera movement, not shaking; faster reaches no camera. Estimates 0.7 to 1.5 and 200 to 600 Hz. */
export const SHAKE_BAND_HZ = [1, 400] as const;
