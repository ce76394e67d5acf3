import type { LinkDefinition } from '../../../src/words/kit/link';

const link: LinkDefinition = {
  id: 'medium-pole',
  name: 'Pole, medium',
  kind: 'pole',
  lengthM: { low: 0.25, high: 1.0, source: { kind: 'estimate', low: 0.25, high: 1.0 } },
  massKg: { value: 0.16, source: { kind: 'estimate', low: 0.1, high: 0.24 } },
  bendLimitDeg: 100,
  radiusM: 0.011,
  stiffnessNM: { value: 5800, source: { kind: 'estimate', low: 1900, high: 15000 } },
  lock: {
    turnsNm: { value: 0.8, source: { kind: 'estimate', low: 0.3, high: 2 } },
    slidesN: { value: 60, source: { kind: 'estimate', low: 25, high: 140 } },
  },
  cost: 'a meal',
};

export default link;
