import { toDeg } from '../../mathematics/units/angle';
import { rotate } from '../../mathematics/geometry/rotation';
import type { PosedRig } from '../rig/poseRig';
import type { ResolvedSetUp } from '../strut/resolvedSetUp';

export interface NotchReading {
  /** Whole notches from the joint's middle; null for a joint that holds anywhere. */
  readonly notches: number | null;
  /** The nearest tilt that the joint holds, degrees, read in the set-up stance. */
  readonly heldTiltDeg: number;
  /** Held minus wanted, degrees. */
  readonly restDeg: number;
}

/** Tilt read in the set-up stance with the joint in its middle notch: where the spot itself looks. Degrees. */
export function middleTiltDeg(resolved: ResolvedSetUp, setUpRig: PosedRig): number {
  const part = setUpRig.byId.get(resolved.placed.spot.partId)!;
  const look = rotate(part.worldFromPart.rotation, resolved.placed.spot.look);
  return toDeg(Math.asin(look[1] / Math.hypot(...look)));
}

/** Nearest tilt that the head's joint can hold. */
export function nearestNotch(resolved: ResolvedSetUp, setUpRig: PosedRig, tiltDeg: number): NotchReading {
  const step = resolved.head.notchDeg.value;
  if (step === 0) return { notches: null, heldTiltDeg: tiltDeg, restDeg: 0 };
  const middle = middleTiltDeg(resolved, setUpRig);
  const notches = Math.round((tiltDeg - middle) / step);
  const heldTiltDeg = middle + notches * step;
  return { notches, heldTiltDeg, restDeg: heldTiltDeg - tiltDeg };
}
