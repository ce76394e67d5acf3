import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'aircraft-balance',
  applies: {
    families: ['aircraft'],
    sheltered: false,
    onMachine: true,
    without: ['nobody on board', 'hangs from lines'],
  },
  kind: 'caution',
  text: 'Weigh camera and mount and put them into weight and balance; look at them for flutter on the first slow flight.',
  because: 'far out on a wing a few hundred grams change how it rolls and how it shakes',
  ask: ['the licensed inspector'],
  when: 'before moving',
};

export default rule;
