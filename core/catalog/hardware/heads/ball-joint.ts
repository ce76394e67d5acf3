import type { HeadDefinition } from '../../../src/words/kit/head';

const head: HeadDefinition = {
  id: 'ball-joint',
  name: 'Ball joint',
  notchDeg: { value: 0, source: { kind: 'common practice' } },
  turns: { pan: true, roll: true },
  massKg: { value: 0.035, source: { kind: 'estimate', low: 0.02, high: 0.06 } },
  stiffnessNmRad: { value: 60, source: { kind: 'estimate', low: 25, high: 140 } },
  slipNm: { value: 1.6, source: { kind: 'estimate', low: 0.8, high: 3 } },
  cost: 'a meal',
};

export default head;
