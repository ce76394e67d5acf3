import { keepLatest } from '../../mathematics/caching/keepLatest';
import { toRad } from '../../mathematics/units/angle';

/** A drop on its way through the plane of its wheel: machine frame, ahead and up from the wheel's middle. */
export interface FlightPoint {
  readonly ahead: number;
  readonly up: number;
  readonly aheadMps: number;
  readonly upMps: number;
  /** Way so far, metres. */
  readonly way: number;
}

export interface Flight {
  /** Of all that the wheel throws. */
  readonly share: number;
  readonly points: readonly FlightPoint[];
}

/** Clods and drops fall no faster than that, m/s. Estimate 6 to 9 for 2 to 3 mm (Gunn & Kinzer 1949, from memory). */
export const DROP_FALLS_MPS = 7.5;
const STEP_S = 0.004;
const FLIES_S = 0.9;
const G = 9.80665;
/** Turn of the wheel from where it leaves the ground, degrees: where it begins to throw, ends, and by which two thirds have left it. Estimates. */
const LEAVES = { from: 8, to: 215, mean: 40 } as const;
const FLIGHTS = 48;

/**
 * One drop: it leaves the tyre along its tangent at the speed of the way, then gravity and the air that comes against it at that speed bend its flight.
 * @param turnedDeg how far the wheel has turned since it touched the ground there @param fallsMps infinite = no air
 */
export function flightFrom(
  radiusM: number,
  speedMps: number,
  turnedDeg: number,
  fallsMps = DROP_FALLS_MPS,
): readonly FlightPoint[] {
  const turned = toRad(turnedDeg);
  // From the bottom, backward and up: a wheel that rolls ahead lifts at its back.
  let [ahead, up] = [-radiusM * Math.sin(turned), -radiusM * Math.cos(turned)];
  let [aheadMps, upMps] = [-speedMps * Math.cos(turned), speedMps * Math.sin(turned)];
  let way = 0;
  const points: FlightPoint[] = [{ ahead, up, aheadMps, upMps, way }];
  for (let t = 0; t < FLIES_S && up > -radiusM - 0.02; t += STEP_S) {
    const [windAhead, windUp] = [-speedMps - aheadMps, -upMps];
    const drag = (G / fallsMps ** 2) * Math.sqrt(windAhead * windAhead + windUp * windUp);
    // Mean of the speeds before and after: exact where there is no air.
    const [nextAhead, nextUp] = [aheadMps + drag * windAhead * STEP_S, upMps + (drag * windUp - G) * STEP_S];
    const [stepAhead, stepUp] = [((aheadMps + nextAhead) / 2) * STEP_S, ((upMps + nextUp) / 2) * STEP_S];
    [ahead, up, aheadMps, upMps] = [ahead + stepAhead, up + stepUp, nextAhead, nextUp];
    way += Math.sqrt(stepAhead * stepAhead + stepUp * stepUp);
    points.push({ ahead, up, aheadMps, upMps, way });
  }
  return points;
}

const known = keepLatest<readonly Flight[]>(12);

/** All that a wheel throws, from low at its back to over its top. */
export const flightsOf = (radiusM: number, speedMps: number): readonly Flight[] =>
  known(`${radiusM.toFixed(3)} ${speedMps.toFixed(2)}`, () => {
    const turns = Array.from(
      { length: FLIGHTS },
      (_, i) => LEAVES.from + ((i + 0.5) / FLIGHTS) * (LEAVES.to - LEAVES.from),
    );
    const weights = turns.map((deg) => Math.exp(-deg / LEAVES.mean));
    const sum = weights.reduce((a, b) => a + b, 0);
    return turns.map((deg, i) => ({ share: weights[i]! / sum, points: flightFrom(radiusM, speedMps, deg) }));
  });

/** What spreads on its way: within the wheel's plane and out of it, for each metre. Estimates. */
const SPREAD = { plane: 0.1, across: 0.25, least: 0.03 } as const;

/** What comes by at a place. */
export interface Thrown {
  /** Share of what the wheel throws, for each square metre that is turned to it. */
  readonly perM2: number;
  /** Direction in which it flies there, ahead and up, unit; and how far it has come. */
  readonly toward: readonly [ahead: number, up: number];
  readonly way: number;
}

/** @param across from the wheel's middle plane, metres @param halfWidthM of the tyre; null where nothing of it comes by */
export function thrownPast(
  flights: readonly Flight[],
  { ahead, up, across }: { readonly ahead: number; readonly up: number; readonly across: number },
  halfWidthM: number,
): Thrown | null {
  let [perM2, towardAhead, towardUp, way] = [0, 0, 0, 0];
  for (const { share, points } of flights) {
    let near = points[0]!;
    let nearest = Infinity;
    for (const point of points) {
      const off = (point.ahead - ahead) ** 2 + (point.up - up) ** 2;
      if (off < nearest) [nearest, near] = [off, point];
    }
    const inPlane = SPREAD.least + SPREAD.plane * near.way;
    const out = halfWidthM + SPREAD.across * near.way;
    const density =
      (share * Math.exp(-nearest / (2 * inPlane ** 2) - across ** 2 / (2 * out ** 2))) / (2 * Math.PI * inPlane * out);
    const speed = Math.hypot(near.aheadMps, near.upMps) || 1;
    perM2 += density;
    towardAhead += (density * near.aheadMps) / speed;
    towardUp += (density * near.upMps) / speed;
    way += density * near.way;
  }
  const length = Math.hypot(towardAhead, towardUp);
  return perM2 > 1e-6 && length > 0
    ? { perM2, toward: [towardAhead / length, towardUp / length], way: way / perM2 }
    : null;
}
