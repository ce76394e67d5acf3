import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'boat-motor',
  applies: { families: ['boat'], traits: ['motor'] },
  kind: 'caution',
  text: 'Kill cord on, engine off before anybody leans over for the camera.',
  because: 'who goes over the side is beside the propeller',
  ask: ['local rules'],
  when: 'under way',
};

export default rule;
