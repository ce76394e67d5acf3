import { rayGrid } from '../../../mathematics/lens/rayGrid';
import { castFrame } from '../../../physics/framing/castFrame';
import { poseRig } from '../../../posing/rig/poseRig';
import { poseStrut } from '../../../posing/strut/kinematics';
import { ownParts } from '../../../posing/strut/ownParts';
import { resolveSetUp } from '../../../posing/strut/resolveSetUp';
import { SET_UP_STANCE_ID } from '../../../words/carrier/stance';
import type { RigSpec } from '../../../words/rig/rigSpec';
import type { SetUp } from '../../../words/setUp/setUp';

/** Where in a picture rider, machine and strut are: they ride along with the camera and say nothing of its turning. */
export interface RidesAlong {
  readonly columns: number;
  readonly rows: number;
  /** 1 where they are, row by row from the top. */
  readonly covered: Uint8Array;
}

const COLUMNS = 48;

/** What is expected to ride along, from the set-up in its action stance. */
export function ridesAlong(rig: RigSpec, setUp: SetUp, actionStanceId: string): RidesAlong {
  const resolved = resolveSetUp(rig, setUp);
  const action = poseRig(rig, actionStanceId);
  const strut = poseStrut(resolved, poseRig(rig, SET_UP_STANCE_ID), action);
  const rows = Math.max(2, Math.round((COLUMNS * resolved.lens.heightPx) / resolved.lens.widthPx));
  const parts = [...action.parts, ...ownParts(resolved, strut)];
  const { part } = castFrame(parts, strut.worldFromCamera, rayGrid(resolved.lens, COLUMNS, rows));
  return { columns: COLUMNS, rows, covered: Uint8Array.from(part, (index) => (index >= 0 ? 1 : 0)) };
}

/** A block of about an eighth of the width, by its middle as fractions: is half of it or more what rides along? */
export function ridesAt({ columns, rows, covered }: RidesAlong, x: number, y: number): boolean {
  const half = Math.round(columns / 16);
  let [count, hit] = [0, 0];
  for (let j = Math.round(y * rows) - half; j < Math.round(y * rows) + half; j++) {
    for (let i = Math.round(x * columns) - half; i < Math.round(x * columns) + half; i++) {
      if (i < 0 || j < 0 || i >= columns || j >= rows) continue;
      count++;
      hit += covered[j * columns + i]!;
    }
  }
  return count > 0 && hit >= count / 2;
}
