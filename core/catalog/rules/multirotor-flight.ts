import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'multirotor-flight',
  applies: { traits: ['nobody on board'] },
  kind: 'caution',
  text: 'Fly in sight, and over nobody.',
  because: 'what hangs under it comes down with it',
  ask: ['local rules'],
  when: 'under way',
};

export default rule;
