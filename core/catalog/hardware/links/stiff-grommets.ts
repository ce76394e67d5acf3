import type { LinkDefinition } from '../../../src/words/kit/link';

const link: LinkDefinition = {
  id: 'stiff-grommets',
  name: 'Plate on stiff grommets',
  kind: 'damper',
  lengthM: { low: 0.014, high: 0.025, source: { kind: 'estimate', low: 0.014, high: 0.025 } },
  massKg: { value: 0.02, source: { kind: 'estimate', low: 0.012, high: 0.035 } },
  bendLimitDeg: 0,
  radiusM: 0.024,
  stiffnessNM: { value: 60000, source: { kind: 'estimate', low: 30000, high: 120000 } },
  cost: 'a few coins',
};

export default link;
