import type { LinkDefinition } from '../../../src/words/kit/link';

const link: LinkDefinition = {
  id: 'riser',
  name: 'Riser',
  kind: 'riser',
  lengthM: { low: 0.015, high: 0.05, source: { kind: 'estimate', low: 0.015, high: 0.05 } },
  massKg: { value: 0.018, source: { kind: 'estimate', low: 0.01, high: 0.025 } },
  bendLimitDeg: 0,
  radiusM: 0.008,
  stiffnessNM: { value: 4400000, source: { kind: 'estimate', low: 1500000, high: 12000000 } },
  cost: 'a few coins',
};

export default link;
