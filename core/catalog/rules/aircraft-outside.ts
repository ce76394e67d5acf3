import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'aircraft-outside',
  applies: {
    families: ['aircraft'],
    sheltered: false,
    onMachine: true,
    without: ['nobody on board'],
  },
  approval: true,
  kind: 'caution',
  text: 'Outside of an aircraft only what is fastened physically and approved.',
  because: 'it changes drag and balance, and may not come off',
  ask: ['the licensed inspector', 'local rules'],
  when: 'before mounting',
};

export default rule;
