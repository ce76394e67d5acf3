import type { MachineShake } from '../../../src/words/carrier/machineShake';
import { axle } from '../../../src/posing/building/shakeFigures';
import { estimated } from '../../../src/words/sourced/estimated';
import { shake as hardtail } from '../mountain-bike/shake';

/** The frame hangs between fork and shock; the swing arm moves with the wheel behind. Estimates; the rest is as on a hardtail. */
export const shake: MachineShake = {
  ...hardtail,
  ride: {
    kind: 'wheels',
    front: axle('sprung', 0.78, [2.6, 1.9, 3.6], [16, 12, 22], [0.12, 0.09, 0.17], [0.45, 0.3, 0.7]),
    rear: axle('sprung', -0.44, [2.3, 1.7, 3.2], [13, 10, 17], [0.14, 0.1, 0.2], [0.4, 0.25, 0.6]),
    trackM: null,
    contactM: estimated(0.09, 0.06, 0.14),
    middleHighM: estimated(0.65, 0.5, 0.78),
  },
  withWheel: { rearTriangle: 'rear' },
};
