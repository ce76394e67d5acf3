import { openShell, type OpenShell } from '../../../src/posing/building/helmets/openShell';
import { helmetSpots } from '../../../src/posing/building/helmets/helmetSpots';
import { goggles } from '../../../src/posing/building/helmets/goggles';
import { MOUTH_SPOT } from '../../../src/posing/building/helmets/mouthSpot';
import type { WornDefinition } from '../../../src/words/carrier/worn';

/** Outer measures of a snow helmet with ear pads, size M to L: common practice, ± 8 %. */
const SHAPE: OpenShell = {
  rounds: [
    { y: 0.146, front: 0.002, back: 0.002, half: 0.002 },
    { y: 0.1445, front: 0.034, back: 0.038, half: 0.032 },
    { y: 0.137, front: 0.065, back: 0.074, half: 0.06 },
    { y: 0.122, front: 0.09, back: 0.103, half: 0.083 },
    { y: 0.1, front: 0.108, back: 0.123, half: 0.1 },
    { y: 0.074, front: 0.119, back: 0.134, half: 0.109 },
    { y: 0.046, front: 0.123, back: 0.136, half: 0.112 },
    { y: 0.016, front: 0.121, back: 0.13, half: 0.111 },
    { y: -0.016, front: 0.114, back: 0.12, half: 0.106 },
    { y: -0.046, front: 0.104, back: 0.108, half: 0.1 },
    { y: -0.068, front: 0.094, back: 0.096, half: 0.094 },
  ],
  thicknessM: 0.018,
  browM: 0.118,
  earM: 0.0,
  grooves: 0,
  grooveM: 0,
};

const helmet: WornDefinition = {
  kind: 'worn',
  id: 'snow-helmet',
  name: 'Snow helmet with goggles',
  place: 'head',
  parts: (body) => [
    {
      id: 'helmetShell',
      name: 'helmet',
      group: 'rider',
      tone: 'trim',
      mesh: openShell(SHAPE, body.statureM),
      on: 'head',
    },
    ...goggles(body),
  ],
  spots: () => [
    ...helmetSpots({
      top: { from: [0.025, 0.4, 0.0], note: 'high and steady, flattens the slope' },
      side: { from: [0.0, 0.05, -0.4], note: 'steady, clear of the goggle strap, can face back' },
    }),
    MOUTH_SPOT,
  ],
};

export default helmet;
