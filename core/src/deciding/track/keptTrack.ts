import simplify from 'simplify-js';
import { dot, UP } from '../../mathematics/geometry/vec3';
import { resolveRig } from '../../posing/lookup/resolveRig';
import { poseRig } from '../../posing/rig/poseRig';
import type { RigSpec } from '../../words/rig/rigSpec';
import type { KeptTrack, Stretch, TrackNode } from '../../words/ride/keptTrack';
import { bearingDeg, cleanTrack, distanceM, STILL_MPS, weighted, type TrackPoint } from './track';

/** Most points that an outing keeps of its track. */
export const MOST_NODES = 1500;
/** A line may be off by that much sideways and in height at first, metres; doubled until few enough points are left. */
const OFF_BY_M = 2;
/** Shorter stops say nothing, seconds. */
const PAUSE_S = 5;
const METRES_PER_DEG = 111_195;

const nodeOf = ({ latDeg, lonDeg, eleM, ms }: TrackPoint, startMs: number | null): TrackNode => [
  Math.round(latDeg * 1e6) / 1e6,
  Math.round(lonDeg * 1e6) / 1e6,
  eleM === null ? null : Math.round(eleM * 10) / 10,
  ms === null || startMs === null ? null : Math.round((ms - startMs) / 100) / 10,
];
const pointOf = ([latDeg, lonDeg, eleM, seconds]: Readonly<TrackNode>): TrackPoint => ({
  latDeg,
  lonDeg,
  eleM,
  ms: seconds === null ? null : seconds * 1000,
});

/**
 * A recorded track as it is kept: cleaned, then thinned by Ramer, Douglas and Peucker's method over the ground and again over the heights, each
 * within some metres. Ends of stops stay. Null for one that does not move.
 */
export function keepTrack(name: string, points: readonly TrackPoint[]): KeptTrack | null {
  const clean = cleanTrack(points);
  if (!clean) return null;
  const { first, steps, jumps, still } = clean;
  const all: TrackPoint[] = [first];
  const stops = new Set<TrackPoint>([first]);
  for (const { from, to } of steps) {
    const last = all.at(-1)!;
    if (from.ms !== null && last.ms !== null && from.ms - last.ms >= PAUSE_S * 1000) {
      all.push(from);
      stops.add(last).add(from);
    }
    all.push(to);
  }
  const shrink = Math.cos((first.latDeg * Math.PI) / 180);
  let alongM = 0;
  const flat = all.map((point, i) => {
    alongM += i === 0 ? 0 : distanceM(all[i - 1]!, point);
    return { x: point.lonDeg * METRES_PER_DEG * shrink, y: point.latDeg * METRES_PER_DEG, alongM, point };
  });
  const heights = flat.flatMap((p) =>
    p.point.eleM === null ? [] : [{ x: p.alongM, y: p.point.eleM, point: p.point }],
  );
  let offM = OFF_BY_M;
  const thinned = () => {
    const kept = new Set<TrackPoint>(stops);
    for (const line of [flat, heights])
      for (const corner of simplify(line, offM, true)) kept.add((corner as (typeof heights)[number]).point);
    return all.filter((point) => kept.has(point));
  };
  let left = thinned();
  while (left.length > MOST_NODES) {
    // Of a track of many stops they alone may be too many.
    if (offM > 64) stops.clear();
    offM *= 2;
    left = thinned();
  }
  const out = [
    ...(jumps > 0 ? [`${jumps} ${jumps === 1 ? 'jump' : 'jumps'} of the receiver left out`] : []),
    ...(still > 0 ? [`${still} points at rest left out`] : []),
    `${points.length} points thinned to ${left.length}, within ${offM} m (Ramer, Douglas and Peucker)`,
  ];
  return { name, nodes: left.map((point) => nodeOf(point, first.ms)), startMs: first.ms, cleaned: out.join('; ') };
}

/** A kept track with the way to each of its points. */
interface Line {
  readonly points: readonly TrackPoint[];
  readonly alongM: readonly number[];
}

function lineOf({ nodes }: Pick<KeptTrack, 'nodes'>): Line {
  const points = nodes.map(pointOf);
  let sum = 0;
  return { points, alongM: points.map((point, i) => (sum += i === 0 ? 0 : distanceM(points[i - 1]!, point))) };
}

const mix = (a: number | null, b: number | null, t: number): number | null =>
  a === null || b === null ? null : a + (b - a) * t;

/** Where one is after some metres of a line; before its start and after its end, those. */
function at({ points, alongM }: Line, metres: number): TrackPoint {
  const next = alongM.findIndex((along) => along > metres);
  if (next <= 0) return next === 0 ? points[0]! : points.at(-1)!;
  const [a, b] = [points[next - 1]!, points[next]!];
  const t = (metres - alongM[next - 1]!) / (alongM[next]! - alongM[next - 1]!);
  return {
    latDeg: a.latDeg + (b.latDeg - a.latDeg) * t,
    lonDeg: a.lonDeg + (b.lonDeg - a.lonDeg) * t,
    eleM: mix(a.eleM, b.eleM, t),
    ms: mix(a.ms, b.ms, t),
  };
}

/** Length of a kept track, metres. */
export const trackLengthM = (track: KeptTrack): number => lineOf(track).alongM.at(-1) ?? 0;

/** Heights over the way, for a profile: [metres along, metres over the sea]. */
export const trackProfile = (track: KeptTrack): readonly (readonly [number, number])[] => {
  const { points, alongM } = lineOf(track);
  return points.flatMap(({ eleM }, i) => (eleM === null ? [] : [[alongM[i]!, eleM] as const]));
};

/** What a stretch of a track is like. */
export interface StretchReport {
  readonly lengthM: number;
  /** Rise over way from end to end; null without heights. Negative = downhill. */
  readonly slope: number | null;
  /** Steepest 50 m of it, by amount. */
  readonly steepest: number | null;
  /** Metres a second over it while it moved, and what it is nine tenths of the time slower than; null without times. */
  readonly meanMps: number | null;
  readonly fastMps: number | null;
  /** Way of travel, degrees from north; null where it turns about. */
  readonly headingDeg: number | null;
  /** When one comes to it, milliseconds since 1970; null without times. */
  readonly atMs: number | null;
  readonly middle: TrackPoint;
  /** The points of it, for a map. */
  readonly path: readonly TrackPoint[];
}

/** Straighter than that (way made good over way gone) it goes one way. */
export const ONE_WAY = 0.6;

/** Slopes are taken over that length, and at so many places at most. */
const SLOPE_OVER_M = 50;
const SLOPE_PLACES = 400;

/** Steepest slope over 50 m within a stretch, by amount; over all of it where it is shorter. */
function steepestOf(line: Line, fromM: number, toM: number): number | null {
  const over = Math.min(SLOPE_OVER_M, toM - fromM);
  const places = Math.min(SLOPE_PLACES, Math.max(1, Math.ceil((toM - fromM - over) / 10)));
  let steepest: number | null = null;
  for (let i = 0; i <= places; i++) {
    const start = fromM + ((toM - fromM - over) * i) / places;
    const [low, high] = [at(line, start).eleM, at(line, start + over).eleM];
    if (low === null || high === null) continue;
    const slope = (high - low) / over;
    if (steepest === null || Math.abs(slope) > Math.abs(steepest)) steepest = slope;
  }
  return steepest;
}

/** @throws RangeError where the stretch does not lie on the track */
export function stretchReport(track: KeptTrack, { fromM, toM }: Stretch): StretchReport {
  const line = lineOf(track);
  const { points, alongM } = line;
  const lengthM = alongM.at(-1) ?? 0;
  if (!(fromM >= 0 && toM > fromM && fromM < lengthM))
    throw new RangeError(`stretchReport: ${fromM} to ${toM} m is no stretch of a track of ${lengthM.toFixed(0)} m`);
  const end = Math.min(toM, lengthM);
  const [start, stop] = [at(line, fromM), at(line, end)];
  const inside = (i: number) => alongM[i]! > fromM && alongM[i]! < end;
  const path = [start, ...points.filter((_, i) => inside(i)), stop];
  const speeds = path.slice(1).flatMap((point, i) => {
    const before = path[i]!;
    if (point.ms === null || before.ms === null || point.ms <= before.ms) return [];
    const weight = (point.ms - before.ms) / 1000;
    const value = distanceM(before, point) / weight;
    return value < STILL_MPS ? [] : [{ value, weight }];
  });
  const movingS = speeds.reduce((sum, { weight }) => sum + weight, 0);
  const madeGood = distanceM(start, stop) / (end - fromM);
  return {
    lengthM: end - fromM,
    slope: start.eleM === null || stop.eleM === null ? null : (stop.eleM - start.eleM) / (end - fromM),
    steepest: steepestOf(line, fromM, end),
    meanMps: movingS > 0 ? speeds.reduce((sum, { value, weight }) => sum + value * weight, 0) / movingS : null,
    fastMps: movingS > 0 ? weighted(speeds, 0.9) : null,
    headingDeg: madeGood > ONE_WAY ? bearingDeg(start, stop) : null,
    atMs: track.startMs === null || start.ms === null ? null : track.startMs + start.ms,
    middle: at(line, (fromM + end) / 2),
    path,
  };
}

/** By so much nearer a stance's own slope must be to be proposed, degrees. */
const NEARER_DEG = 3;

/** The stance of a carrier whose ground slopes most like this; null where the one that it has is as near. */
export function stanceForSlope(rig: RigSpec, stanceId: string, slope: number): string | null {
  const wanted = (Math.atan(slope) * 180) / Math.PI;
  const { machine } = resolveRig(rig);
  const offBy = machine.stances
    .filter((stance) => stance.share > 0 || stance.id === stanceId)
    .map(({ id }) => {
      const { normal, ahead } = poseRig(rig, id).ground;
      const rises = (Math.atan2(-dot(normal, ahead), dot(normal, UP)) * 180) / Math.PI;
      return { id, off: Math.abs(rises - wanted) };
    });
  const own = offBy.find(({ id }) => id === stanceId)?.off ?? Infinity;
  const best = offBy.reduce((a, b) => (b.off < a.off ? b : a));
  return best.off < own - NEARER_DEG ? best.id : null;
}
