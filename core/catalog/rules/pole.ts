import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'pole',
  applies: { links: ['pole'] },
  kind: 'caution',
  text: 'A pole only where it is clear all round: power lines, branches, people; a minute at a time.',
  because: 'its end is where nobody looks',
  ask: ['local rules', 'the organiser'],
  when: 'under way',
};

export default rule;
