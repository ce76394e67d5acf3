import { add, distance, mix, RIGHT, UP } from '../../../src/mathematics/geometry/vec3';
import type { Spot } from '../../../src/words/carrier/spot';
import { notDrilled } from '../notDrilled';
import type { BikeGeometry } from './bikeGeometry';

const WHEEL = 'Tether shorter than the way to the spokes.';

/** Rails and shell of the saddle from below, and the post under it, all facing back. @param atRails what else is said of the rails */
export function saddleSpots(g: BikeGeometry, postDiameterM: number, atRails: readonly string[] = []): readonly Spot[] {
  const clamp = add(g.saddleTop, [0, -0.05, 0]);
  const outM = distance(g.seatTubeTop, clamp);
  return [
    {
      id: 'under-saddle',
      name: 'Under the saddle, facing back',
      partId: 'saddleRails',
      aim: { from: add(g.saddleTop, [-0.09, -0.2, 0.0248]), toward: UP },
      reference: [-1, 0, 0],
      look: [-1, 0, 0],
      surface: { material: 'rail', shape: 'rail', tubeDiameterM: 0.007 },
      cautions: [WHEEL, ...atRails],
      note: 'looks at who follows; nobody notices it; gets the dirt',
    },
    {
      id: 'saddle-shell',
      name: 'Saddle shell, underside, facing back',
      partId: 'saddle',
      aim: { from: add(g.saddleTop, [-0.1, -0.2, 0]), toward: UP },
      reference: [-1, 0, 0],
      look: [-1, 0, 0],
      surface: {
        material: 'plastic',
        shape: 'flat',
        flatAreaM2: 0.0024,
        wallM: 0.003,
        ...notDrilled('a saddle is not drilled'),
      },
      cautions: [WHEEL, 'The shell flexes, and dirt is thrown at it: clean it before anything is stuck on.'],
      note: 'a light camera out of sight and out of the wind, looking at who follows',
    },
    {
      id: 'seat-post',
      name: 'Seatpost, facing back',
      partId: 'seatpost',
      aim: { from: add(mix(g.seatTubeTop, clamp, 0.55), [-0.4, 0, 0]), toward: [1, 0, 0] },
      reference: RIGHT,
      look: [-1, 0, 0],
      surface: { material: 'alloy tube', shape: 'tube', tubeDiameterM: postDiameterM, wallM: 0.002 },
      zone: {
        along: g.seatUp,
        nearerM: 0.3 * outM,
        fartherM: 0.25 * outM,
        mark: 'above the seat tube',
        usualM: 0.55 * outM,
      },
      cautions: [WHEEL, 'Thighs and shorts pass here; a post that drops needs its way.'],
      note: 'who follows, with the rear wheel below',
    },
  ];
}
