import type { IntentDefinition } from '../../src/words/shot/intent';

const intent: IntentDefinition = {
  id: 'who-follows',
  name: 'Who follows',
  purpose: 'Straight back along the trail: what came behind, and how fast.',
  role: 'reverse',
  aim: { kind: 'horizon', panDeg: 180 },
  horizonBand: [0.25, 0.5],
  wants: [
    { id: 'ground', label: 'the way behind', of: { groups: ['ground'] }, share: [0.25, 0.85], weight: 3 },
    { id: 'sky', label: 'sky', of: { groups: ['sky'] }, share: [0.1, 0.5], weight: 2 },
    { id: 'rider', label: 'own body', of: { groups: ['rider', 'face', 'hands'] }, share: [0, 0.2], weight: 1 },
    { id: 'machine', label: 'machine', of: { groups: ['machine'] }, share: [0, 0.3], weight: 1 },
    { id: 'own', label: 'own hardware', of: { groups: ['own'] }, share: [0, 0.02], weight: 2 },
  ],
  needs: ['a craft'],
  fixedView: true,
  feel: 0.5,
  seconds: 8,
};

export default intent;
