import type { LinkDefinition } from '../../../src/words/kit/link';

const link: LinkDefinition = {
  id: 'damper-plate',
  name: 'Damper plate',
  kind: 'damper',
  lengthM: { low: 0.03, high: 0.05, source: { kind: 'estimate', low: 0.03, high: 0.05 } },
  massKg: { value: 0.055, source: { kind: 'estimate', low: 0.035, high: 0.09 } },
  bendLimitDeg: 0,
  radiusM: 0.032,
  stiffnessNM: { value: 3000, source: { kind: 'estimate', low: 800, high: 8000 } },
  leverShare: { value: 0.3, source: { kind: 'estimate', low: 0.15, high: 0.6 } },
  cost: 'a day out',
};

export default link;
