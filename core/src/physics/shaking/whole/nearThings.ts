import { rotate } from '../../../mathematics/geometry/rotation';
import { rayGrid, rowsFor } from '../../../mathematics/lens/rayGrid';
import type { Lens } from '../../../mathematics/lens/lens';
import type { Pose } from '../../../mathematics/geometry/pose';
import type { PosedPart } from '../../../words/carrier/posedPart';
import { partRays, solidOf } from '../../light/partRays';

/** What lies further away shifts too little to be seen against a camera that moves by millimetres. */
const NEAR_M = 1.5;
/** Nearer than this a thing fills the picture and is out of focus: estimate. */
const NEAREST_M = 0.2;
const COLUMNS = 6;

/**
 * How near what rides along is in the picture: mean over the picture of 1/d², 1/m², for machine and rider within 1.5 m; 0 where none is. A
 * camera that moves by x against them shifts them by x·f/d, so that the whole picture's mean square is x²·f²·this.
 */
export function nearness(parts: readonly PosedPart[], lens: Lens, { position, rotation }: Pose): number {
  const { directions, columns, rows } = rayGrid(lens, COLUMNS, rowsFor(lens, COLUMNS));
  const rays = partRays(solidOf(parts));
  let sum = 0;
  for (let i = 0; i < directions.length; i += 3) {
    const [x, y, z] = [directions[i]!, directions[i + 1]!, directions[i + 2]!];
    if (Number.isNaN(x)) continue;
    const hit = rays.nearest(position, rotate(rotation, [x, y, z]), NEAR_M);
    if (hit) sum += 1 / Math.max(hit.distanceM, NEAREST_M) ** 2;
  }
  return sum / (columns * rows);
}
