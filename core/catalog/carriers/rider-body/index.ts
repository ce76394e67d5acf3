import { packMeshes } from './pack';
import { bodySpots } from '../../../src/posing/building/bodySpots';
import type { WornDefinition } from '../../../src/words/carrier/worn';
import { SEGMENT_FRACTIONS } from '../../../src/posing/body/segments';

const torso = SEGMENT_FRACTIONS.shoulderHeight - SEGMENT_FRACTIONS.hipHeight;

/** The rider's own body with a small backpack: chest and shoulder strap. */
const riderBody: WornDefinition = {
  kind: 'worn',
  id: 'rider-body',
  name: 'Rider with backpack',
  place: 'body',
  parts: (body) => {
    const { bag, straps } = packMeshes(body);
    return [
      { id: 'pack', name: 'backpack', group: 'rider', tone: 'black', mesh: bag, on: 'ribcage' },
      { id: 'packStraps', name: 'backpack straps', group: 'rider', tone: 'strap', mesh: straps, on: 'ribcage' },
    ];
  },
  spots: (body) => {
    const h = body.statureM;
    return [
      ...bodySpots(body, 'ribcage', { packed: true }),
      {
        id: 'pack-strap',
        name: 'Backpack strap, left',
        partId: 'packStraps',
        aim: { from: [0.6, torso * 0.556 * h, -0.06 * h], toward: [-1, 0, 0] },
        reference: [0, 1, 0],
        look: [1, 0, 0],
        surface: { material: 'webbing', shape: 'strap' },
        cautions: ['A thin base slides round: look again that it still points ahead.'],
        note: 'no hands in the frame: the calm, floating view',
      },
      {
        id: 'pack-top',
        name: 'Backpack, a pole out of its top',
        partId: 'pack',
        aim: { from: [-0.125 * h, torso * 1.6 * h, 0], toward: [0, -1, 0] },
        reference: [1, 0, 0],
        look: [1, 0, 0],
        surface: { material: 'fabric', shape: 'pack' },
        cautions: [
          'It reaches a metre above your head: branches, bridges and above all power lines.',
          'In a fall the pole levers at the pack: one that folds or slips out; for a take, not for the way.',
          'Pack drawn tight at chest and hip, nothing else on that side of it.',
        ],
        note: 'whole machine and rider from behind and above, both hands free',
      },
    ];
  },
};

export default riderBody;
