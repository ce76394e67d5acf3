import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'carbon',
  applies: { materials: ['carbon'], baseKinds: ['clamp', 'jaw'] },
  kind: 'caution',
  text: 'Draw a clamp on carbon by finger force alone, with a soft shim; look for white lines afterwards.',
  because: 'a thin tube is crushed before anything is seen',
  ask: ['the maker', 'the owner'],
  when: 'before mounting',
};

export default rule;
