import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'board-waves',
  applies: { traits: ['others in the waves'] },
  kind: 'caution',
  text: 'Leash on, and no camera where others paddle close by; a board that is let go hits with what is on it.',
  because: 'others in the line-up cannot see it coming',
  ask: ['local rules'],
  when: 'under way',
};

export default rule;
