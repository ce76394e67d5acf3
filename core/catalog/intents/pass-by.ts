import type { IntentDefinition } from '../../src/words/shot/intent';

const intent: IntentDefinition = {
  id: 'pass-by',
  name: 'Still pass-by',
  purpose: 'A camera that stays, the rider going through the picture with room ahead and behind.',
  role: 'pass-by',
  aim: { kind: 'part', at: 'subject', heightFraction: 0.55 },
  horizonBand: [0.2, 0.6],
  wants: [
    {
      id: 'subject',
      label: 'the rider passing',
      of: { groups: ['subject'] },
      share: [0.004, 0.4],
      whole: true,
      weight: 5,
    },
    {
      id: 'surroundings',
      label: 'surroundings',
      of: { groups: ['ground', 'way', 'sky'] },
      share: [0.5, 1],
      weight: 2,
    },
    {
      id: 'machine',
      label: 'things in the way',
      of: { groups: ['machine', 'rider', 'hands'] },
      share: [0, 0.06],
      weight: 2,
    },
    { id: 'own', label: 'own hardware', of: { groups: ['own'] }, share: [0, 0.02], weight: 2 },
  ],
  needs: ['somebody else'],
  feel: null,
  seconds: 12,
};

export default intent;
