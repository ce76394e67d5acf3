import { keepLatest } from '../../mathematics/caching/keepLatest';
import { invert, transformPoint } from '../../mathematics/geometry/pose';
import type { Vec3 } from '../../mathematics/geometry/vec3';
import { minus, turned } from '../../mathematics/spectra/complex';
import { groundById } from '../../posing/lookup/grounds';
import type { PosedRig } from '../../posing/rig/poseRig';
import type { MachineDefinition } from '../../words/carrier/machine';
import type { RideConditions } from '../../words/ride/rideConditions';
import { usual } from '../../words/sourced/ends';
import { wheelsGains } from '../shaking/paths/rideGains';
import { groundDisplacementM2Hz } from '../shaking/sources/roadProfile';

/** How far the ground comes up at what hangs low on a machine under way, metres. */
export interface GroundComesUp {
  readonly upM: number;
  /** Springs that give, hollows that the wheels go down into, and ridges between them. */
  readonly ridesM: number;
  /** What stands out of the ground by itself. */
  readonly standsOut: { readonly name: string; readonly heightM: number } | null;
}

/** So many standard deviations are met once in some hundred swings. */
const DEVIATIONS = 3;
/** Cycles a metre: the reach of ISO 8608, and as fine as it is drawn. */
const FROM_PER_M = 0.011;
const TO_PER_M = 10;
const STEPS = 80;
/** One figure does for places this near each other along the machine, metres. */
const PLACE_M = 0.1;
const G = 9.80665;

const kept = keepLatest<GroundComesUp>(200);

/**
 * The ground at a place of a machine on wheels against the machine there: 3σ of the difference between the two over a ground of ISO 8608, with
 * what a landing pushes the springs in by, v/ω, and what stands out of the ground. Estimate. Null where it has no wheels, or stands still.
 * @param at place in the world, machine as posed @param partId what carries it: on the wheel's side of a spring it goes with the wheel
 */
export function groundComesUp(
  { id, shake }: MachineDefinition,
  { worldFromMachine }: PosedRig,
  at: Vec3,
  partId: string,
  { groundId, speedMps, dropM }: RideConditions,
): GroundComesUp | null {
  const { ride } = shake;
  const { surface } = groundById(groundId);
  if (ride.kind !== 'wheels' || surface.kind !== 'rough' || !(speedMps > 0.1)) return null;
  const xM = Math.round(transformPoint(invert(worldFromMachine), at)[0] / PLACE_M) * PLACE_M;
  const wheel = shake.withWheel?.[partId];
  return kept([id, groundId, speedMps, dropM, xM.toFixed(1), wheel].join(' '), () => {
    const gains = wheelsGains(ride, speedMps, usual);
    const moves = (f: number) => (wheel ? gains.wheel(f, wheel, xM) : gains.frame(f, xM)).up;
    const ratio = (TO_PER_M / FROM_PER_M) ** (1 / STEPS);
    let variance = 0;
    for (let i = 0; i < STEPS; i++) {
      const [low, high] = [FROM_PER_M * ratio ** i * speedMps, FROM_PER_M * ratio ** (i + 1) * speedMps];
      const f = Math.sqrt(low * high);
      const under = turned((-2 * Math.PI * f * (ride.front.xM - xM)) / speedMps);
      const [re, im] = minus(moves(f), under);
      variance += (re * re + im * im) * groundDisplacementM2Hz(surface.roughnessM3.value, speedMps, f) * (high - low);
    }
    const sprung = wheel ? [] : [ride.front, ride.rear].filter((axle) => axle.frame === 'sprung');
    const lands =
      dropM > 0
        ? Math.max(0, ...sprung.map(({ bodyHz }) => Math.sqrt(2 * G * dropM) / (2 * Math.PI * bodyHz.value)))
        : 0;
    const ridesM = DEVIATIONS * Math.sqrt(variance) + lands;
    const { standsOut } = surface;
    return {
      upM: ridesM + (standsOut?.heightM.value ?? 0),
      ridesM,
      standsOut: standsOut ? { name: standsOut.name, heightM: standsOut.heightM.value } : null,
    };
  });
}
