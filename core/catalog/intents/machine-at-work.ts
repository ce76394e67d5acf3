import type { IntentDefinition } from '../../src/words/shot/intent';

const intent: IntentDefinition = {
  id: 'machine-at-work',
  name: 'Machine at work',
  purpose: 'Wheel, blade or bow close up: movement and ruggedness.',
  role: 'detail',
  aim: { kind: 'part', at: 'working', heightFraction: 0.6 },
  horizonBand: null,
  wants: [
    { id: 'machine', label: 'machine', of: { groups: ['machine'] }, share: [0.12, 0.6], weight: 3 },
    {
      id: 'wheel',
      label: 'what works',
      of: { working: true },
      share: [0.04, 0.4],
      nearM: 0.5,
      inAction: true,
      weight: 5,
    },
    {
      id: 'around',
      label: 'ground, water or sky around it',
      of: { groups: ['ground', 'way', 'sky'] },
      share: [0.2, 0.8],
      weight: 2,
    },
    {
      id: 'rider',
      label: 'own body and helmet',
      of: { groups: ['rider', 'face', 'hands'] },
      share: [0, 0.25],
      weight: 1,
    },
    { id: 'own', label: 'own hardware', of: { groups: ['own'] }, share: [0, 0.03], weight: 2 },
  ],
  shakingBorne: 2.5,
  needs: ['a craft'],
  feel: 0.8,
  weights: { feel: 5, steady: 2 },
  seconds: 6,
};

export default intent;
