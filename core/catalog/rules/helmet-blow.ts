import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'helmet-blow',
  applies: { worn: 'head' },
  kind: 'caution',
  text: 'Away from the temple and the face; after any blow to the helmet have it looked at or replace it.',
  because: 'a hard piece there is driven in by a fall, and a shell that took a blow takes no second one',
  ask: ['the maker'],
  when: 'after',
};

export default rule;
