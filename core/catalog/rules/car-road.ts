import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'car-road',
  applies: { families: ['car'], sheltered: false, venues: ['public-road'] },
  kind: 'caution',
  text: 'On public roads: sharp edges, plates and lights, and what may stick out are regulated.',
  because: 'what comes off at speed hits whoever follows',
  ask: ['local rules', 'the owner'],
  when: 'before moving',
};

export default rule;
