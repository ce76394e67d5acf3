import { boardMesh, boardStations } from '../../shapes/board';
import { BOTH_HANDS, bothHandsSpot, placed, PRONE, sole, standingAcross, UPRIGHT } from '../../shapes/people';
import { loft } from '../../../src/mathematics/geometry/build/loft';
import { superellipse } from '../../../src/mathematics/geometry/build/superellipse';
import type { Posture } from '../../../src/words/carrier/posture';
import type { BodySegments } from '../../../src/words/carrier/bodySegments';
import { mergeMeshes, type Mesh } from '../../../src/mathematics/geometry/mesh';
import { AHEAD, RIGHT } from '../../../src/mathematics/geometry/vec3';
import { machineFrom, type BlueprintStance } from '../../../src/posing/building/blueprint';
import { fittedValue, type Dimension, type Fit } from '../../../src/words/carrier/dimension';
import { SET_UP_STANCE_ID } from '../../../src/words/carrier/stance';
import { shake } from './shake';

const practice = { kind: 'common practice' } as const;
const dimensions: readonly Dimension[] = [
  {
    id: 'lengthM',
    name: 'Board length',
    unit: 'm',
    standard: 2.13,
    low: 1.65,
    high: 2.9,
    step: 0.01,
    source: practice,
  },
  {
    id: 'widthM',
    name: 'Board width',
    unit: 'm',
    standard: 0.535,
    low: 0.46,
    high: 0.6,
    step: 0.005,
    source: practice,
  },
  {
    id: 'thickM',
    name: 'Board thickness',
    unit: 'm',
    standard: 0.066,
    low: 0.05,
    high: 0.085,
    step: 0.001,
    source: practice,
  },
];
const value = (fit: Fit, id: string) => fittedValue(dimensions, fit, id);

/** Machine frame: origin under the middle of the board at its lowest; the deck's height there is its thickness. */
const rockerAt = (t: number) => 0.13 * Math.max(0, (t - 0.5) / 0.5) ** 2.6 + 0.05 * Math.max(0, (0.5 - t) / 0.5) ** 2.4;

const width = (fit: Fit) => (t: number) => {
  // Widest a little ahead of the middle, pulled in nose, rounded square tail.
  const wide = value(fit, 'widthM');
  const nose = t > 0.55 ? 1 - ((t - 0.55) / 0.45) ** 2.4 : 1 - 0.28 * ((0.55 - t) / 0.55) ** 2;
  const tail = t < 0.06 ? Math.sqrt(1 - (1 - t / 0.06) ** 2) : 1;
  return wide * Math.sqrt(Math.max(0, nose)) * tail;
};

function fin(x: number, z: number): Mesh {
  return loft(
    [0, 0.4, 0.75, 1].map((t) =>
      superellipse(
        {
          centre: [x - 0.05 * t * t, 0.035 - 0.125 * t, z],
          u: AHEAD,
          v: RIGHT,
          halfU: 0.056 * (1 - 0.75 * t),
          halfV: 0.004,
          power: 2,
        },
        14,
      ),
    ),
  );
}

/** Lying and paddling, or pushed up for the jump to the feet. */
function prone(body: BodySegments, deckY: number, up: boolean): Posture {
  const k = body.statureM / 1.75;
  const hipX = -0.28;
  const y = deckY + 0.115;
  const shoulder = hipX + body.torsoM;
  return {
    ...UPRIGHT,
    base: PRONE,
    hipCentre: [hipX, y + (up ? 0.05 : 0), 0],
    leanDeg: up ? -34 : -13,
    rollDeg: 0,
    gazeDeg: up ? 62 : 76,
    headTurnDeg: 0,
    elbowsOut: up ? 0.25 : 0.7,
    kneesOut: 0.1,
    handsWork: true,
    hands: up
      ? {
          left: placed([shoulder - 0.08, deckY + 0.035, -0.2], [1, 0, 0.1], [0, 1, 0]),
          right: placed([shoulder - 0.08, deckY + 0.035, 0.2], [1, 0, -0.1], [0, 1, 0]),
        }
      : {
          left: placed([shoulder + 0.42 * k, deckY + 0.06, -0.27], [1, -0.35, 0], [0, 1, -0.3]),
          right: placed([shoulder - 0.22, deckY - 0.2, 0.36], [-0.5, -1, 0], [0.9, -0.4, 0.2]),
        },
    feet: {
      left: sole([hipX - 0.945 * k, deckY + 0.13, -0.1], [-1, 0.1, -0.05], [0, -1, 0]),
      right: sole([hipX - 0.945 * k, deckY + 0.13, 0.1], [-1, 0.1, 0.05], [0, -1, 0]),
    },
  };
}

const STANCES: readonly BlueprintStance[] = [
  {
    id: SET_UP_STANCE_ID,
    name: 'Set-up',
    share: 0,
    note: 'standing upright on the level board on the beach: the level is read here',
  },
  {
    id: 'paddle',
    name: 'Paddling',
    share: 0.45,
    speedShare: 0.25,
    note: 'prone, arms in turn',
    heightM: -0.04,
    pitchDeg: 2,
  },
  {
    id: 'pop-up',
    name: 'Pop-up',
    share: 0.05,
    speedShare: 0.5,
    note: 'pushed up on the hands',
    heightM: -0.03,
    pitchDeg: -8,
  },
  {
    id: 'ride',
    name: 'Ride',
    share: 0.35,
    note: 'crouched across the board, down the line',
    heightM: 0.02,
    pitchDeg: -4,
  },
  {
    id: 'turn',
    name: 'Turn',
    share: 0.15,
    note: 'bottom turn on the toe side rail, 28°',
    heightM: 0.06,
    rollDeg: 28,
    pitchDeg: 2,
  },
  {
    ...BOTH_HANDS,
    note: 'for a take: on an easy wave, a pole before the chest',
    heightM: 0.02,
    pitchDeg: -3,
  },
];

export default machineFrom({
  id: 'surfboard',
  name: 'Surfboard',
  world: 'water',
  family: 'board',
  traits: ['ridden standing', 'lies on the water', 'others in the waves', 'steered with the feet'],
  wearing: ['plain-body', 'head-strap'],
  barefoot: true,
  usualSpeedMps: 6,
  shake,
  working: ['board'],
  note: 'three fins, paddled prone, ridden with the left foot ahead',
  dimensions,
  stances: STANCES,
  actionStanceId: 'ride',
  build: (fit) => {
    const long = value(fit, 'lengthM');
    const thick = value(fit, 'thickM');
    const stations = boardStations(
      long,
      thick,
      width(fit),
      rockerAt,
      (t) => 0.45 + 0.55 * Math.sin(Math.PI * t) ** 0.6,
    );
    return {
      parts: [
        { id: 'board', name: 'board', tone: 'board', mesh: boardMesh(stations, 2.6) },
        {
          id: 'fins',
          name: 'fins',
          tone: 'black',
          mesh: mergeMeshes([fin(-long * 0.44, 0), fin(-long * 0.35, 0.13), fin(-long * 0.35, -0.13)]),
        },
      ],
      moving: [],
    };
  },
  occupants: ({ fit, body, stance }) => {
    const deckY = value(fit, 'thickM');
    if (stance.id === 'paddle' || stance.id === 'pop-up') {
      return [{ posture: prone(body, deckY, stance.id === 'pop-up'), hipsFree: true }];
    }
    const low = stance.id !== SET_UP_STANCE_ID;
    return [
      {
        posture: standingAcross(body, {
          middleX: -0.26,
          halfStanceM: low ? 0.36 : 0.2,
          deckY,
          height: low ? (stance.id === 'turn' ? 0.62 : 0.68) : 0.97,
          leanDeg: stance.id === BOTH_HANDS.id ? 20 : low ? 34 : 2,
          arms: stance.id === BOTH_HANDS.id ? 'pole' : low ? 'out' : 'hanging',
          hipsToToesM: low ? -0.1 : 0,
          gazeDeg: low ? -3 : 0,
          frontFootDeg: 25,
          rearFootDeg: 0,
        }),
        hipsFree: true,
      },
    ];
  },
  spots: (fit) => {
    const long = value(fit, 'lengthM');
    const surface = { material: 'foam core', shape: 'flat', flatAreaM2: 0.01, wallM: 0.002 } as const;
    const cautions = [
      'A board comes back at its rider: anything rigid on it hits harder. Low base, rounded, tethered through the leash plug.',
      'The skin over the foam dents and peels: glue on a dry, degreased deck and leave it overnight.',
    ];
    return [
      bothHandsSpot,
      {
        id: 'board-nose',
        name: 'Board, nose, facing back',
        partId: 'board',
        aim: { from: [long * 0.37, 0.6, 0], toward: [0, -1, 0] },
        reference: [-1, 0, 0],
        look: [-1, 0, 0],
        surface,
        zone: {
          along: [-1, 0, 0],
          nearerM: 0.05 * long,
          fartherM: 0.12 * long,
          mark: 'behind the nose',
          usualM: 0.13 * long,
        },
        cautions,
        note: 'the surfer and the wave behind; drops on the lens',
      },
      {
        id: 'board-tail',
        name: 'Board, tail',
        partId: 'board',
        aim: { from: [-long * 0.43, 0.6, 0.0], toward: [0, -1, 0] },
        reference: AHEAD,
        look: AHEAD,
        surface,
        zone: {
          along: [1, 0, 0],
          nearerM: 0.02 * long,
          fartherM: 0.1 * long,
          mark: 'ahead of the tail',
          usualM: 0.07 * long,
        },
        cautions,
        note: 'past the feet along the line',
      },
    ];
  },
});
