import type { IntentDefinition } from '../../src/words/shot/intent';

const intent: IntentDefinition = {
  id: 'hands-and-trail',
  name: 'Hands and trail',
  purpose: 'The ride as the rider sees it: hands and bars below, the way ahead above.',
  standard: true,
  role: 'ride',
  aim: { kind: 'horizon', panDeg: 0 },
  horizonBand: [0.14, 0.48],
  wants: [
    {
      id: 'hands',
      label: 'hands',
      of: { groups: ['hands'] },
      share: [0.02, 0.3],
      both: true,
      heightBand: [0.45, 1],
      weight: 3,
    },
    { id: 'way', label: 'the way ahead', of: { groups: ['way'] }, share: [0.16, 0.85], weight: 3 },
    { id: 'sky', label: 'sky', of: { groups: ['sky'] }, share: [0.05, 0.42], weight: 2 },
    {
      id: 'machine',
      label: 'machine',
      of: { groups: ['machine'] },
      share: [0.015, 0.4],
      whereHeld: true,
      inAction: true,
      weight: 1,
    },
    { id: 'rider', label: 'own body and helmet', of: { groups: ['rider', 'face'] }, share: [0, 0.14], weight: 2 },
    { id: 'own', label: 'own hardware', of: { groups: ['own'] }, share: [0, 0.02], weight: 2 },
  ],
  needs: ['a craft', 'somebody on board'],
  feel: 0.5,
  seconds: 20,
};

export default intent;
