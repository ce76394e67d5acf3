import type { Spot } from '../../words/carrier/spot';
import { UP } from '../../mathematics/geometry/vec3';
import { SEGMENT_FRACTIONS } from '../body/segments';
import type { BodySegments } from '../../words/carrier/bodySegments';

const torso = SEGMENT_FRACTIONS.shoulderHeight - SEGMENT_FRACTIONS.hipHeight;

/**
 * Spots on a body whatever is worn over it.
 * @param chestPartId the part that lies outermost on the chest
 * @param packed a pack on the back leaves no place there
 */
export function bodySpots(body: BodySegments, chestPartId: string, { packed = false } = {}): readonly Spot[] {
  const h = body.statureM;
  return [
    {
      id: 'chest',
      name: 'Chest',
      partId: chestPartId,
      aim: { from: [0.6, torso * 0.46 * h, 0], toward: [-1, 0, 0] },
      reference: UP,
      look: [1, 0, 0],
      surface: { material: 'fabric', shape: 'harness' },
      zone: { along: [0, -1, 0], nearerM: 0.02 * h, fartherM: 0.075 * h, mark: 'below the collar', usualM: 0.046 * h },
      cautions: [
        'As high and as tight as the harness goes: a loose one swings.',
        'In a fall forward it lies between you and whatever is ahead.',
        'Keep buckles, handles and the way out free.',
      ],
      note: 'fast and immersive; points at the ground as soon as the rider leans',
    },
    ...(packed
      ? []
      : [
          {
            id: 'chest-side',
            name: 'Chest, left of the middle',
            partId: chestPartId,
            aim: { from: [0.6, torso * 0.46 * h, -0.05 * h], toward: [-1, 0, 0] },
            reference: UP,
            look: [1, 0, 0],
            surface: { material: 'fabric', shape: 'harness' },
            cautions: [
              'Push the plate along its band: off the middle it pulls round, so draw the band tight.',
              'The arm of that side passes close by: swing it once round.',
            ],
            note: 'past a strap, a zip or a reserve in the middle; leans to that side with the rider',
          } as const,
          {
            id: 'back',
            name: 'Back, the harness worn backwards',
            partId: chestPartId,
            aim: { from: [-0.6, torso * 0.5 * h, 0], toward: [1, 0, 0] },
            reference: UP,
            look: [-1, 0, 0],
            surface: { material: 'fabric', shape: 'harness' },
            cautions: [
              'In a fall backward it lies under the spine: flat and small, or not at all.',
              'Nothing behind a back that leans on a seat.',
            ],
            note: 'who follows, seen from the rider; points up as soon as the rider leans',
          } as const,
        ]),
    {
      id: 'hip',
      name: 'Hip, left, on the belt',
      partId: 'pelvis',
      aim: { from: [0.055 * h, 0.035 * h, -0.5], toward: [0, 0, 1] },
      reference: UP,
      look: [1, 0, 0],
      surface: { material: 'webbing', shape: 'strap' },
      cautions: ['A fall to the side lands on it.', 'Clear of the hand that has to reach a handle or a bar.'],
      note: 'turned a little forward it sees ahead and behind; low and calm',
    },
    {
      id: 'boot',
      name: 'Boot, right, outside',
      partId: 'shoeRight',
      aim: { from: [-0.035 * h, 0.035 * h, 0.4], toward: [0, 0, -1] },
      reference: UP,
      look: [1, 0, 0],
      surface: { material: 'rubber', shape: 'strap' },
      cautions: [
        'Plants and ropes rip it out: take it off after the take.',
        'Leave nothing on it that can hook a pedal, a binding or a step.',
      ],
      note: 'very low: sensation of speed',
    },
    {
      id: 'hand',
      name: 'In the right hand',
      partId: 'handRight',
      aim: { from: [-0.03, 0.02, -0.3], toward: [0, 0, 1] },
      reference: [1, 0, 0],
      look: [1, 0, 0],
      surface: { material: 'skin', shape: 'hand' },
      cautions: [
        'Takes a hand off what it should hold: only where that is allowed and under control.',
        'Poles: mind power lines, branches and others; swing them for a minute at a time only.',
      ],
      note: "any view within the arm's reach; a pole in line with a 360 camera vanishes",
    },
  ];
}
