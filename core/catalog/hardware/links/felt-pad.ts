import type { LinkDefinition } from '../../../src/words/kit/link';

const link: LinkDefinition = {
  id: 'felt-pad',
  name: 'Thin felt pad',
  kind: 'pad',
  lengthM: { low: 0.002, high: 0.004, source: { kind: 'estimate', low: 0.002, high: 0.004 } },
  massKg: { value: 0.002, source: { kind: 'estimate', low: 0.001, high: 0.004 } },
  bendLimitDeg: 0,
  radiusM: 0.02,
  stiffnessNM: { value: 400000, source: { kind: 'estimate', low: 150000, high: 1000000 } },
  cost: 'a few coins',
};

export default link;
