import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'public-road',
  applies: { venues: ['public-road'] },
  kind: 'caution',
  text: 'On a public road nothing is touched under way, and what sticks out or may fall is kept from others.',
  because: 'whoever follows cannot get out of the way of a camera',
  ask: ['local rules'],
  when: 'before moving',
};

export default rule;
