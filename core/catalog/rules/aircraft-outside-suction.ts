import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'aircraft-outside-suction',
  applies: { families: ['aircraft'], baseKinds: ['suction'], sheltered: false },
  kind: 'stop',
  text: 'No suction outside an aircraft, whatever the margin: fasten it physically, with approval.',
  because: 'cups let go as the pressure outside changes, and what falls hits the tail or somebody below',
  ask: ['the licensed inspector', 'local rules'],
  when: 'before mounting',
};

export default rule;
