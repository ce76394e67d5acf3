import type { RuleDefinition } from '../../src/words/rule/rule';

const rule: RuleDefinition = {
  id: 'handlebar',
  applies: { traits: ['handlebar'], onMachine: true },
  kind: 'caution',
  text: 'Turn the bars from stop to stop and through all travel, pull both levers, and look at every cable and hose.',
  because: 'a camera that stops the bars or a lever shows it in the first bend',
  ask: ['the owner'],
  when: 'before moving',
};

export default rule;
