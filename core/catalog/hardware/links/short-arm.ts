import type { LinkDefinition } from '../../../src/words/kit/link';

const link: LinkDefinition = {
  id: 'short-arm',
  name: 'Short arm',
  kind: 'arm',
  lengthM: { low: 0.03, high: 0.08, source: { kind: 'estimate', low: 0.03, high: 0.08 } },
  massKg: { value: 0.022, source: { kind: 'estimate', low: 0.015, high: 0.035 } },
  bendLimitDeg: 100,
  radiusM: 0.007,
  stiffnessNM: { value: 330000, source: { kind: 'estimate', low: 110000, high: 900000 } },
  cost: 'a few coins',
};

export default link;
