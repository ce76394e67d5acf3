import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'open-water',
  applies: { venues: ['open-water'] },
  kind: 'caution',
  text: 'A float or a second line on the camera, and hands free for the boat first.',
  because: 'what sinks is gone, and who reaches for it goes over the side',
  ask: ['local rules'],
  when: 'before moving',
};

export default rule;
