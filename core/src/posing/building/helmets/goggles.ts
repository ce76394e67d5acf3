import type { WornPart } from '../../../words/carrier/worn';
import { gogglesMeshes } from '../../body/meshes/extremities';
import type { BodySegments } from '../../../words/carrier/bodySegments';

/** Goggles on the face, worn with helmets that leave room for them. */
export function goggles(body: BodySegments): readonly WornPart[] {
  const { frame, pane } = gogglesMeshes(body);
  return [
    { id: 'goggles', name: 'goggle frame', group: 'face', tone: 'black', mesh: frame, on: 'head' },
    { id: 'gogglePane', name: 'goggle pane', group: 'face', tone: 'lens', mesh: pane, on: 'head' },
  ];
}
