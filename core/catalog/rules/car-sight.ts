import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'car-sight',
  applies: { families: ['car'], sheltered: true },
  kind: 'caution',
  text: 'Out of the driver’s sight, and out of the way of every airbag.',
  because: 'an airbag throws what stands before it at whoever sits there',
  ask: ['the maker', 'local rules'],
  when: 'before mounting',
};

export default rule;
