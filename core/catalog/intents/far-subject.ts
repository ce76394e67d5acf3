import type { IntentDefinition } from '../../src/words/shot/intent';

const intent: IntentDefinition = {
  id: 'far-subject',
  name: 'Somebody else',
  purpose: 'A second rider, boat or aircraft, large enough to be more than a dot.',
  role: 'ride',
  aim: { kind: 'part', at: 'subject', heightFraction: 0.5 },
  horizonBand: null,
  wants: [
    {
      id: 'subject',
      label: 'the other one',
      of: { groups: ['subject'] },
      share: [0.0004, 0.5],
      extent: 0.07,
      whole: true,
      weight: 5,
    },
    { id: 'machine', label: 'machine', of: { groups: ['machine'] }, share: [0, 0.2], weight: 2 },
    { id: 'rider', label: 'own body', of: { groups: ['rider', 'hands', 'face'] }, share: [0, 0.15], weight: 2 },
    { id: 'own', label: 'own hardware', of: { groups: ['own'] }, share: [0, 0.02], weight: 2 },
  ],
  needs: ['somebody else'],
  feel: null,
  seconds: 10,
};

export default intent;
