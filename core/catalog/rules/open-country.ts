import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'open-country',
  applies: { venues: ['open-country'] },
  kind: 'caution',
  text: 'Others are on the hill: check what is let go of, and film nobody who does not want it.',
  because: 'a lost camera lies where the next one falls',
  ask: ['local rules'],
  when: 'under way',
};

export default rule;
