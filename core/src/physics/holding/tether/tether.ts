const G = 9.80665;

/** Stretching force of a 3 mm cord for a strain of 1, newton. Estimate 3 to 12 kN. */
const CORD_STRETCH_N = 6000;

/**
 * Pull on a tether that catches what fell its own length: energy m·g·(L + x) = ½·(K/L)·x² gives F = W(1 + √(1 + 2K/W)),
 * whatever the length. Limits: twice the weight for a tether without stiffness; the root of the stiffness for a stiff one.
 */
export const tetherLoadN = (massKg: number, stretchN = CORD_STRETCH_N): number => {
  const weight = massKg * G;
  return weight * (1 + Math.sqrt(1 + (2 * stretchN) / weight));
};

/** A loop round the camera and a knot take this much before anything can hang free. Estimate 0.08 to 0.15 m. */
const SHORTEST_TETHER_M = 0.1;
/** The camera at the tether's end must stay this share of the way off what turns. */
const KEEP_OFF = 0.8;

/** Longest that a tether may be beside something that turns; null where there is none that is short enough. */
export function tetherLimitM(toTurningM: number, cameraM: number): number | null {
  const limit = KEEP_OFF * toTurningM - cameraM;
  return limit >= SHORTEST_TETHER_M ? limit : null;
}

/** Nearer than this to something that turns no tether is short enough. */
export const noTetherWithinM = (cameraM: number): number => (SHORTEST_TETHER_M + cameraM) / KEEP_OFF;
