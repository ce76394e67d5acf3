import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'helmet',
  applies: { worn: 'head' },
  kind: 'caution',
  text: 'A mount on a helmet must let go in a fall; no drilling, nothing sharp.',
  because: 'anything rigid changes how a shell takes a blow, and can catch',
  ask: ['the maker', 'the organiser', 'local rules'],
  when: 'before mounting',
};

export default rule;
