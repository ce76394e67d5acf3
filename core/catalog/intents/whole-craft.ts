import type { IntentDefinition } from '../../src/words/shot/intent';

const intent: IntentDefinition = {
  id: 'whole-craft',
  name: 'Whole craft from outside',
  purpose: 'Machine and rider whole in their landscape, seen from wing, mast, boom or a pole.',
  role: 'opener',
  aim: { kind: 'part', at: 'craft', heightFraction: 0.58 },
  horizonBand: null,
  wants: [
    {
      id: 'craft',
      label: 'machine and rider',
      of: { groups: ['machine', 'rider', 'hands', 'face'] },
      share: [0.06, 0.5],
      ends: 0.8,
      weight: 4,
    },
    {
      id: 'surroundings',
      label: 'landscape',
      of: { groups: ['ground', 'way', 'sky'] },
      share: [0.45, 0.93],
      weight: 3,
    },
    { id: 'sky', label: 'sky', of: { groups: ['sky'] }, share: [0.08, 0.6], weight: 2 },
    { id: 'own', label: 'own hardware', of: { groups: ['own'] }, share: [0, 0.02], weight: 2 },
  ],
  needs: ['a craft'],
  feel: 0.3,
  seconds: 12,
};

export default intent;
