import { OUTSIDE_AIRCRAFT } from '../../shapes/aircraftRules';
import {
  AHEAD,
  length,
  mirrored,
  normalize,
  RIGHT,
  subtract,
  UP,
  type Vec3,
} from '../../../src/mathematics/geometry/vec3';
import type { Spot } from '../../../src/words/carrier/spot';

const LOOSE = 'Nothing loose in the cockpit, nothing that can block yoke, pedals, levers or the doors.';
const LICENSED = 'Ask whoever is licensed for it: fastening and approval under your local rules.';
const OUTSIDE =
  'Outside only what is fastened physically and approved under the local rules; suction fails as the pressure changes.';

/** Where the right wing strut stands on the fuselage and where it meets the wing. */
export const strutEnds = (halfSpanM: number): readonly [Vec3, Vec3] => [
  [0.15, 0.92, 0.5],
  [-0.05, 1.96, halfSpanM * 0.46],
];

/** @param half of the wing span, metres */
export function spots(half: number): readonly Spot[] {
  const [low, high] = strutEnds(half);
  const strutUp = mirrored(subtract(high, low));
  return [
    {
      id: 'panel-top',
      name: 'Instrument panel, top',
      partId: 'panel',
      aim: { from: [0.8, 1.8, 0.12], toward: [0, -1, 0] },
      reference: AHEAD,
      look: AHEAD,
      surface: { material: 'plastic', shape: 'flat', flatAreaM2: 0.03, wallM: 0.003 },
      cautions: [LOOSE, 'Away from the compass.', LICENSED],
      note: 'turned round it films the crew; ahead the propeller disc and the country',
    },
    {
      id: 'window',
      name: 'Side window, inside, left',
      partId: 'windows',
      aim: { from: [-0.1, 1.66, 0], toward: [0, 0, -1] },
      reference: AHEAD,
      look: AHEAD,
      surface: { material: 'acrylic canopy', shape: 'curved', curvatureRadiusM: 1.5, flatAreaM2: 0.02, wallM: 0.003 },
      cautions: ['A long lever on a suction cup can crack a window: keep it short.', LOOSE, LICENSED],
      note: 'strut, wheel and country; or over the shoulder to the panel',
    },
    {
      id: 'cabin-tube',
      name: 'Cabin tube, behind the windscreen, left',
      partId: 'cabinTubes',
      aim: { from: [0.2, 1.62, -0.21], toward: [1, 0, 0] },
      reference: RIGHT,
      look: AHEAD,
      surface: { material: 'steel tube', shape: 'tube', tubeDiameterM: 0.025, wallM: 0.001, straightM: 0.4 },
      cautions: [LOOSE, 'Out of the sight ahead and clear of heads in a bump.', LICENSED],
      note: 'panel, crew and country in one frame; clamped to structure, nothing to let go',
    },
    {
      id: 'strut',
      name: 'Wing strut, left, looking in',
      partId: 'struts',
      aim: { from: [0.05 + 1, 1.44, -(0.5 + half * 0.46) / 2], toward: [-1, 0, 0] },
      reference: RIGHT,
      look: [0.4, 0.1, 1],
      surface: {
        material: 'painted metal',
        shape: 'tube',
        tubeDiameterM: 0.06,
        wallM: 0.002,
        mustNot: OUTSIDE_AIRCRAFT,
      },
      zone: {
        along: normalize(strutUp),
        nearerM: 0.35 * length(strutUp),
        fartherM: 0.3 * length(strutUp),
        mark: 'up the strut from its lower end',
        usualM: 0.5 * length(strutUp),
      },
      cautions: [OUTSIDE, 'Nothing may reach the propeller.', LICENSED],
      note: 'crew through the window with the horizon',
    },
    {
      id: 'under-wing',
      name: 'Under the wing, left, at the tie-down, looking in',
      partId: 'wings',
      aim: { from: [-0.05, 0.6, -half * 0.78], toward: [0, 1, 0] },
      reference: RIGHT,
      look: [0.15, -0.1, 1],
      surface: {
        material: 'painted metal',
        shape: 'wing',
        curvatureRadiusM: 2,
        flatAreaM2: 0.02,
        wallM: 0.002,
        mustNot: OUTSIDE_AIRCRAFT,
      },
      zone: {
        along: [0, 0, -1],
        nearerM: half * 0.24,
        fartherM: half * 0.16,
        mark: 'out from the middle of the fuselage',
        usualM: half * 0.78,
      },
      cautions: [OUTSIDE, 'Made to fit that tie-down: a bolt, not a thread in the skin.', LICENSED],
      note: 'the whole aircraft from the side, with the horizon',
    },
    {
      id: 'tail',
      name: 'Fin, looking ahead',
      partId: 'fin',
      aim: { from: [-3.0, 2.2, 0], toward: [-1, 0, 0] },
      reference: UP,
      look: AHEAD,
      surface: {
        material: 'painted metal',
        shape: 'edge',
        curvatureRadiusM: 0.05,
        wallM: 0.001,
        mustNot: OUTSIDE_AIRCRAFT,
      },
      cautions: [OUTSIDE, 'Can disturb the tail and shifts the centre of gravity.', LICENSED],
      note: 'the whole aircraft in its landscape',
    },
  ];
}
