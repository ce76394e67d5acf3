import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'paramotor-lines',
  applies: { traits: ['hangs from lines'] },
  kind: 'caution',
  text: 'Lay the wing out and look that no line can reach the camera, its arm or its tether, nor the reserve’s handle.',
  because: 'a line that catches at the launch turns the wing; one round the reserve keeps it shut',
  ask: ['the maker', 'local rules'],
  when: 'before moving',
};

export default rule;
