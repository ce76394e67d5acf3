import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'beside-course',
  applies: { families: ['beside'] },
  kind: 'caution',
  text: 'Stand and set up where nobody can ride into it: nothing on the track, marshals and the owner asked, spectators kept back.',
  because: 'who comes round a bend looks at the line, not at a tripod',
  ask: ['the organiser', 'the owner'],
  when: 'before mounting',
};

export default rule;
