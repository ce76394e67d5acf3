import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'filming-others',
  applies: {},
  kind: 'caution',
  text: 'Tell the people that you film and record; many places ask for their leave before voices and faces are shown.',
  because: 'what is taken once cannot be taken back',
  ask: ['local rules'],
  when: 'under way',
};

export default rule;
