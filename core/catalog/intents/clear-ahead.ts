import type { IntentDefinition } from '../../src/words/shot/intent';

const intent: IntentDefinition = {
  id: 'clear-ahead',
  name: 'Clear ahead',
  purpose: 'The calm, floating view: the way and the country, no hands, no machine.',
  role: 'ride',
  aim: { kind: 'horizon', panDeg: 0 },
  horizonBand: [0.32, 0.55],
  wants: [
    { id: 'way', label: 'the way ahead', of: { groups: ['way'] }, share: [0.25, 0.9], weight: 3 },
    { id: 'sky', label: 'sky', of: { groups: ['sky'] }, share: [0.15, 0.55], weight: 2 },
    { id: 'hands', label: 'hands', of: { groups: ['hands'] }, share: [0, 0.01], weight: 3 },
    {
      id: 'machine',
      label: 'machine',
      of: { groups: ['machine'] },
      share: [0, 0.04],
      shareInside: [0, 0.12],
      weight: 2,
    },
    { id: 'rider', label: 'own body and helmet', of: { groups: ['rider', 'face'] }, share: [0, 0.05], weight: 2 },
    { id: 'own', label: 'own hardware', of: { groups: ['own'] }, share: [0, 0.01], weight: 2 },
  ],
  feel: 0.1,
  weights: { steady: 6 },
  seconds: 15,
};

export default intent;
