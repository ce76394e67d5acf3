import type { HeadDefinition } from '../../../src/words/kit/head';

const head: HeadDefinition = {
  id: 'finger-joint',
  name: 'Finger joint',
  notchDeg: { value: 7.5, source: { kind: 'estimate', low: 5, high: 15 } },
  turns: { pan: false, roll: false },
  massKg: { value: 0.008, source: { kind: 'estimate', low: 0.005, high: 0.012 } },
  stiffnessNmRad: { value: 90, source: { kind: 'estimate', low: 40, high: 200 } },
  slipNm: { value: 3.4, source: { kind: 'estimate', low: 2, high: 6 } },
  cost: 'a few coins',
};

export default head;
