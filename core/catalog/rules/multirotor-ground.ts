import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'multirotor-ground',
  applies: { traits: ['nobody on board'] },
  kind: 'caution',
  text: 'Batteries out while you fit anything; weigh it all, and hover low before you fly away.',
  because: 'motors that start under the hands cut, and too much payload ends in a descent that nobody steers',
  ask: ['the maker', 'local rules'],
  when: 'before mounting',
};

export default rule;
