import type { IntentDefinition } from '../../src/words/shot/intent';

const intent: IntentDefinition = {
  id: 'low-and-fast',
  name: 'Low and fast',
  purpose: 'Close over the ground with the horizon in the middle: the ground streams by.',
  role: 'ride',
  aim: { kind: 'horizon', panDeg: 0 },
  horizonBand: [0.36, 0.6],
  wants: [
    { id: 'ground', label: 'ground or water streaming by', of: { groups: ['ground', 'way'] }, share: [0.28, 0.7], weight: 4 },
    { id: 'sky', label: 'sky', of: { groups: ['sky'] }, share: [0.15, 0.55], weight: 1 },
    { id: 'machine', label: 'machine', of: { groups: ['machine'] }, share: [0, 0.35], weight: 1 },
    { id: 'rider', label: 'own body', of: { groups: ['rider', 'face'] }, share: [0, 0.1], weight: 2 },
    { id: 'own', label: 'own hardware', of: { groups: ['own'] }, share: [0, 0.02], weight: 2 },
  ],
  needs: ['near the ground'],
  lensBelowM: 0.95,
  shakingBorne: 2.5,
  feel: 1,
  weights: { feel: 9, steady: 2 },
  seconds: 10,
};

export default intent;
