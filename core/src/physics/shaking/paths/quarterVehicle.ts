import { over, plus, times, type Complex } from '../../../mathematics/spectra/complex';

/** Two masses over one wheel, all per kilogram of the sprung mass. */
export interface QuarterVehicle {
  /** Tyre stiffness over sprung mass, 1/s². */
  readonly tyrePerS2: number;
  /** Spring stiffness over sprung mass, 1/s². */
  readonly springPerS2: number;
  /** Unsprung mass over sprung mass. */
  readonly unsprungShare: number;
  /** Damping over sprung mass, 1/s. */
  readonly dampingPerS: number;
}

/**
 * How the body and the axle follow the ground, as complex gains (the same for displacement and acceleration).
 *   body:  (a − ω²)·z_s = a·z_u,  a = K + jωC
 *   axle:  (a + T − μω²)·z_u − a·z_s = T·z_0
 * Limits: 1 at 0 Hz; 0 at very high frequencies.
 */
export function vehicleResponse(vehicle: QuarterVehicle, frequencyHz: number): { body: Complex; axle: Complex } {
  const w = 2 * Math.PI * frequencyHz;
  const a: Complex = [vehicle.springPerS2, w * vehicle.dampingPerS];
  const bodyOverAxle = over(a, plus(a, [-w * w, 0]));
  const back = times(a, bodyOverAxle);
  const rest: Complex = [a[0] + vehicle.tyrePerS2 - vehicle.unsprungShare * w * w - back[0], a[1] - back[1]];
  const axle = over([vehicle.tyrePerS2, 0], rest);
  return { body: times(bodyOverAxle, axle), axle };
}

/**
 * A quarter vehicle from the figures that can be felt and counted: K = (2πf_b)², C = 2ζ·2πf_b, T = μ(2πf_h)² − K.
 * @throws RangeError when the wheel would have to hop slower than its spring alone lets it
 */
export function quarterVehicleFrom(
  bodyHz: number,
  hopHz: number,
  unsprungShare: number,
  dampingRatio: number,
): QuarterVehicle {
  const body = 2 * Math.PI * bodyHz;
  const springPerS2 = body ** 2;
  const tyrePerS2 = unsprungShare * (2 * Math.PI * hopHz) ** 2 - springPerS2;
  if (!(tyrePerS2 > 0)) {
    throw new RangeError(`quarterVehicleFrom: hopHz ${hopHz} is too low for bodyHz ${bodyHz} and μ ${unsprungShare}`);
  }
  return { tyrePerS2, springPerS2, unsprungShare, dampingPerS: 2 * dampingRatio * body };
}
