import type { WornPart } from '../../rig/definitions';
import { gogglesMeshes } from '../meshes/extremities';
import type { BodySegments } from '../segments';

/** Goggles on the face, worn with helmets that leave room for them. */
export function goggles(body: BodySegments): readonly WornPart[] {
  const { frame, pane } = gogglesMeshes(body);
  return [
    { id: 'goggles', name: 'goggle frame', group: 'face', tone: 'black', mesh: frame, on: 'head' },
    { id: 'gogglePane', name: 'goggle pane', group: 'face', tone: 'lens', mesh: pane, on: 'head' },
  ];
}
