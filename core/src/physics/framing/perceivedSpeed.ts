import { rotationFromPanTiltRoll } from '../../mathematics/geometry/rotation';
import { transformDirection, type Pose } from '../../mathematics/geometry/pose';
import type { Vec3 } from '../../mathematics/geometry/vec3';
import type { RayGrid } from '../../mathematics/lens/rayGrid';
import type { Ground } from '../../words/carrier/land';
import { NO_PART, type CastFrame } from './castFrame';
import { heightAboveGround } from '../../posing/rig/groundHit';
import { travelDirection } from './measureFrame';

/**
 * Angular speed at which a ground point streams by, rad/s: ω = v·sin α / d for a point at distance d seen at angle α to
 * the motion. A point straight below at height h streams at v/h.
 */
export const streamingRadS = (speedMps: number, travel: Vec3, direction: Vec3, distanceM: number): number => {
  const along = travel[0] * direction[0] + travel[1] * direction[1] + travel[2] * direction[2];
  return (speedMps * Math.sqrt(Math.max(0, 1 - along * along))) / distanceM;
};

function median(values: Float64Array): number | null {
  if (values.length === 0) return null;
  values.sort();
  const middle = values.length >> 1;
  return values.length % 2 === 1 ? values[middle]! : (values[middle - 1]! + values[middle]!) / 2;
}

/** Median streaming over the ground that the frame shows, rad/s at 1 m/s; null when it shows none. */
export function medianStreaming(cast: CastFrame, origin: Vec3, ground: Ground): number | null {
  const travel = travelDirection(ground);
  const [nx, ny, nz] = ground.normal;
  const height = heightAboveGround(ground, origin);
  const values = new Float64Array(cast.part.length);
  let count = 0;
  for (let i = 0; i < cast.part.length; i++) {
    if (cast.part[i] !== NO_PART) continue;
    const x = cast.directions[i * 3]!;
    const y = cast.directions[i * 3 + 1]!;
    const z = cast.directions[i * 3 + 2]!;
    const down = x * nx + y * ny + z * nz;
    if (down >= -1e-9 || height <= 0) continue;
    values[count++] = streamingRadS(1, travel, [x, y, z], -height / down);
  }
  return median(values.subarray(0, count));
}

const known = new WeakMap<RayGrid, Map<string, number | null>>();

/** What the rider's own eyes see with the same frame pointed level ahead and nothing in the way: the 1.0 of the speed feel. Kept with the grid. */
export function eyeStreaming(grid: RayGrid, eyes: Vec3, ground: Ground): number | null {
  const ofGrid = known.get(grid) ?? new Map<string, number | null>();
  known.set(grid, ofGrid);
  const key = [...eyes, ...ground.point, ...ground.normal, ...ground.ahead].join(' ');
  const kept = ofGrid.get(key);
  if (kept !== undefined) return kept;
  if (ofGrid.size >= MOST_KEPT) ofGrid.clear();
  const made = streamingFrom(grid, eyes, ground);
  ofGrid.set(key, made);
  return made;
}

/** Places of eyes that are kept for a grid. */
const MOST_KEPT = 60;

function streamingFrom(grid: RayGrid, eyes: Vec3, ground: Ground): number | null {
  const level: Pose = { position: eyes, rotation: rotationFromPanTiltRoll({ panDeg: 0, tiltDeg: 0, rollDeg: 0 }) };
  const cells = grid.columns * grid.rows;
  const directions = new Float64Array(cells * 3);
  for (let i = 0; i < cells; i++) {
    const d: Vec3 = [grid.directions[i * 3]!, grid.directions[i * 3 + 1]!, grid.directions[i * 3 + 2]!];
    directions.set(transformDirection(level, d), i * 3);
  }
  const part = Int16Array.from({ length: cells }, (_, i) => (Number.isNaN(grid.directions[i * 3]!) ? -2 : NO_PART));
  return medianStreaming(
    {
      columns: grid.columns,
      rows: grid.rows,
      part,
      directions,
      distanceM: new Float64Array(0),
      triangle: new Int32Array(0),
    },
    eyes,
    ground,
  );
}
