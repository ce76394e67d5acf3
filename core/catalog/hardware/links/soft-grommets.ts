import type { LinkDefinition } from '../../../src/words/kit/link';

const link: LinkDefinition = {
  id: 'soft-grommets',
  name: 'Plate on soft grommets',
  kind: 'damper',
  lengthM: { low: 0.018, high: 0.03, source: { kind: 'estimate', low: 0.018, high: 0.03 } },
  massKg: { value: 0.018, source: { kind: 'estimate', low: 0.01, high: 0.03 } },
  halfMeasure: true,
  bendLimitDeg: 0,
  radiusM: 0.022,
  stiffnessNM: { value: 1400, source: { kind: 'estimate', low: 600, high: 3000 } },
  cost: 'a few coins',
};

export default link;
