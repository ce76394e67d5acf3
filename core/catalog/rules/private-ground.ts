import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'private-ground',
  applies: { venues: ['private-ground'] },
  kind: 'caution',
  text: 'Have leave to ride and to film, and know who else is on the ground.',
  because: 'marshals and vehicles move where the public does not',
  ask: ['the owner'],
  when: 'before mounting',
};

export default rule;
