import { OUTSIDE_AIRCRAFT } from '../../shapes/aircraftRules';
import { AHEAD, RIGHT } from '../../../src/mathematics/geometry/vec3';
import type { Spot } from '../../../src/words/carrier/spot';

const LOOSE = 'Nothing loose in the cockpit, nothing that can block stick, pedals, canopy jettison or a bail-out.';
const LICENSED = 'Ask whoever is licensed for it: fastening and approval under your local rules.';
const OUTSIDE =
  'Outside only what is fastened physically and approved under the local rules; suction fails as the pressure changes. Drag costs glide.';

/** @param half half the span; @param rimX where the canopy's rear hoop stands; metres */
export function gliderSpots(half: number, rimX: number): readonly Spot[] {
  const wing = { material: 'gelcoat', shape: 'wing', curvatureRadiusM: 0.6, wallM: 0.001 } as const;
  return [
    {
      id: 'panel-top',
      name: 'Instrument panel, top',
      partId: 'panel',
      aim: { from: [0.98, 1.4, 0.1], toward: [0, -1, 0] },
      reference: AHEAD,
      look: AHEAD,
      surface: { material: 'plastic', shape: 'flat', flatAreaM2: 0.02, wallM: 0.003 },
      cautions: [LOOSE, 'Must clear the closing canopy: close it slowly the first time.', LICENSED],
      note: 'turned round it films the pilot; ahead the nose and the country',
    },
    {
      id: 'canopy-frame',
      name: 'Canopy frame, inner side, behind the left shoulder',
      partId: 'canopyFrame',
      aim: { from: [rimX, 0.9, 0], toward: [0, 1, -0.8] },
      reference: AHEAD,
      look: AHEAD,
      surface: { material: 'plastic', shape: 'bar', tubeDiameterM: 0.024 },
      cautions: [LOOSE, 'Leaves with the canopy when that is jettisoned.', LICENSED],
      note: 'over the shoulder: instruments and the view ahead',
    },
    {
      id: 'canopy-inside',
      name: 'Canopy, inside, left',
      partId: 'canopyGlass',
      aim: { from: [0.5, 0.9, 0], toward: [0, 0.45, -1] },
      reference: AHEAD,
      look: AHEAD,
      surface: {
        material: 'acrylic canopy',
        shape: 'curved',
        curvatureRadiusM: 0.35,
        wallM: 0.003,
        mustNot: [{ kind: 'clamp', because: 'a hard jaw cracks acrylic' }],
      },
      cautions: [
        'A long lever on a suction cup can crack a canopy: prefer a ball mount screwed to structure.',
        LOOSE,
        LICENSED,
      ],
      note: 'beside the head, wing and horizon',
    },
    ...([1, -1] as const).map((side): Spot => ({
      id: side > 0 ? 'side-wall-right' : 'side-wall-left',
      name: `Cockpit wall, ${side > 0 ? 'right' : 'left'}, under the sill`,
      partId: 'fuselage',
      aim: { from: [0.62, 0.82, 0], toward: [0, 0, side] },
      reference: AHEAD,
      look: AHEAD,
      surface: { material: 'gelcoat', shape: 'flat', flatAreaM2: 0.012, wallM: 0.003 },
      cautions: [LOOSE, 'Levers and cables run along the walls: work every one of them to its stops.', LICENSED],
      note: 'instruments and hands from the side, another aircraft past the canopy',
    })),
    {
      id: 'wing-left',
      name: 'Wing, left, looking in',
      partId: 'wings',
      aim: { from: [-0.64, 3, -half * 0.6], toward: [0, -1, 0] },
      reference: RIGHT,
      look: [0.2, 0, 1],
      surface: { ...wing, mustNot: OUTSIDE_AIRCRAFT },
      zone: {
        along: [0, 0, -1],
        nearerM: half * 0.4,
        fartherM: half * 0.25,
        mark: 'out from the middle of the fuselage',
        usualM: half * 0.6,
      },
      cautions: [OUTSIDE, LICENSED],
      note: 'whole cockpit and horizon from outside',
    },
    {
      id: 'fin-top',
      name: 'Fin, looking ahead',
      partId: 'tailplane',
      aim: { from: [-4.5, 3, 0], toward: [0, -1, 0] },
      reference: AHEAD,
      look: AHEAD,
      surface: { ...wing, mustNot: OUTSIDE_AIRCRAFT },
      cautions: [OUTSIDE, 'Moves the centre of gravity back and can disturb the elevator.', LICENSED],
      note: 'the whole glider in its landscape',
    },
  ];
}
