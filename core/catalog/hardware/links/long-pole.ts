import type { LinkDefinition } from '../../../src/words/kit/link';

const link: LinkDefinition = {
  id: 'long-pole',
  name: 'Pole, long',
  kind: 'pole',
  lengthM: { low: 0.6, high: 3.0, source: { kind: 'estimate', low: 0.6, high: 3.0 } },
  massKg: { value: 0.42, source: { kind: 'estimate', low: 0.3, high: 0.65 } },
  bendLimitDeg: 100,
  radiusM: 0.014,
  stiffnessNM: { value: 830, source: { kind: 'estimate', low: 280, high: 2100 } },
  lock: {
    turnsNm: { value: 1, source: { kind: 'estimate', low: 0.4, high: 2.5 } },
    slidesN: { value: 70, source: { kind: 'estimate', low: 30, high: 160 } },
  },
  cost: 'a day out',
};

export default link;
