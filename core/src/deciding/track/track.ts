/** One point of a recorded track. */
export interface TrackPoint {
  readonly latDeg: number;
  readonly lonDeg: number;
  /** Over the sea, metres; null where it was not recorded. */
  readonly eleM: number | null;
  /** Milliseconds since 1970, UTC; null where it was not recorded. */
  readonly ms: number | null;
}

/** A place along a cleaned track. */
export interface AlongTrack {
  readonly alongM: number;
  readonly eleM: number | null;
  /** Way of travel from north, clockwise, degrees. */
  readonly headingDeg: number;
  /** Metres a second; null without times. */
  readonly speedMps: number | null;
  /** Rise over way, smoothed; null without heights. Negative = downhill. */
  readonly slope: number | null;
}

/** What a track says of a ride. */
export interface TrackReport {
  readonly points: number;
  /** Points that were left out: jumps, and those that stood still. */
  readonly jumps: number;
  readonly still: number;
  readonly lengthM: number;
  /** While it moved; null without times. */
  readonly movingS: number | null;
  readonly pausedS: number | null;
  /** Half of the moving time slower, nine tenths slower; null without times. */
  readonly usualMps: number | null;
  readonly fastMps: number | null;
  readonly climbM: number | null;
  readonly dropM: number | null;
  /** Steepest stretch of 50 m downhill, degrees, positive; null without heights. */
  readonly steepestDeg: number | null;
  /** Where it goes on the whole, and how straight: 1 = one way, 0 = as much back as forth. */
  readonly headingDeg: number;
  readonly oneWay: number;
  readonly first: TrackPoint;
  readonly startMs: number | null;
  readonly along: readonly AlongTrack[];
}

/** Mean radius of the earth, metres (IUGG). */
const EARTH_M = 6_371_008.8;
const RAD = Math.PI / 180;
/** Faster than that nobody is whose camera this is for, m/s: a jump of the receiver. */
const JUMP_MPS = 140;
/** Slower than that it stands: a receiver wanders by itself, m/s. Common practice, no source. */
export const STILL_MPS = 0.4;
/** Heights and ways are smoothed over that length: receivers err by metres. Common practice, no source. */
const SMOOTH_M = 50;
/** Rises and drops of less are the receiver's, metres. Common practice, no source. */
const CLIMB_STEP_M = 3;

/** Haversine on a sphere: within 0.6 % of the ellipsoid. */
export function distanceM(a: TrackPoint, b: TrackPoint): number {
  const [p, q] = [a.latDeg * RAD, b.latDeg * RAD];
  const h = Math.sin((q - p) / 2) ** 2 + Math.cos(p) * Math.cos(q) * Math.sin(((b.lonDeg - a.lonDeg) * RAD) / 2) ** 2;
  return 2 * EARTH_M * Math.asin(Math.min(1, Math.sqrt(h)));
}

/** First bearing from one point to another, degrees from north. */
export function bearingDeg(a: TrackPoint, b: TrackPoint): number {
  const [p, q, l] = [a.latDeg * RAD, b.latDeg * RAD, (b.lonDeg - a.lonDeg) * RAD];
  const deg =
    Math.atan2(Math.sin(l) * Math.cos(q), Math.cos(p) * Math.sin(q) - Math.sin(p) * Math.cos(q) * Math.cos(l)) / RAD;
  return (deg + 360) % 360;
}

const sorted = (values: readonly number[]) => [...values].sort((a, b) => a - b);

/** Value under which a share of the weights lies. */
export function weighted(
  values: readonly { readonly value: number; readonly weight: number }[],
  share: number,
): number {
  const all = [...values].sort((a, b) => a.value - b.value);
  const total = all.reduce((sum, { weight }) => sum + weight, 0);
  let sum = 0;
  for (const { value, weight } of all) {
    sum += weight;
    if (sum >= share * total) return value;
  }
  return all.at(-1)?.value ?? 0;
}

export interface TrackStep {
  /** Where it was before: the last point that moved, at the moment when it moved on. */
  readonly from: TrackPoint;
  readonly to: TrackPoint;
  readonly metres: number;
  readonly seconds: number | null;
}

/** A track without what its receiver made up. */
export interface CleanTrack {
  readonly first: TrackPoint;
  readonly steps: readonly TrackStep[];
  readonly jumps: number;
  readonly still: number;
  readonly pausedS: number;
}

/** Points that would take more than 140 m/s to reach are jumps and left out; steps slower than 0.4 m/s are pauses. Null for none that moves. */
export function cleanTrack(points: readonly TrackPoint[]): CleanTrack | null {
  const steps: TrackStep[] = [];
  let [jumps, still, pausedS] = [0, 0, 0];
  let last = points[0];
  if (!last) return null;
  const first = last;
  for (const point of points.slice(1)) {
    const metres = distanceM(last, point);
    const seconds = point.ms !== null && last.ms !== null ? (point.ms - last.ms) / 1000 : null;
    // Time that runs back or stands is a receiver's error as well.
    if (seconds !== null && (seconds <= 0 || metres / seconds > JUMP_MPS)) {
      jumps++;
      continue;
    }
    if (metres < 0.01 || (seconds !== null && metres / seconds < STILL_MPS)) {
      still++;
      pausedS += seconds ?? 0;
      last = { ...last, ms: point.ms };
      continue;
    }
    steps.push({ from: last, to: point, metres, seconds });
    last = point;
  }
  return steps.length === 0 ? null : { first, steps, jumps, still, pausedS };
}

/**
 * A track cleaned and summed up: heights are the middle of five neighbours, slopes taken over 50 m, climbs counted from 3 m on. Null for less
 * than two points that move.
 */
export function trackReport(points: readonly TrackPoint[]): TrackReport | null {
  const clean = cleanTrack(points);
  if (!clean) return null;
  const { first, steps, jumps, still, pausedS } = clean;
  const heights = middles([first, ...steps.map((step) => step.to)].map((p) => p.eleM));
  const timed = steps.every((step) => step.seconds !== null);
  const speeds = steps.map(({ metres, seconds }) => ({ value: seconds ? metres / seconds : 0, weight: seconds ?? 0 }));
  let [alongM, north, east] = [0, 0, 0];
  const raw = steps.map(({ to, metres, seconds }, i) => {
    const from = i === 0 ? first : steps[i - 1]!.to;
    const heading = bearingDeg(from, to);
    alongM += metres;
    north += metres * Math.cos(heading * RAD);
    east += metres * Math.sin(heading * RAD);
    return { alongM, eleM: heights[i + 1]!, headingDeg: heading, speedMps: seconds ? metres / seconds : null };
  });
  const slopes = slopesOf([{ alongM: 0, eleM: heights[0]! }, ...raw]).slice(1);
  const [climbM, dropM] = climbs(heights);
  const known = slopes.filter((slope): slope is number => slope !== null);
  return {
    points: points.length,
    jumps,
    still,
    lengthM: alongM,
    movingS: timed ? speeds.reduce((sum, { weight }) => sum + weight, 0) : null,
    pausedS: timed ? pausedS : null,
    usualMps: timed ? weighted(speeds, 0.5) : null,
    fastMps: timed ? weighted(speeds, 0.9) : null,
    climbM,
    dropM,
    steepestDeg: known.length > 0 ? Math.max(0, -Math.atan(sorted(known)[0]!) / RAD) : null,
    headingDeg: (Math.atan2(east, north) / RAD + 360) % 360,
    oneWay: Math.hypot(north, east) / alongM,
    first,
    startMs: first.ms,
    along: raw.map((p, i) => ({ ...p, slope: slopes[i]! })),
  };
}

const NEIGHBOURS = 2;

/** Each height the middle one of its neighbours, which takes single errors out; null where none is known. */
function middles(heights: readonly (number | null)[]): readonly (number | null)[] {
  return heights.map((own, i) => {
    if (own === null) return null;
    const near = heights.slice(Math.max(0, i - NEIGHBOURS), i + NEIGHBOURS + 1).filter((h): h is number => h !== null);
    return sorted(near)[Math.floor(near.length / 2)]!;
  });
}

/** Rise over way between the points half a length before and after. */
function slopesOf(
  points: readonly { readonly alongM: number; readonly eleM: number | null }[],
): readonly (number | null)[] {
  let [low, high] = [0, 0];
  return points.map(({ alongM }) => {
    while (points[low]!.alongM < alongM - SMOOTH_M / 2) low++;
    while (high < points.length - 1 && points[high]!.alongM < alongM + SMOOTH_M / 2) high++;
    const [a, b] = [points[low]!, points[high]!];
    return a.eleM === null || b.eleM === null || b.alongM - a.alongM < SMOOTH_M / 4
      ? null
      : (b.eleM - a.eleM) / (b.alongM - a.alongM);
  });
}

/** Metres up and down, in steps that are more than noise. */
function climbs(heights: readonly (number | null)[]): readonly [number | null, number | null] {
  const known = heights.filter((h): h is number => h !== null);
  if (known.length < 2) return [null, null];
  let [up, down, at] = [0, 0, known[0]!];
  for (const height of known) {
    if (Math.abs(height - at) < CLIMB_STEP_M) continue;
    if (height > at) up += height - at;
    else down += at - height;
    at = height;
  }
  return [up, down];
}
