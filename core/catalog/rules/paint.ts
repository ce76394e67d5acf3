import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'paint',
  applies: { baseKinds: ['suction', 'adhesive', 'magnet'], materials: ['painted metal', 'gelcoat'] },
  kind: 'caution',
  text: 'Cups, tape and strong levers can mark film and paint: ask whose it is, try a hidden corner.',
  because: 'film lifts and soft paint keeps the ring',
  ask: ['the owner'],
  when: 'before mounting',
};

export default rule;
