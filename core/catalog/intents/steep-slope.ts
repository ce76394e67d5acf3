import type { IntentDefinition } from '../../src/words/shot/intent';

const intent: IntentDefinition = {
  id: 'steep-slope',
  name: 'How steep it is',
  purpose: 'Down the slope past bars or boards, the ground falling away to the top of the picture.',
  role: 'ride',
  aim: { kind: 'horizon', panDeg: 0 },
  horizonBand: [0.02, 0.24],
  wants: [
    { id: 'way', label: 'the slope below', of: { groups: ['way'] }, share: [0.35, 0.92], weight: 4 },
    {
      id: 'machine',
      label: 'bars, boards or hands',
      of: { groups: ['machine', 'hands'] },
      share: [0.01, 0.4],
      weight: 2,
    },
    { id: 'sky', label: 'sky', of: { groups: ['sky'] }, share: [0.02, 0.24], weight: 1 },
    { id: 'rider', label: 'own body', of: { groups: ['rider', 'face'] }, share: [0, 0.12], weight: 2 },
    { id: 'own', label: 'own hardware', of: { groups: ['own'] }, share: [0, 0.02], weight: 2 },
  ],
  needs: ['a way down'],
  feel: 0.6,
  seconds: 10,
};

export default intent;
