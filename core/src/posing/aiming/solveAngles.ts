import { hypotenuse } from '../../mathematics/numbers/hypotenuse';
import {
  multiplyRotations,
  inverseRotation,
  panTiltRollFromRotation,
  rotate,
  type PanTiltRoll,
  type Rotation,
} from '../../mathematics/geometry/rotation';
import { normalize, subtract, type Vec3 } from '../../mathematics/geometry/vec3';
import { unprojectPixelToDirection, type Lens } from '../../mathematics/lens/lens';
import { skylineNormal } from './horizon';
import type { PosedRig } from '../rig/poseRig';
import { clamp, toDeg, toRad, wrapDeg } from '../../mathematics/units/angle';
import { mountRotation } from '../strut/mountRotation';
import { poseStrut } from '../strut/kinematics';
import { levelsDeg } from '../strut/levelling';
import type { ResolvedSetUp } from '../strut/resolvedSetUp';

/** Elevation over the lens axis, degrees, of a height in the picture on its centre column (fraction from the top). */
export function elevationOfHeightDeg(lens: Lens, heightFraction: number): number {
  const direction = unprojectPixelToDirection(lens, { u: lens.widthPx / 2, v: heightFraction * lens.heightPx });
  if (!direction)
    throw new RangeError(`elevationOfHeightDeg: heightFraction ${heightFraction} is outside the image circle`);
  return toDeg(Math.atan2(direction[1], direction[0]));
}

/** How what stands on a spot turns from the set-up stance to the action stance, with what was learnt of it: worldFromMount(action) · mountFromWorld(set-up). */
export const stanceChange = (
  setUpRig: PosedRig,
  actionRig: PosedRig,
  mounted: Pick<ResolvedSetUp, 'placed' | 'setUp'>,
): Rotation => multiplyRotations(mountRotation(actionRig, mounted), inverseRotation(mountRotation(setUpRig, mounted)));

/**
 * The tilt that a level must read in the set-up stance so that the sky line comes at a wanted height of the picture in the
 * action stance; pan and roll stay as read. Closed form: with D the stance change, q the wanted direction after the roll and m
 * the sky line's normal seen through D and the pan,
 *   (m₀q₀ + m₁q₁)·cos t + (m₁q₀ - m₀q₁)·sin t = -m₂q₂,
 * of whose two solutions the one with the picture's top upward in the action stance is taken.
 * @param change see stanceChange
 * @param elevationDeg see elevationOfHeightDeg
 * @returns degrees in (-180, 180], or null when no tilt brings it there (the camera rolled onto its side)
 */
export function solveTiltDeg(
  change: Rotation,
  pan: Pick<PanTiltRoll, 'panDeg' | 'rollDeg'>,
  elevationDeg: number,
  normal: Vec3,
): number | null {
  const cp = Math.cos(toRad(pan.panDeg));
  const sp = Math.sin(toRad(pan.panDeg));
  const [a, b, c] = rotate(inverseRotation(change), normal);
  // Ry(pan) undoes the pan.
  const m: Vec3 = [cp * a + sp * c, b, -sp * a + cp * c];
  const cr = Math.cos(toRad(pan.rollDeg));
  const sr = Math.sin(toRad(pan.rollDeg));
  const e = toRad(elevationDeg);
  const q: Vec3 = [Math.cos(e), Math.sin(e) * cr, Math.sin(e) * sr];
  const x = m[0] * q[0] + m[1] * q[1];
  const y = m[1] * q[0] - m[0] * q[1];
  const size = hypotenuse(x, y);
  const ratio = (-m[2] * q[2]) / size;
  if (!(size > 1e-9) || Math.abs(ratio) > 1) return null;
  const middle = Math.atan2(y, x);
  const spread = Math.acos(ratio);
  const upward = (t: number): number => {
    // Picture's top (0, cos roll, sin roll) after the tilt, against the sky line's normal.
    const up: Vec3 = [-Math.sin(t) * cr, Math.cos(t) * cr, sr];
    return m[0] * up[0] + m[1] * up[1] + m[2] * up[2];
  };
  const best = [middle + spread, middle - spread].sort((s, t) => upward(t) - upward(s))[0]!;
  return wrapDeg(toDeg(best));
}

/**
 * The same for a picture that is turned level afterwards: only the lens axis counts, m₀·cos t + m₁·sin t = −sin e, of whose two solutions the
 * one with the picture's top upward is taken. @param elevationDeg of the sky line over the lens axis, see elevationOfHeightDeg
 */
function solveLevelledTiltDeg(change: Rotation, panDeg: number, elevationDeg: number, normal: Vec3): number | null {
  const cp = Math.cos(toRad(panDeg));
  const sp = Math.sin(toRad(panDeg));
  const [a, b, c] = rotate(inverseRotation(change), normal);
  const [x, y] = [cp * a + sp * c, b];
  const ratio = -Math.sin(toRad(elevationDeg)) / hypotenuse(x, y);
  if (Math.abs(ratio) > 1) return null;
  const middle = Math.atan2(y, x);
  const spread = Math.acos(ratio);
  const upward = (t: number): number => -Math.sin(t) * x + Math.cos(t) * y;
  const best = [middle + spread, middle - spread].sort((s, t) => upward(t) - upward(s))[0]!;
  return wrapDeg(toDeg(best));
}

/** A picture that leans by less is level. */
const LEVEL_DEG = 0.01;

/** Set-up tilt for a wanted height of the sky line in the action stance (fraction from the top), through the whole chain. */
export function solveTiltForHorizon(
  resolved: ResolvedSetUp,
  setUpRig: PosedRig,
  actionRig: PosedRig,
  wantedHeight: number,
): number | null {
  const change = stanceChange(setUpRig, actionRig, resolved);
  const elevation = elevationOfHeightDeg(resolved.lens, wantedHeight);
  const { angles } = resolved.setUp;
  const rotationAt = (tiltDeg: number): Rotation =>
    poseStrut(withTilt(resolved, tiltDeg), setUpRig, actionRig).worldFromCamera.rotation;
  const solve = (normal: Vec3): number | null => {
    const kept = levelsDeg(resolved) > 0 ? solveLevelledTiltDeg(change, angles.panDeg, elevation, normal) : null;
    // Leaning further than it can be turned back it leans all the same.
    if (kept !== null && Math.abs(panTiltRollFromRotation(rotationAt(kept)).rollDeg) < LEVEL_DEG) return kept;
    return solveTiltDeg(change, angles, elevation, normal);
  };
  const level = solve([0, 1, 0]);
  if (level === null) return null;
  const normal = skylineNormal(actionRig.ground, rotationAt(level));
  return normal[1] === 1 ? level : solve(normal);
}

const withTilt = (resolved: ResolvedSetUp, tiltDeg: number): ResolvedSetUp => ({
  ...resolved,
  setUp: { ...resolved.setUp, angles: { ...resolved.setUp.angles, tiltDeg } },
});

/**
 * Pan and tilt, read in the set-up stance with no roll, that bring the middle of a part to a wanted height of the picture's
 * centre column in the action stance. The lens moves a little with the turn, so the closed form is repeated to a fixed point.
 */
export function solveAim(
  resolved: ResolvedSetUp,
  setUpRig: PosedRig,
  actionRig: PosedRig,
  target: Vec3,
  wantedHeight: number,
): PanTiltRoll {
  const change = stanceChange(setUpRig, actionRig, resolved);
  const elevationDeg = elevationOfHeightDeg(resolved.lens, wantedHeight);
  let angles: PanTiltRoll = { panDeg: 0, tiltDeg: 0, rollDeg: 0 };
  for (let round = 0; round < 6; round++) {
    const turned = { ...resolved, setUp: { ...resolved.setUp, angles } };
    const lens = poseStrut(turned, setUpRig, actionRig).worldFromCamera.position;
    const d = rotate(inverseRotation(change), normalize(subtract(target, lens)));
    angles = {
      panDeg: toDeg(Math.atan2(d[2], d[0])),
      tiltDeg: clamp(toDeg(Math.asin(clamp(d[1], -1, 1))) - elevationDeg, -90, 90),
      rollDeg: 0,
    };
  }
  return angles;
}
