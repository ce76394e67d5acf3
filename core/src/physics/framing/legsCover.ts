import { sameFor } from '../../mathematics/caching/sameFor';
import { compose, transformPoint, type Pose } from '../../mathematics/geometry/pose';
import { distance } from '../../mathematics/geometry/vec3';
import { rayGrid, rowsFor } from '../../mathematics/lens/rayGrid';
import type { Lens } from '../../mathematics/lens/lens';
import type { Sweep } from '../../posing/rig/sweep';
import type { PosedPart } from '../../words/carrier/posedPart';
import { castFrame, NO_PART } from './castFrame';
import { patchesOf } from './patches';

/** Farther off no leg covers a picture, metres. */
const NEAR_M = 0.3;
/** From this share of it on a picture is covered. Estimate 0.4 to 0.6. */
const COVERED = 0.5;
const COLUMNS = 16;

/** The legs at each step of a turn of the cranks. */
const turnOf = sameFor(({ rig, moves, steps }: Sweep): readonly (readonly PosedPart[])[] => {
  const legs = rig.parts.filter((part) => part.group === 'rider' && moves(part));
  return steps.map((step) => legs.map((part) => ({ ...part, worldFromPart: compose(step(part), part.worldFromPart) })));
});

const gridOf = sameFor((lens: Lens) => rayGrid(lens, COLUMNS, rowsFor(lens, COLUMNS)));

/**
 * Share of each turn of the cranks for which legs take more than half of the picture: thighs come up before a camera on hips or belly. 0 where
 * nobody pedals, and for what goes round with them. @param partId what the camera sits on
 */
export function legsCover(legs: Sweep | undefined, partId: string, lens: Lens, worldFromCamera: Pose): number {
  const carrier = legs?.rig.byId.get(partId);
  if (!legs || (carrier && legs.moves(carrier))) return 0;
  const turn = turnOf(legs);
  const covered = turn.filter((parts) => {
    const near = parts.filter(({ mesh, worldFromPart }) => {
      const { centre, radiusM } = patchesOf(mesh);
      return distance(transformPoint(worldFromPart, centre), worldFromCamera.position) - radiusM < NEAR_M;
    });
    if (near.length === 0) return false;
    const { part } = castFrame(near, worldFromCamera, gridOf(lens));
    return part.reduce((sum, at) => sum + (at === NO_PART ? 0 : 1), 0) > COVERED * part.length;
  });
  return covered.length / turn.length;
}
