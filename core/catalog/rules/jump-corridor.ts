import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'jump-corridor',
  applies: {
    families: ['aircraft'],
    sheltered: false,
    onMachine: true,
    without: ['nobody on board', 'hangs from lines'],
    venues: ['airfield'],
  },
  kind: 'caution',
  text: 'Keep clear of doors, steps and the way that anybody takes who leaves the aircraft.',
  because: 'a line, a handle or a sleeve that catches there cannot be freed',
  ask: ['the licensed inspector', 'the organiser'],
  when: 'before mounting',
};

export default rule;
