import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'propeller-stopped',
  applies: { traits: ['open propeller'] },
  kind: 'caution',
  text: 'Fit and change anything only with the engine off and unable to start.',
  because: 'people reach for a camera and forget what turns behind it',
  ask: ['the maker'],
  when: 'before mounting',
};

export default rule;
