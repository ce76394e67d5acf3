import { boardMesh, boardStations } from '../../shapes/board';
import { BOTH_HANDS, bothHandsSpot, standingAcross, type Sideways } from '../../shapes/people';
import { loft } from '../../../src/mathematics/geometry/build/loft';
import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { smoothPath, tube } from '../../../src/mathematics/geometry/build/tube';
import { superellipse } from '../../../src/mathematics/geometry/build/superellipse';
import { mergeMeshes, type Mesh } from '../../../src/mathematics/geometry/mesh';
import { poseAt } from '../../../src/mathematics/geometry/pose';
import { rotationAbout } from '../../../src/mathematics/geometry/rotation';
import { AHEAD, RIGHT, UP } from '../../../src/mathematics/geometry/vec3';
import { machineFrom, type BlueprintStance } from '../../../src/posing/building/blueprint';
import { fittedValue, type Dimension, type Fit } from '../../../src/words/carrier/dimension';
import { SET_UP_STANCE_ID } from '../../../src/words/carrier/stance';
import { shake } from './shake';

const dimensions: readonly Dimension[] = [
  {
    id: 'lengthM',
    name: 'Board length',
    unit: 'm',
    standard: 1.56,
    low: 1.4,
    high: 1.68,
    step: 0.01,
    perMetreOfRider: 0.5,
    source: { kind: 'common practice' },
  },
  {
    id: 'waistM',
    name: 'Waist width',
    unit: 'm',
    standard: 0.252,
    low: 0.23,
    high: 0.275,
    step: 0.001,
    source: { kind: 'common practice' },
  },
  {
    id: 'stanceM',
    name: 'Stance width',
    unit: 'm',
    standard: 0.54,
    low: 0.45,
    high: 0.62,
    step: 0.01,
    perMetreOfRider: 0.3,
    source: { kind: 'common practice' },
  },
];

/** Board's thickness, and the binding's base plate under the sole; metres, estimate ± 20 %. */
const THICK_M = 0.011;
const PLATE_M = 0.022;
const DECK_Y = THICK_M + PLATE_M;

const value = (fit: Fit, id: string) => fittedValue(dimensions, fit, id);

function board(fit: Fit): Mesh {
  const long = value(fit, 'lengthM');
  const waist = value(fit, 'waistM');
  const end = 0.17 / long;
  // Sidecut between the contact points, round ends beyond them.
  const width = (t: number) => {
    const fromEnd = Math.min(t, 1 - t);
    const wide = waist * 1.19;
    if (fromEnd < end) return wide * Math.sqrt(1 - (1 - fromEnd / end) ** 2);
    const m = (Math.abs(t - 0.5) / (0.5 - end)) ** 2;
    return waist + (wide - waist) * m;
  };
  const rise = (t: number) => {
    const over = Math.max(0, end * 1.15 - Math.min(t, 1 - t)) / (end * 1.15);
    return 0.075 * over ** 2;
  };
  return boardMesh(boardStations(long, THICK_M, width, rise), 8);
}

function binding(x: number, turnDeg: number): Mesh {
  const plate = roundedBox(
    [0.26, PLATE_M, 0.105],
    0.01,
    poseAt([x, THICK_M + PLATE_M / 2 - 0.001, -0.005], rotationAbout(UP, -90 + turnDeg)),
  );
  // High back behind the calf: the body's back is the machine's left.
  const back = loft(
    [0, 0.3, 0.7, 1].map((t) =>
      superellipse(
        {
          centre: [x, DECK_Y + 0.03 + 0.2 * t, -0.155 + 0.012 * t],
          u: AHEAD,
          v: RIGHT,
          halfU: 0.052 - 0.012 * t,
          halfV: 0.006,
          power: 4,
        },
        16,
      ),
    ),
  );
  const heelcup = tube(
    smoothPath(
      [
        [x + 0.05, DECK_Y + 0.02, -0.02],
        [x + 0.045, DECK_Y + 0.045, -0.11],
        [x, DECK_Y + 0.05, -0.15],
        [x - 0.045, DECK_Y + 0.045, -0.11],
        [x - 0.05, DECK_Y + 0.02, -0.02],
      ],
      4,
    ),
    { radiusM: 0.008, segments: 8 },
  );
  const strap = (z: number, high: number) =>
    tube(
      smoothPath(
        [
          [x + 0.056, DECK_Y, z],
          [x + 0.05, DECK_Y + high * 0.7, z],
          [x, DECK_Y + high, z + 0.006],
          [x - 0.05, DECK_Y + high * 0.7, z],
          [x - 0.056, DECK_Y, z],
        ],
        4,
      ),
      { radiusM: 0.007, flatness: 2.2, segments: 8, reference: AHEAD },
    );
  return mergeMeshes([plate, back, heelcup, strap(-0.02, 0.125), strap(0.06, 0.082)]);
}

const riding: Omit<Sideways, 'halfStanceM' | 'height' | 'leanDeg' | 'arms'> = { middleX: -0.02, deckY: DECK_Y };

const STANCES: readonly (BlueprintStance & { readonly rides: Omit<Sideways, 'halfStanceM'> })[] = [
  {
    id: SET_UP_STANCE_ID,
    name: 'Set-up',
    share: 0,
    note: 'standing upright on the level board, looking along it: the level is read here',
    rides: { ...riding, height: 0.97, leanDeg: 2, arms: 'hanging', gazeDeg: 0 },
  },
  {
    id: 'cruise',
    name: 'Cruise',
    share: 0.4,
    note: 'flat base on a 12° slope, knees soft',
    slopeDeg: 12,
    rides: { ...riding, height: 0.87, leanDeg: 14, arms: 'out', rollDeg: 0 },
  },
  {
    id: 'toe',
    name: 'Toe edge',
    share: 0.22,
    note: 'carving to the right, board on its toe edge by 30°',
    slopeDeg: 16,
    rollDeg: 30,
    rides: { ...riding, height: 0.76, leanDeg: 16, arms: 'out', hipsToToesM: -0.02 },
  },
  {
    id: 'heel',
    name: 'Heel edge',
    share: 0.22,
    note: 'carving to the left, hips over the heels',
    slopeDeg: 16,
    rollDeg: -26,
    rides: { ...riding, height: 0.74, leanDeg: 32, arms: 'out', hipsToToesM: -0.16 },
  },
  {
    id: 'crouch',
    name: 'Crouch',
    share: 0.16,
    note: 'low and fast, straight down 20°',
    slopeDeg: 20,
    rides: { ...riding, height: 0.6, leanDeg: 48, arms: 'out', hipsToToesM: -0.16 },
  },
  {
    ...BOTH_HANDS,
    note: 'for a take: easy ground, upright, a pole before the chest',
    slopeDeg: 10,
    rides: { ...riding, height: 0.88, leanDeg: 10, arms: 'pole' },
  },
];

export default machineFrom({
  id: 'snowboard',
  name: 'Snowboard',
  world: 'snow',
  family: 'board',
  traits: ['ridden standing', 'steered with the feet'],
  wearing: ['rider-body', 'snow-helmet'],
  usualSpeedMps: 11,
  shake,
  working: ['board'],
  note: 'all-mountain board with strap bindings, left foot ahead',
  dimensions,
  stances: STANCES,
  actionStanceId: 'cruise',
  build: (fit) => {
    const half = value(fit, 'stanceM') / 2;
    return {
      parts: [
        { id: 'board', name: 'board', tone: 'board', mesh: board(fit) },
        { id: 'frontBinding', name: 'front binding', tone: 'black', mesh: binding(-0.02 + half, 18) },
        { id: 'rearBinding', name: 'rear binding', tone: 'black', mesh: binding(-0.02 - half, -4) },
      ],
      moving: [],
    };
  },
  occupants: ({ fit, body, stance }) => {
    const { rides } = STANCES.find((s) => s.id === stance.id)!;
    return [{ posture: standingAcross(body, { ...rides, halfStanceM: value(fit, 'stanceM') / 2 }), hipsFree: true }];
  },
  spots: (fit) => {
    const long = value(fit, 'lengthM');
    const surface = { material: 'foam core', shape: 'flat', flatAreaM2: 0.02, wallM: 0.011 } as const;
    const cautions = [
      'An edge under pressure bends the board: a pad peels. Tether it to the binding.',
      'A camera standing up from the board is in the way of a falling body and of lift queues.',
    ];
    return [
      bothHandsSpot,
      {
        id: 'board-nose',
        name: 'Board, nose, facing back',
        partId: 'board',
        aim: { from: [long * 0.34, 0.5, 0], toward: [0, -1, 0] },
        reference: [-1, 0, 0],
        look: [-1, 0, 0],
        surface,
        zone: {
          along: [-1, 0, 0],
          nearerM: 0.02 * long,
          fartherM: 0.08 * long,
          mark: 'behind the nose',
          usualM: 0.16 * long,
        },
        cautions,
        note: 'the whole rider from low ahead; snow spray on the lens',
      },
      {
        id: 'board-tail',
        name: 'Board, tail',
        partId: 'board',
        aim: { from: [-long * 0.36, 0.5, 0], toward: [0, -1, 0] },
        reference: AHEAD,
        look: AHEAD,
        surface,
        zone: {
          along: [1, 0, 0],
          nearerM: 0.02 * long,
          fartherM: 0.06 * long,
          mark: 'ahead of the tail',
          usualM: 0.14 * long,
        },
        cautions,
        note: 'low and fast past the legs',
      },
    ];
  },
});
