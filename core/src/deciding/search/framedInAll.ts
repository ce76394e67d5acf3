import { coarseFramed, coarseStance, type CoarseFor } from '../../physics/framing/sightlines';
import type { FramedSetUp } from '../../physics/framing/stanceFrame';
import type { Sketch } from './spotted';

/** A sketch's pictures in all stances, looked up as finely as what they are for needs. */
export const framedInAll = ({ sightlines, resolved, action }: Sketch, what: CoarseFor): FramedSetUp =>
  coarseFramed(
    sightlines,
    resolved,
    sightlines.scene.ridden.map((posed, i) =>
      i === 0 && what === 'ranked' ? action : coarseStance(sightlines, resolved, posed, what),
    ),
  );
