import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'canopy',
  applies: { materials: ['acrylic canopy'] },
  kind: 'caution',
  text: 'Short lever only, no turning force; look for cracks after every flight.',
  because: 'a long lever on a cup can crack a canopy',
  ask: ['the owner', 'the maker'],
  when: 'before mounting',
};

export default rule;
