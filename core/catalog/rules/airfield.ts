import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'airfield',
  applies: { venues: ['airfield'] },
  kind: 'caution',
  text: 'Walk round once more before the start: nothing loose on the aircraft or left on the strip.',
  because: 'a screw on a strip ends in a propeller or a tyre',
  ask: ['the licensed inspector', 'local rules'],
  when: 'before moving',
};

export default rule;
