import type { IntentDefinition } from '../../src/words/shot/intent';

const intent: IntentDefinition = {
  id: 'hands-at-work',
  name: 'Hands at work',
  purpose: 'Hands on grip, wheel, paddle or lines, close and sharp.',
  role: 'detail',
  aim: { kind: 'part', at: 'hands', heightFraction: 0.5 },
  horizonBand: null,
  wants: [
    { id: 'hands', label: 'hands', of: { groups: ['hands'] }, share: [0.06, 0.5], inAction: true, weight: 5 },
    { id: 'machine', label: 'what they hold', of: { groups: ['machine'] }, share: [0.02, 0.5], weight: 2 },
    { id: 'rider', label: 'own body', of: { groups: ['rider', 'face'] }, share: [0, 0.3], weight: 1 },
    { id: 'own', label: 'own hardware', of: { groups: ['own'] }, share: [0, 0.02], weight: 2 },
  ],
  needs: ['somebody on board', 'something to steer by'],
  feel: 0.5,
  seconds: 6,
};

export default intent;
