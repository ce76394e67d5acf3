import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'boat-under-water',
  applies: { traits: ['lies on the water'], onMachine: true },
  kind: 'caution',
  text: 'Have a knife in reach, and nothing below the water line that weed, lines or a rescuer’s hand catches on.',
  because: 'a boat that hangs by its camera turns across the stream',
  ask: ['the owner'],
  when: 'before moving',
};

export default rule;
