import type { LinkDefinition } from '../../../src/words/kit/link';

const link: LinkDefinition = {
  id: 'stiff-arm',
  name: 'Stiff double arm',
  kind: 'arm',
  lengthM: { low: 0.12, high: 0.25, source: { kind: 'estimate', low: 0.12, high: 0.25 } },
  massKg: { value: 0.21, source: { kind: 'estimate', low: 0.14, high: 0.3 } },
  bendLimitDeg: 100,
  radiusM: 0.013,
  stiffnessNM: { value: 52000, source: { kind: 'estimate', low: 17000, high: 140000 } },
  cost: 'a day out',
};

export default link;
