import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'aircraft-cockpit',
  applies: { families: ['aircraft'], sheltered: true },
  kind: 'caution',
  text: 'Stick, pedals, canopy release and the way out stay free; nothing loose in the cockpit.',
  because: 'what comes loose finds its way under the controls',
  ask: ['the licensed inspector', 'the owner'],
  when: 'before moving',
};

export default rule;
