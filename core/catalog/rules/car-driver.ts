import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'car-driver',
  applies: { families: ['car'] },
  kind: 'caution',
  text: 'The driver handles no camera: start it before, or let a passenger do it.',
  because: 'a look away is the way that people are hit',
  ask: ['local rules'],
  when: 'under way',
};

export default rule;
