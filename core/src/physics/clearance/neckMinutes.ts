import { dot, normalize, scale, subtract, UP, type Vec3 } from '../../mathematics/geometry/vec3';
import { rotate, type Rotation } from '../../mathematics/geometry/rotation';

/**
 * Greatest moments of a man's neck, Nm: back, forward, to the side and round (Vasavada, Li and Delp 2001, from memory; half to one and a half
 * times between people).
 */
const STRENGTH_NM = { back: 52, forward: 30, side: 36, round: 15 } as const;
/** How hard heads are thrown about in rough riding, m/s². Estimate 5 to 14. */
const THROWN_MS2 = 9;
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
 * How long a neck bears what the head carries. In each direction the moment is that of its weight at rest and of being thrown about, as a share of
 * what the muscles of that side can do; the three shares add up as squares, and the minutes fall with the square of the sum, as held loads do.
 * @param at middle of the load, world @param neckBase root of the neck, world @param head turn of the head, +x where it faces
 */
export function neckMinutes(massKg: number, at: Vec3, neckBase: Vec3, head: Rotation): NeckMinutes {
  const from = subtract(at, neckBase);
  const faces = rotate(head, [1, 0, 0]);
  const flat = normalize(subtract(faces, scale(UP, dot(faces, UP))));
  const right: Vec3 = [-flat[2], 0, flat[0]];
  const asked = shares(massKg, { ahead: dot(from, flat), up: from[1], side: dot(from, right) });
  const known = shares(KNOWN.massKg, KNOWN.lever);
  const minutes = KNOWN.minutes * (sum(known) / Math.max(sum(asked), 1e-9)) ** 2;
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
  const thrown = massKg * THROWN_MS2;
  const rest = massKg * G;
  // Thrown about it is now one side's load, now the other's.
  const both = (STRENGTH_NM.back + STRENGTH_NM.forward) / 2;
  return {
    nods: Math.hypot(
      (thrown * Math.hypot(up, ahead)) / both,
      (rest * ahead) / (ahead > 0 ? STRENGTH_NM.back : STRENGTH_NM.forward),
    ),
    leans: Math.hypot(thrown * Math.hypot(up, side), rest * side) / STRENGTH_NM.side,
    turns: (thrown * Math.hypot(ahead, side)) / STRENGTH_NM.round,
  };
}

const sum = ({ nods, leans, turns }: ReturnType<typeof shares>): number => Math.hypot(nods, leans, turns);
