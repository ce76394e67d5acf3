import type { Spot } from '../../../words/carrier/spot';
import { UP } from '../../../mathematics/geometry/vec3';

/** Between the teeth: with everything on the head that leaves the mouth free. */
export const MOUTH_SPOT: Spot = {
  id: 'mouth',
  name: 'Mouth, bite piece',
  partId: 'head',
  aim: { from: [0.4, -0.075, 0], toward: [-1, 0, 0] },
  reference: UP,
  look: [1, 0, 0],
  surface: { material: 'teeth', shape: 'mouth' },
  cautions: ['Only for short takes: it hinders breathing and calling, and a fall drives it into the teeth.'],
  note: 'always at hand, quick, eyes and picture agree',
};
