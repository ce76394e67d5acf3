import type { MachineShake } from '../../../src/words/carrier/machineShake';
import { HARD_SEAT, shakeShares } from '../../../src/posing/building/shakeFigures';

/** It stands; what moves is a little wind, or whoever holds it. Estimates. */
export const shake: MachineShake = {
  ride: { kind: 'still' },
  ...shakeShares([0.3, 0.1, 0.6], [0.3, 0.1, 0.6], [0.02, 0.005, 0.06], 2),
  lines: [],
  flex: {},
  rider: { feetXM: 0, seatXM: 0, seatedIn: [], seat: HARD_SEAT, effort: 'sitting' },
};
