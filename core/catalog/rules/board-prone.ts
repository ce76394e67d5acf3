import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'board-prone',
  applies: { traits: ['lies on the water'], worn: 'body' },
  kind: 'caution',
  text: 'Nothing hard under ribs or breastbone for who may fall flat or lies on it.',
  because: 'a flat fall on water presses it in',
  ask: [],
  when: 'before moving',
};

export default rule;
