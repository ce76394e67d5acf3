import type { LinkDefinition } from '../../../src/words/kit/link';

const link: LinkDefinition = {
  id: 'stand-off-hook',
  name: 'Stand-off hook',
  kind: 'hook',
  lengthM: { low: 0.02, high: 0.045, source: { kind: 'estimate', low: 0.02, high: 0.045 } },
  massKg: { value: 0.014, source: { kind: 'estimate', low: 0.009, high: 0.02 } },
  bendLimitDeg: 100,
  radiusM: 0.006,
  stiffnessNM: { value: 375000, source: { kind: 'estimate', low: 110000, high: 1100000 } },
  cost: 'a few coins',
};

export default link;
