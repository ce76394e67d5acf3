import type { Pose } from '../../mathematics/geometry/pose';
import { dot, subtract } from '../../mathematics/geometry/vec3';
import type { Lens } from '../../mathematics/lens/lens';
import type { RayGrid } from '../../mathematics/lens/rayGrid';
import type { Ground } from '../../words/carrier/land';
import type { PosedPart } from '../../words/carrier/posedPart';
import { lookBySimd, TALLY } from './kernel/simdLook';
import { freshSeen, measuresOf, measureFrame, noShares, WAY, WAY_SLOPE, type FrameMeasures } from './measureFrame';
import { cornerDirections, skyPlanes } from './skyLine';
import { lookUpFrame, type VisibilityCube } from './visibilityCube';

/**
 * What a lens at the cube's place shows, looked up and measured at once: by the kernel where the cube lies in its memory, else as measureFrame does.
 * Shares of both lie within a thousandth (measureLooked.test.ts).
 */
export function measureLooked(
  cube: VisibilityCube,
  grid: RayGrid,
  parts: readonly PosedPart[],
  lens: Lens,
  worldFromCamera: Pose,
  ground: Ground,
): FrameMeasures {
  const { position, rotation } = worldFromCamera;
  const { columns, rows } = grid;
  const sky = skyPlanes(rotation, ground);
  const overPoint = subtract(position, ground.point);
  const found =
    cube.slot &&
    lookBySimd(cube.slot, cube.size, grid, cornerDirections(lens, columns, rows), parts.length, [
      ...rotation,
      ...sky.ground,
      ...sky.level,
      ...ground.normal,
      ...ground.ahead,
      ...overPoint,
      dot(overPoint, ground.normal),
      WAY.fromM,
      WAY_SLOPE,
    ]);
  if (!found) return measureFrame(lookUpFrame(cube, rotation, grid), parts, lens, worldFromCamera, ground, false);
  const { whole, real } = found;
  const [shares, middle] = [noShares(), noShares()];
  Object.assign(shares, { sky: real[2]!, way: real[3]!, ground: real[4]! });
  Object.assign(middle, { sky: real[5]!, way: real[6]!, ground: real[7]! });
  const seen = freshSeen(parts.length, columns, rows);
  for (let part = 0; part < parts.length; part++) {
    const at = TALLY.head + part * TALLY.part;
    const cells = whole[at]!;
    if (cells === 0) continue;
    seen.cells[part] = cells;
    seen.inner[part] = whole[at + 1]!;
    seen.u[part] = whole[at + 2]! + 0.5 * cells;
    seen.v[part] = whole[at + 3]! + 0.5 * cells;
    seen.left[part] = whole[at + 4]!;
    seen.right[part] = whole[at + 5]!;
    seen.top[part] = whole[at + 6]!;
    seen.bottom[part] = whole[at + 7]!;
    seen.cut[part] = whole[at + 8]!;
    seen.nearestM[part] = real[at + 9]!;
  }
  return measuresOf(
    { seen, image: whole[0]!, innerImage: whole[1]!, shares, middle },
    parts,
    lens,
    worldFromCamera,
    ground,
  );
}
