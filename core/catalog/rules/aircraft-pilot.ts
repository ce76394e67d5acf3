import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'aircraft-pilot',
  applies: { families: ['aircraft'], sheltered: true },
  kind: 'caution',
  text: 'The pilot flies and handles no camera: start it before, let it run, leave it alone until after landing.',
  because: 'a head down in a cockpit is how aircraft are lost',
  ask: ['local rules'],
  when: 'under way',
};

export default rule;
