import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'car-window',
  applies: { families: ['car'], links: ['pole', 'arm'] },
  kind: 'caution',
  text: 'Nobody holds anything out of a window while it moves.',
  because: 'what is struck there takes the arm along',
  ask: ['local rules'],
  when: 'under way',
};

export default rule;
