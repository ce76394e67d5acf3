import { dot, normalize, scale, subtract, UP, type Vec3 } from '../../mathematics/geometry/vec3';
import { rotate, type Rotation } from '../../mathematics/geometry/rotation';

/** Greatest moments of a man's neck, Nm: back, to the side and round (Vasavada, Li and Delp 2001, from memory; half to one and a half times between people). */
const STRENGTH_NM = { back: 52, side: 36, round: 15 } as const;
/** How hard riding swings a head, rad/s²; people turn it more gently than bumps nod it. Estimates 8 to 25, and 0.1 to 0.4 of it. */
const SWUNG_RAD_S2 = 15;
const TURNING_SHARE = 0.2;
const G = 9.80665;
/** A camera of 150 g with base and joint on the top of the head tires it after an hour: common practice, no source. */
const KNOWN = { minutes: 60, massKg: 0.19, lever: { ahead: 0, up: 0.34, side: 0 } } as const;
/** Longer than this nobody asks. */
const MOST_MINUTES = 240;
/** People and rides differ by so much either way. Estimate. */
const SPREAD = 1.7;

export interface NeckMinutes {
  readonly minutes: number;
  readonly low: number;
  readonly high: number;
  /** The direction in which it asks most of the neck. */
  readonly mostly: 'nodding' | 'leaning to the side' | 'turning';
}

interface Lever {
  readonly ahead: number;
  readonly up: number;
  readonly side: number;
}

/**
 * How long a neck bears what the head carries. In each direction it swings the load's moment of inertia, m·d² about the root of the neck, and bears what hangs to
 * one side, as shares of what its muscles can do; the shares add up as squares. What hangs ahead is little beside the head's own weight and left out.
 * @param at middle of the load, world @param neckBase root of the neck, world @param head turn of the head, +x where it faces
 */
export function neckMinutes(massKg: number, at: Vec3, neckBase: Vec3, head: Rotation): NeckMinutes {
  const from = subtract(at, neckBase);
  const faces = rotate(head, [1, 0, 0]);
  const flat = normalize(subtract(faces, scale(UP, dot(faces, UP))));
  const right: Vec3 = [-flat[2], 0, flat[0]];
  const asked = shares(massKg, { ahead: dot(from, flat), up: from[1], side: dot(from, right) });
  const known = shares(KNOWN.massKg, KNOWN.lever);
  const minutes = (KNOWN.minutes * sum(known)) / Math.max(sum(asked), 1e-9);
  const least = (m: number) => Math.min(MOST_MINUTES, m);
  const { nods, leans, turns } = asked;
  return {
    minutes: least(minutes),
    low: least(minutes / SPREAD),
    high: least(minutes * SPREAD),
    mostly: nods >= leans && nods >= turns ? 'nodding' : leans >= turns ? 'leaning to the side' : 'turning',
  };
}

function shares(massKg: number, { ahead, up, side }: Lever) {
  const swung = massKg * SWUNG_RAD_S2;
  return {
    nods: (swung * (up ** 2 + ahead ** 2)) / STRENGTH_NM.back,
    leans: Math.hypot(swung * (up ** 2 + side ** 2), massKg * G * side) / STRENGTH_NM.side,
    turns: (TURNING_SHARE * swung * (ahead ** 2 + side ** 2)) / STRENGTH_NM.round,
  };
}

const sum = ({ nods, leans, turns }: ReturnType<typeof shares>): number => Math.hypot(nods, leans, turns);
