import type { IntentDefinition } from '../../src/words/shot/intent';

const intent: IntentDefinition = {
  id: 'night-streaks',
  name: 'Night streaks',
  purpose: 'Lights drawn out by a long shutter, a rigid edge of the machine in the frame.',
  role: 'ride',
  aim: { kind: 'horizon', panDeg: 0 },
  horizonBand: [0.3, 0.6],
  wants: [
    {
      id: 'machine',
      label: 'an edge of the machine',
      of: { groups: ['machine'] },
      share: [0.05, 0.35],
      aboard: true,
      weight: 3,
    },
    {
      id: 'stand',
      label: 'what it stands on',
      of: { groups: ['machine'] },
      share: [0, 0.05],
      aboard: false,
      weight: 3,
    },
    { id: 'way', label: 'the way ahead', of: { groups: ['way'] }, share: [0.2, 0.8], weight: 3 },
    { id: 'sky', label: 'sky', of: { groups: ['sky'] }, share: [0.15, 0.55], weight: 1 },
    { id: 'rider', label: 'own body', of: { groups: ['rider', 'face', 'hands'] }, share: [0, 0.04], weight: 2 },
    { id: 'own', label: 'own hardware', of: { groups: ['own'] }, share: [0, 0.02], weight: 2 },
  ],
  exposedS: [0.25, 4],
  stillView: true,
  feel: 0.8,
  weights: { steady: 8 },
  seconds: 15,
};

export default intent;
