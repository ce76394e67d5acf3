import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'boat-sheets',
  applies: { families: ['boat'], onMachine: true },
  kind: 'caution',
  text: 'Nothing that catches sheets, a paddle or the crew; tie it on twice.',
  because: 'a line round a camera holds a boat where it must not be held',
  ask: ['the owner', 'local rules'],
  when: 'before moving',
};

export default rule;
