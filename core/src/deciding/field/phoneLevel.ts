import { dot, cross, length, normalize, scale, type Vec3 } from '../../mathematics/geometry/vec3';
import { clamp, toDeg, toRad } from '../../mathematics/units/angle';

/**
 * A telephone as a level. Its axes are those of the W3C's Device Orientation: x to the right of the screen, y to its top, z out of it towards whoever
 * looks; its angles turn it from flat on the ground about z (alpha), then x (beta), then y (gamma), degrees.
 */
export interface DeviceAngles {
  readonly betaDeg: number;
  readonly gammaDeg: number;
}

/** How it is laid on a camera: which of its axes go the lens's way, up and to the right of the picture. */
export const LAYINGS = [
  { id: 'on-top', name: 'On top', how: 'On top of the camera, screen up, its top edge the way the lens looks.' },
  { id: 'behind', name: 'Behind', how: 'Upright against the back of the camera, screen towards you.' },
] as const;
export type LayingId = (typeof LAYINGS)[number]['id'];

const AXES: Readonly<Record<LayingId, { readonly ahead: Vec3; readonly up: Vec3; readonly right: Vec3 }>> = {
  'on-top': { ahead: [0, 1, 0], up: [0, 0, 1], right: [1, 0, 0] },
  behind: { ahead: [0, 0, -1], up: [0, 1, 0], right: [1, 0, 0] },
};

/** The world's up in the telephone's axes: the third row of its rotation matrix (Device Orientation, example of section A). */
export function upInDevice({ betaDeg, gammaDeg }: DeviceAngles): Vec3 {
  const [b, g] = [toRad(betaDeg), toRad(gammaDeg)];
  return [-Math.cos(b) * Math.sin(g), Math.sin(b), Math.cos(b) * Math.cos(g)];
}

/** What the level reads of the camera that it lies on: lens up and right side down positive, degrees. */
export function levelReading(up: Vec3, laying: LayingId): { readonly tiltDeg: number; readonly rollDeg: number } {
  const axes = AXES[laying];
  return {
    tiltDeg: toDeg(Math.asin(clamp(dot(up, axes.ahead), -1, 1))),
    rollDeg: toDeg(Math.atan2(-dot(up, axes.right), dot(up, axes.up))),
  };
}

/**
 * Where a telephone thinks that up is while it lies flat: from two readings on one table, the second turned half round. What the table slopes by
 * cancels out.
 */
export const flatReading = (first: Vec3, turnedRound: Vec3): Vec3 =>
  normalize([first[0] + turnedRound[0], first[1] + turnedRound[1], first[2] + turnedRound[2]]);

/** A reading put right by what the telephone reads while it lies flat: the shortest turn that takes that one to z (Rodrigues). */
export function putRight(up: Vec3, flat: Vec3): Vec3 {
  const axis = cross(flat, [0, 0, 1]);
  const sine = length(axis);
  if (sine < 1e-9) return up;
  const k = scale(axis, 1 / sine);
  const cosine = flat[2];
  const [across, along] = [cross(k, up), dot(k, up) * (1 - cosine)];
  return [
    up[0] * cosine + across[0] * sine + k[0] * along,
    up[1] * cosine + across[1] * sine + k[1] * along,
    up[2] * cosine + across[2] * sine + k[2] * along,
  ];
}

/** A hand trembles several times a second: readings are followed with this delay, seconds (estimate). */
const FOLLOWS_S = 0.25;

/** The damped reading after another one came in. @param dtS seconds since the last */
export function damped(before: Vec3 | null, up: Vec3, dtS: number): Vec3 {
  if (!before) return up;
  const share = 1 - Math.exp(-Math.max(0, dtS) / FOLLOWS_S);
  return normalize([
    before[0] + share * (up[0] - before[0]),
    before[1] + share * (up[1] - before[1]),
    before[2] + share * (up[2] - before[2]),
  ]);
}

/** Nearer than this is right: finer than a picture shows, coarser than a hand holds. */
export const LEVEL_WITHIN_DEG = 0.5;

/** What is left to turn, in words; null where it is right. */
export function levelTurn(
  wanted: { readonly tiltDeg: number; readonly rollDeg: number },
  read: { readonly tiltDeg: number; readonly rollDeg: number },
): string | null {
  const [tilt, roll] = [wanted.tiltDeg - read.tiltDeg, wanted.rollDeg - read.rollDeg];
  const words = [
    Math.abs(tilt) > LEVEL_WITHIN_DEG ? `lens ${Math.abs(tilt).toFixed(1)}° ${tilt > 0 ? 'up' : 'down'}` : '',
    Math.abs(roll) > LEVEL_WITHIN_DEG ? `right side ${Math.abs(roll).toFixed(1)}° ${roll > 0 ? 'down' : 'up'}` : '',
  ].filter(Boolean);
  return words.length > 0 ? words.join(', ') : null;
}
