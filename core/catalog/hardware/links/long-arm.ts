import type { LinkDefinition } from '../../../src/words/kit/link';

const link: LinkDefinition = {
  id: 'long-arm',
  name: 'Long arm',
  kind: 'arm',
  lengthM: { low: 0.1, high: 0.3, source: { kind: 'estimate', low: 0.1, high: 0.3 } },
  massKg: { value: 0.075, source: { kind: 'estimate', low: 0.05, high: 0.12 } },
  bendLimitDeg: 100,
  radiusM: 0.009,
  stiffnessNM: { value: 12000, source: { kind: 'estimate', low: 4500, high: 30000 } },
  cost: 'a meal',
};

export default link;
