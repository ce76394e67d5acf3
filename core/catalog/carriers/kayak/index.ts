import { notDrilled } from '../../shapes/notDrilled';
import { hull, cockpit, COCKPIT } from './hull';
import { doublePaddle } from '../../shapes/paddle';
import { bySide, grip, heldOut, seated, SEATED_HIPS } from '../../shapes/people';
import { transformDirection, transformPoint } from '../../../src/mathematics/geometry/pose';
import { add, AHEAD, type Vec3 } from '../../../src/mathematics/geometry/vec3';
import { machineFrom, type BlueprintStance } from '../../../src/posing/building/blueprint';
import { fittedValue, type Dimension, type Fit } from '../../../src/words/carrier/dimension';
import { SET_UP_STANCE_ID } from '../../../src/words/carrier/stance';
import { shake } from './shake';
import { estimated } from '../../../src/words/sourced/estimated';

const practice = { kind: 'common practice' } as const;
const dimensions: readonly Dimension[] = [
  { id: 'lengthM', name: 'Hull length', unit: 'm', standard: 5.1, low: 4.2, high: 5.6, step: 0.05, source: practice },
  { id: 'beamM', name: 'Beam', unit: 'm', standard: 0.56, low: 0.5, high: 0.66, step: 0.005, source: practice },
  {
    id: 'paddleM',
    name: 'Paddle length',
    unit: 'm',
    standard: 2.15,
    low: 2.0,
    high: 2.3,
    step: 0.05,
    perMetreOfRider: 0.6,
    source: practice,
  },
];
const value = (fit: Fit, id: string) => fittedValue(dimensions, fit, id);

/** Middle of the shaft before the paddler's chest, and hands from it; metres, estimate ± 5 cm. */
const SHAFT: Vec3 = [0.2, 0.46, 0];
const HAND_M = 0.34;

const STANCES: readonly BlueprintStance[] = [
  {
    id: SET_UP_STANCE_ID,
    name: 'Set-up',
    share: 0,
    note: 'sitting upright, hull level, paddle across: the level is read here',
  },
  {
    id: 'left',
    name: 'Stroke left',
    share: 0.36,
    note: 'left blade in, ahead of the knees',
    state: { dip: -33, sweep: -24 },
    rollDeg: -3,
  },
  {
    id: 'right',
    name: 'Stroke right',
    share: 0.36,
    note: 'right blade in, ahead of the knees',
    state: { dip: 33, sweep: 24 },
    rollDeg: 3,
  },
  { id: 'swell', name: 'Over a swell', share: 0.2, note: 'bow 8° up, paddle level', state: { dip: 6 }, pitchDeg: 8 },
  {
    id: 'one-hand',
    name: 'One hand off',
    share: 0,
    speedShare: 0.4,
    note: 'for a take: drifting, paddle across the deck in the left hand, right hand held out',
    state: { dip: -4 },
  },
  { id: 'brace', name: 'Brace', share: 0.08, note: 'hull edged 18° to the right', state: { dip: 16 }, rollDeg: 18 },
];

export default machineFrom({
  id: 'kayak',
  name: 'Sea kayak',
  world: 'water',
  family: 'boat',
  traits: ['lies on the water'],
  wearing: ['buoyancy-vest', 'half-shell-helmet'],
  waysOut: [{ name: 'cockpit, forward and out', toward: [0.34, 0.94, 0] }],
  drivenBy: { kind: 'muscle', watts: estimated(70, 40, 120) },
  usualSpeedMps: 1.9,
  shake,
  working: ['paddle'],
  note: 'touring kayak with a closed deck and a feathered paddle',
  dimensions,
  stances: STANCES,
  actionStanceId: 'right',
  build: (fit) => {
    const [long, beam] = [value(fit, 'lengthM'), value(fit, 'beamM')];
    const { coaming, seat, lines, hatches } = cockpit(long, beam);
    return {
      parts: [
        { id: 'hull', name: 'hull and deck', tone: 'board', mesh: hull(long, beam) },
        { id: 'coaming', name: 'cockpit rim', tone: 'black', mesh: coaming },
        { id: 'seat', name: 'seat', tone: 'black', mesh: seat },
        { id: 'deckLines', name: 'deck lines', tone: 'rope', mesh: lines },
        { id: 'hatches', name: 'hatches', tone: 'black', mesh: hatches },
        { id: 'paddle', name: 'paddle', tone: 'black', mesh: doublePaddle(SHAFT, value(fit, 'paddleM')), on: 'sweep' },
      ],
      moving: [
        {
          id: 'dip',
          name: 'paddle',
          does: 'dips',
          kind: 'turn',
          at: SHAFT,
          axis: AHEAD,
          low: -60,
          high: 60,
          source: { kind: 'estimate', low: 40, high: 70 },
        },
        {
          id: 'sweep',
          swung: true,
          name: 'paddle',
          does: 'sweeps',
          kind: 'turn',
          at: SHAFT,
          axis: [0, 1, 0],
          low: -50,
          high: 50,
          on: 'dip',
          source: { kind: 'estimate', low: 40, high: 60 },
        },
      ],
    };
  },
  occupants: ({ body, stance, moved }) => {
    const shaft = moved('sweep');
    const turn = (stance.state?.sweep ?? 0) * 0.25;
    const leanDeg = stance.id === SET_UP_STANCE_ID ? 2 : 9;
    return [
      {
        posture: seated(body, {
          feetSteer: true,
          seat: COCKPIT.seat,
          leanDeg,
          feet: [0.86, 0.07, 0.08],
          toesUpDeg: 55,
          kneesOut: 0.12,
          elbowsOut: 0.3,
          gazeDeg: -2,
          rollDeg: -(stance.rollDeg ?? 0) * 0.5 + turn * 0.2,
          hands: bySide((sign) =>
            stance.id === 'one-hand' && sign > 0
              ? heldOut(body, add(COCKPIT.seat, SEATED_HIPS), leanDeg)
              : grip(
                  transformPoint(shaft, [SHAFT[0], SHAFT[1], SHAFT[2] + sign * HAND_M]),
                  transformDirection(shaft, [0, 0, sign]),
                ),
          ),
        }),
        hipsFree: false,
      },
    ];
  },
  spots: (fit) => {
    const long = value(fit, 'lengthM');
    const deck = {
      material: 'gelcoat',
      shape: 'curved',
      curvatureRadiusM: 0.35,
      flatAreaM2: 0.008,
      wallM: 0.003,
      ...notDrilled('a hole in the deck lets the sea in'),
    } as const;
    const wet = 'Salt water and suction do not go together for long: tie it to a deck line before it is pressed on.';
    const exit = "Keep the way out of the cockpit and the spray deck's loop free.";
    return [
      {
        id: 'bow-deck',
        name: 'Bow, facing back',
        partId: 'hull',
        aim: { from: [long * 0.36, 1, 0.0], toward: [0, -1, 0] },
        reference: [-1, 0, 0],
        look: [-1, 0, 0],
        surface: { ...deck, curvatureRadiusM: 0.2 },
        zone: {
          along: [-1, 0, 0],
          nearerM: 0.06 * long,
          fartherM: 0.1 * long,
          mark: 'behind the bow',
          usualM: 0.14 * long,
        },
        cautions: [wet, 'The bow dips: the camera takes the load of water, not of air.'],
        note: 'the whole paddler with both blades and the sea behind',
      },
      {
        id: 'fore-deck',
        name: 'Fore deck',
        partId: 'hull',
        aim: { from: [1.05, 1, 0.06], toward: [0, -1, 0] },
        reference: AHEAD,
        look: AHEAD,
        surface: deck,
        zone: {
          along: AHEAD,
          nearerM: 0.3,
          fartherM: 0.2,
          mark: 'ahead of the cockpit rim',
          usualM: 1.05 - COCKPIT.toX,
        },
        cautions: [wet, exit, 'Blades and hands pass here: nothing that sticks out to the side.'],
        note: 'the bow line and the way ahead; low and calm',
      },
      {
        id: 'coaming',
        name: 'Cockpit rim, right, looking ahead',
        partId: 'coaming',
        aim: { from: [0.3, 1, 0.19], toward: [0, -1, 0] },
        reference: AHEAD,
        look: AHEAD,
        surface: {
          material: 'plastic',
          shape: 'edge',
          wallM: 0.006,
          ...notDrilled('a rim is not drilled: it lets water in'),
        },
        cautions: [
          'The spray deck sits on this rim: it must still come off with one pull.',
          'A paddle and a hand pass here at every stroke.',
        ],
        note: 'low beside the rider: bow, paddle blade and water',
      },
      {
        id: 'stern-deck',
        name: 'Stern deck',
        partId: 'hull',
        aim: { from: [-long * 0.27, 1, 0.0], toward: [0, -1, 0] },
        reference: AHEAD,
        look: AHEAD,
        surface: deck,
        zone: {
          along: [1, 0, 0],
          nearerM: 0.12 * long,
          fartherM: 0.04 * long,
          mark: 'ahead of the stern',
          usualM: 0.23 * long,
        },
        cautions: [wet, 'In the way of a re-entry over the stern.'],
        note: 'over the shoulder with a raised arm, paddler in the frame',
      },
    ];
  },
});
