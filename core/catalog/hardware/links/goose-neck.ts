import type { LinkDefinition } from '../../../src/words/kit/link';

const link: LinkDefinition = {
  id: 'goose-neck',
  name: 'Goose neck',
  kind: 'goose neck',
  lengthM: { low: 0.12, high: 0.4, source: { kind: 'estimate', low: 0.12, high: 0.4 } },
  massKg: { value: 0.14, source: { kind: 'estimate', low: 0.09, high: 0.2 } },
  bendLimitDeg: 150,
  radiusM: 0.006,
  stiffnessNM: { value: 250, source: { kind: 'estimate', low: 100, high: 700 } },
  droopNm: { value: 0.7, source: { kind: 'estimate', low: 0.35, high: 1.4 } },
  cost: 'a meal',
};

export default link;
