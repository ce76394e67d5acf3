import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'after-ride',
  applies: {},
  kind: 'caution',
  text: 'Look at base, screws and tether, and note what slipped.',
  because: 'what has moved once moves further next time',
  ask: [],
  when: 'after',
};

export default rule;
