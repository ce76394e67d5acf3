import { bootShaft } from '../../shapes/tallBoot';
import type { WornDefinition } from '../../../src/words/carrier/worn';
import riderBody from '../rider-body';

/** As the rider with a backpack, in tall stiff boots: a plate sits firmly on their shaft, and a shin is kept from it. */
const bootedBody: WornDefinition = {
  ...riderBody,
  id: 'booted-body',
  name: 'Rider with backpack, tall stiff boots',
  parts: (body) => [
    ...riderBody.parts(body),
    ...(['Left', 'Right'] as const).map((side) => ({
      id: `bootShaft${side}`,
      name: `${side.toLowerCase()} boot`,
      group: 'rider' as const,
      tone: 'shoe' as const,
      mesh: bootShaft(body),
      on: `shank${side}`,
    })),
  ],
  spots: (body) =>
    riderBody.spots(body).map((spot) =>
      spot.id === 'boot'
        ? {
            ...spot,
            name: 'Boot shaft, right, outside',
            partId: 'bootShaftRight',
            aim: { from: [0, 0.72 * body.shankM, -0.4], toward: [0, 0, 1] },
            reference: [0, -1, 0],
          }
        : spot,
    ),
};

export default bootedBody;
