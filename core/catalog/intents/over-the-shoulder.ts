import type { IntentDefinition } from '../../src/words/shot/intent';

const intent: IntentDefinition = {
  id: 'over-the-shoulder',
  name: 'Over the shoulder',
  purpose: 'Instruments, hands and the view outside in one frame.',
  role: 'ride',
  aim: { kind: 'horizon', panDeg: 0 },
  horizonBand: [0.18, 0.5],
  wants: [
    {
      id: 'machine',
      label: 'instruments and cockpit',
      of: { groups: ['machine'] },
      share: [0.15, 0.6],
      inAction: true,
      weight: 3,
    },
    { id: 'hands', label: 'hands', of: { groups: ['hands'] }, share: [0.004, 0.25], weight: 2 },
    {
      id: 'outside',
      label: 'the view outside',
      of: { groups: ['sky', 'way', 'ground'] },
      share: [0.25, 0.75],
      weight: 3,
    },
    { id: 'rider', label: 'own body and helmet', of: { groups: ['rider', 'face'] }, share: [0, 0.2], weight: 2 },
    { id: 'seats', label: 'seat backs', of: { parts: ['seats'] }, share: [0, 0.08], weight: 2 },
    { id: 'own', label: 'own hardware', of: { groups: ['own'] }, share: [0, 0.02], weight: 2 },
  ],
  needs: ['somebody on board', 'a cockpit'],
  fromBehind: true,
  feel: 0.3,
  seconds: 15,
};

export default intent;
