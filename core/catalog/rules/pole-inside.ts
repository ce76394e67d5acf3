import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'pole-inside',
  applies: { links: ['pole'], sheltered: true },
  kind: 'stop',
  text: 'No pole inside a cabin or cockpit.',
  because: 'there is no room to swing it, and it stands in everybody’s way',
  ask: [],
  when: 'before mounting',
};

export default rule;
