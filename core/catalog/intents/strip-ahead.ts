import type { IntentDefinition } from '../../src/words/shot/intent';

const intent: IntentDefinition = {
  id: 'strip-ahead',
  name: 'Ahead over a strip of it',
  purpose:
    'The way ahead with a thin strip of bonnet, deck or cowl along the lower edge, so that pitch and roll can be read.',
  role: 'ride',
  aim: { kind: 'horizon', panDeg: 0 },
  horizonBand: [0.3, 0.55],
  wants: [
    {
      id: 'machine',
      label: 'a strip of the machine',
      of: { groups: ['machine'] },
      share: [0.03, 0.12],
      heightBand: [0.72, 1],
      inAction: true,
      weight: 4,
    },
    { id: 'way', label: 'the way ahead', of: { groups: ['way'] }, share: [0.2, 0.85], weight: 3 },
    { id: 'sky', label: 'sky', of: { groups: ['sky'] }, share: [0.15, 0.55], weight: 2 },
    { id: 'rider', label: 'own body', of: { groups: ['rider', 'face', 'hands'] }, share: [0, 0.03], weight: 2 },
    { id: 'own', label: 'own hardware', of: { groups: ['own'] }, share: [0, 0.02], weight: 2 },
  ],
  needs: ['a craft'],
  feel: 0.4,
  weights: { steady: 5 },
  seconds: 15,
};

export default intent;
