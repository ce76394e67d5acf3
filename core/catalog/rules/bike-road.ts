import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'bike-road',
  applies: { traits: ['handlebar'], onMachine: true, venues: ['public-road'] },
  kind: 'caution',
  text: 'Lamps, reflectors and plate stay to be seen.',
  because: 'a hidden lamp is missed by whoever comes from behind',
  ask: ['local rules'],
  when: 'before moving',
};

export default rule;
