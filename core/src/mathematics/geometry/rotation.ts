import { clamp, toDeg, toRad } from '../units/angle';
import { cross, normalize, perpendicularTo, type Vec3 } from './vec3';

/** 3×3 rotation, row-major: `worldFromPart` takes a part's coordinates to the world's. */
export type Rotation = readonly [number, number, number, number, number, number, number, number, number];

export const NO_ROTATION: Rotation = [1, 0, 0, 0, 1, 0, 0, 0, 1];

export const rotate = (r: Rotation, v: Vec3): Vec3 => [
  r[0] * v[0] + r[1] * v[1] + r[2] * v[2],
  r[3] * v[0] + r[4] * v[1] + r[5] * v[2],
  r[6] * v[0] + r[7] * v[1] + r[8] * v[2],
];

export const inverseRotation = (r: Rotation): Rotation => [r[0], r[3], r[6], r[1], r[4], r[7], r[2], r[5], r[8]];

/** a·b: first b, then a. */
export const multiplyRotations = (a: Rotation, b: Rotation): Rotation => [
  a[0] * b[0] + a[1] * b[3] + a[2] * b[6],
  a[0] * b[1] + a[1] * b[4] + a[2] * b[7],
  a[0] * b[2] + a[1] * b[5] + a[2] * b[8],
  a[3] * b[0] + a[4] * b[3] + a[5] * b[6],
  a[3] * b[1] + a[4] * b[4] + a[5] * b[7],
  a[3] * b[2] + a[4] * b[5] + a[5] * b[8],
  a[6] * b[0] + a[7] * b[3] + a[8] * b[6],
  a[6] * b[1] + a[7] * b[4] + a[8] * b[7],
  a[6] * b[2] + a[7] * b[5] + a[8] * b[8],
];

/** Rotation whose columns are where the axes ahead, up and right go. */
export const rotationFromAxes = (ahead: Vec3, up: Vec3, right: Vec3): Rotation => [
  ahead[0],
  up[0],
  right[0],
  ahead[1],
  up[1],
  right[1],
  ahead[2],
  up[2],
  right[2],
];

/** Rotation that sends +x to `ahead` and keeps +y as near to `up` as it can. */
export function rotationFacing(ahead: Vec3, up: Vec3): Rotation {
  const x = normalize(ahead);
  const y = perpendicularTo(x, up);
  return rotationFromAxes(x, y, cross(x, y));
}

/** Right-handed rotation about a unit axis (Rodrigues). */
export function rotationAbout(axis: Vec3, angleDeg: number): Rotation {
  const [x, y, z] = normalize(axis);
  const c = Math.cos(toRad(angleDeg));
  const s = Math.sin(toRad(angleDeg));
  const k = 1 - c;
  return [
    c + x * x * k,
    x * y * k - z * s,
    x * z * k + y * s,
    y * x * k + z * s,
    c + y * y * k,
    y * z * k - x * s,
    z * x * k - y * s,
    z * y * k + x * s,
    c + z * z * k,
  ];
}

export interface PanTiltRoll {
  /** 0 = ahead, positive looks right. */
  panDeg: number;
  /** 0 = level, positive looks up. */
  tiltDeg: number;
  /** 0 = level, positive lowers the right side of the camera. */
  rollDeg: number;
}

/**
 * Orientation of a camera (lens along its +x, picture top along +y, picture right along +z) from its angles:
 * R = Ry(-pan) · Rz(tilt) · Rx(roll). In degrees; any real value.
 */
export function rotationFromPanTiltRoll({ panDeg, tiltDeg, rollDeg }: PanTiltRoll): Rotation {
  const cp = Math.cos(toRad(panDeg));
  const sp = Math.sin(toRad(panDeg));
  const ct = Math.cos(toRad(tiltDeg));
  const st = Math.sin(toRad(tiltDeg));
  const cr = Math.cos(toRad(rollDeg));
  const sr = Math.sin(toRad(rollDeg));
  return [
    cp * ct,
    -cp * st * cr - sp * sr,
    cp * st * sr - sp * cr,
    st,
    ct * cr,
    -ct * sr,
    sp * ct,
    -sp * st * cr + cp * sr,
    sp * st * sr + cp * cr,
  ];
}

/** Inverse of rotationFromPanTiltRoll; straight up or down has no pan of its own and reports pan 0. */
export function panTiltRollFromRotation(r: Rotation): PanTiltRoll {
  const tiltDeg = toDeg(Math.asin(clamp(r[3], -1, 1)));
  if (Math.abs(r[3]) > 1 - 1e-12) {
    return { panDeg: 0, tiltDeg, rollDeg: toDeg(Math.atan2(r[7], r[8])) };
  }
  return { panDeg: toDeg(Math.atan2(r[6], r[0])), tiltDeg, rollDeg: toDeg(Math.atan2(-r[5], r[4])) };
}
