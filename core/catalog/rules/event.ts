import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'event',
  applies: { venues: ['event'] },
  kind: 'caution',
  text: 'Have the mount passed at the inspection of the event; many let no camera onto a helmet.',
  because: 'organisers answer for what flies off, and their insurance asks',
  ask: ['the organiser'],
  when: 'before mounting',
};

export default rule;
