import type { HeadDefinition } from '../../../src/words/kit/head';

/** A washer under the screw, so that the thread draws the fingers together, and a rubber plug in the gap that is left. */
const head: HeadDefinition = {
  id: 'snug-finger-joint',
  name: 'Finger joint, washer and plug',
  notchDeg: { value: 7.5, source: { kind: 'estimate', low: 5, high: 15 } },
  turns: { pan: false, roll: false },
  massKg: { value: 0.01, source: { kind: 'estimate', low: 0.007, high: 0.014 } },
  stiffnessNmRad: { value: 130, source: { kind: 'estimate', low: 60, high: 270 } },
  slipNm: { value: 3.8, source: { kind: 'estimate', low: 2.2, high: 6.5 } },
  playShare: { value: 0.25, source: { kind: 'estimate', low: 0.1, high: 0.5 } },
  cost: 'a few coins',
};

export default head;
