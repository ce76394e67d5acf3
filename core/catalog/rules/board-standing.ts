import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'board-standing',
  applies: { traits: ['ridden standing'], onMachine: true },
  kind: 'caution',
  text: 'Leave the place where feet land and where you would fall clear of it.',
  because: 'a foot that lands on a camera slips off, and knees land on it',
  ask: [],
  when: 'before moving',
};

export default rule;
