import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'batteries',
  applies: {},
  kind: 'caution',
  text: 'Charge and carry lithium batteries away from heat, never swollen or dented ones; not on charge under way unless the maker allows it.',
  because: 'a cell that was hurt burns hours later',
  ask: ['the maker'],
  when: 'before moving',
};

export default rule;
