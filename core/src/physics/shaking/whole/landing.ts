import type { Ride } from '../../../words/carrier/machineShake';
import { resolveRig } from '../../../posing/lookup/resolveRig';
import type { RigSpec } from '../../../words/rig/rigSpec';
import { mountModes } from '../mount/mountModel';
import { pixelScale } from '../picture/pixels';
import type { Shake } from './shakeOf';
import type { ShakeScene } from './shakeScene';

const G = 9.80665;

/** What a landing does to the camera on its strut; upper ends. */
export interface Landing {
  /** At the spot, in g. */
  readonly peakG: number;
  /** How far the picture swings at most, pixels of a 1080-line picture. */
  readonly swingPx: number;
  /** Until it has died away to a pixel. */
  readonly ringsS: number;
}

/** A blow of any shape moves a mass on a spring by no more than this times its steady give (half sine, undamped; Harris, Shock and Vibration Handbook, from memory). */
const SHOCK_FACTOR = 1.77;

/**
 * A drop from a height lands with v = √(2gh) on the softest spring of the path: peak v·2πf. The strut gives at most 1.77·a/ω² and at most
 * v/ω (a blow shorter than its swing). Null without a drop.
 */
export function landingOf(rig: RigSpec, { resolved, motion, ride }: ShakeScene, { mount }: Shake): Landing | null {
  if (!(ride.dropM > 0)) return null;
  const v = Math.sqrt(2 * G * ride.dropM);
  const softestHz = Math.min(
    springHz(resolveRig(rig).machine.shake.ride),
    ...motion.stages.map((s) => s.frequencyHz.value),
  );
  const peak = v * 2 * Math.PI * softestHz;
  const { frequencyHz, dampingRatio } = mountModes(mount)[0]!;
  const w = 2 * Math.PI * frequencyHz;
  const gives = Number.isFinite(w) ? Math.min((SHOCK_FACTOR * peak) / w ** 2, v / w) : 0;
  const swingPx = gives * mount.nod.turnPerM * pixelScale(resolved.lens).acrossPx;
  return {
    peakG: peak / G,
    swingPx,
    ringsS: swingPx > 1 && dampingRatio > 0 ? Math.log(swingPx) / (dampingRatio * w) : 0,
  };
}

/** Frequency of what catches a landing between the ground and the frame. */
function springHz(ride: Ride): number {
  switch (ride.kind) {
    case 'wheels':
      return ride.front.frame === 'sprung' ? ride.front.bodyHz.value : ride.front.hopHz.value;
    case 'float':
      // A slam lasts about a twentieth of a second (estimate 0.03 to 0.1 s).
      return 10;
    default:
      return 5;
  }
}
