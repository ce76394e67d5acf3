import type { HeadDefinition } from '../../../src/words/kit/head';

/** Turns and tilts by two screws: firm anywhere, does not roll. */
const head: HeadDefinition = {
  id: 'swivel-head',
  name: 'Swivel head',
  notchDeg: { value: 0, source: { kind: 'common practice' } },
  turns: { pan: true, roll: false },
  massKg: { value: 0.06, source: { kind: 'estimate', low: 0.04, high: 0.1 } },
  stiffnessNmRad: { value: 140, source: { kind: 'estimate', low: 70, high: 300 } },
  slipNm: { value: 4, source: { kind: 'estimate', low: 2, high: 8 } },
  cost: 'a meal',
};

export default head;
