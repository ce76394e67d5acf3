import type { IntentDefinition } from '../../src/words/shot/intent';

const intent: IntentDefinition = {
  id: 'look-back-at-the-face',
  name: 'Look back at the face',
  purpose: 'The rider looking ahead past the camera: makes a film personal.',
  role: 'face',
  aim: { kind: 'part', at: 'face', heightFraction: 0.38 },
  horizonBand: null,
  wants: [
    {
      id: 'face',
      label: 'the face',
      of: { groups: ['face'] },
      share: [0.006, 0.3],
      heightBand: [0.15, 0.62],
      whole: true,
      faceOn: true,
      inAction: true,
      weight: 5,
    },
    { id: 'rider', label: 'the rider', of: { groups: ['rider'] }, share: [0.05, 0.7], weight: 2 },
    {
      id: 'surroundings',
      label: 'surroundings',
      of: { groups: ['ground', 'way', 'sky'] },
      share: [0.2, 0.9],
      weight: 2,
    },
    { id: 'own', label: 'own hardware', of: { groups: ['own'] }, share: [0, 0.02], weight: 2 },
  ],
  needs: ['somebody on board'],
  feel: null,
  seconds: 8,
};

export default intent;
