import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'car-cups',
  applies: { families: ['car'], sheltered: false, baseKinds: ['suction'] },
  kind: 'caution',
  text: 'Wipe, press and pull at every cup at each stop; keep to the speed that was worked out, and have a second line.',
  because: 'cups creep with heat and time, and what comes off at speed hits whoever follows',
  ask: ['local rules'],
  when: 'under way',
};

export default rule;
