import type { LinkDefinition } from '../../../src/words/kit/link';

const link: LinkDefinition = {
  id: 'spring-arm',
  name: 'Spring arm',
  kind: 'spring arm',
  lengthM: { low: 0.3, high: 0.3, source: { kind: 'estimate', low: 0.25, high: 0.4 } },
  massKg: { value: 1.4, source: { kind: 'estimate', low: 0.8, high: 2.2 } },
  bendLimitDeg: 100,
  radiusM: 0.009,
  stiffnessNM: { value: 30000, source: { kind: 'estimate', low: 10000, high: 80000 } },
  joint: {
    slipNm: { value: 22, source: { kind: 'estimate', low: 12, high: 45 } },
    stiffnessNmRad: { value: 900, source: { kind: 'estimate', low: 400, high: 2500 } },
  },
  spring: {
    frequencyHz: { value: 1.6, source: { kind: 'estimate', low: 1, high: 2.5 } },
    dampingRatio: { value: 0.25, source: { kind: 'estimate', low: 0.12, high: 0.45 } },
    carriesKg: { low: 0.9, high: 4 },
    travelM: 0.06,
  },
  cost: 'a weekend',
};

export default link;
