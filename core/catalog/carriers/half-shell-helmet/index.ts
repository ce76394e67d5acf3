import { openShell, type OpenShell } from '../../../src/posing/building/helmets/openShell';
import { helmetSpots } from '../../../src/posing/building/helmets/helmetSpots';
import { MOUTH_SPOT } from '../../../src/posing/building/helmets/mouthSpot';
import type { WornDefinition } from '../../../src/words/carrier/worn';

/** Outer measures of an open trail helmet, size M to L: common practice, ± 8 %. */
const SHAPE: OpenShell = {
  rounds: [
    { y: 0.15, front: 0.002, back: 0.002, half: 0.002 },
    { y: 0.1485, front: 0.035, back: 0.04, half: 0.032 },
    { y: 0.141, front: 0.066, back: 0.078, half: 0.058 },
    { y: 0.126, front: 0.092, back: 0.108, half: 0.079 },
    { y: 0.105, front: 0.112, back: 0.13, half: 0.094 },
    { y: 0.08, front: 0.125, back: 0.142, half: 0.103 },
    { y: 0.055, front: 0.131, back: 0.143, half: 0.107 },
    { y: 0.03, front: 0.13, back: 0.136, half: 0.106 },
    { y: 0.004, front: 0.124, back: 0.124, half: 0.101 },
    { y: -0.018, front: 0.116, back: 0.112, half: 0.096 },
  ],
  thicknessM: 0.021,
  browM: 0.062,
  earM: 0.022,
  grooves: 7,
  grooveM: 0.016,
};

const helmet: WornDefinition = {
  kind: 'worn',
  id: 'half-shell-helmet',
  name: 'Half-shell helmet',
  place: 'head',
  parts: (body) => [
    {
      id: 'helmetShell',
      name: 'helmet',
      group: 'rider',
      tone: 'shell',
      mesh: openShell(SHAPE, body.statureM),
      on: 'head',
    },
  ],
  spots: () => [
    ...helmetSpots({
      top: { from: [0.025, 0.4, 0.0], note: 'high and steady; between the vents, where the shell is even' },
      side: { from: [-0.01, 0.06, -0.4], note: 'steady, a little helmet in the frame, can face back' },
    }),
    MOUTH_SPOT,
  ],
};

export default helmet;
