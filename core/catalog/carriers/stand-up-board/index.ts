import { boardMesh, boardStations } from '../../shapes/board';
import { blade, SHAFT_RADIUS_M } from '../../shapes/paddle';
import { bySide, grip, heldOut, sole, standingHipM, UPRIGHT } from '../../shapes/people';
import { rod } from '../../../src/mathematics/geometry/build/tube';
import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { transformDirection, transformPoint } from '../../../src/mathematics/geometry/pose';
import { AHEAD, type Vec3 } from '../../../src/mathematics/geometry/vec3';
import { machineFrom, type BlueprintStance } from '../../../src/posing/building/blueprint';
import { fittedValue, type Dimension, type Fit } from '../../../src/words/carrier/dimension';
import { SET_UP_STANCE_ID } from '../../../src/words/carrier/stance';
import { shake } from './shake';
import { estimated } from '../../../src/words/sourced/estimated';

const practice = { kind: 'common practice' } as const;
/** Of a rider of the standard height. */
const PADDLE_M = 1.86;
const dimensions: readonly Dimension[] = [
  { id: 'lengthM', name: 'Board length', unit: 'm', standard: 3.2, low: 2.6, high: 3.9, step: 0.05, source: practice },
  { id: 'widthM', name: 'Board width', unit: 'm', standard: 0.79, low: 0.66, high: 0.9, step: 0.01, source: practice },
  {
    id: 'thickM',
    name: 'Board thickness',
    unit: 'm',
    standard: 0.13,
    low: 0.1,
    high: 0.16,
    step: 0.005,
    source: practice,
  },
  {
    id: 'paddleM',
    name: 'Paddle length',
    unit: 'm',
    standard: PADDLE_M,
    low: 1.6,
    high: 2.2,
    step: 0.02,
    // As tall as its rider and a hand more.
    perMetreOfRider: 1,
    source: practice,
  },
];
const value = (fit: Fit, id: string) => fittedValue(dimensions, fit, id);

/** A paddle of PADDLE_M over the right side, hinged for the stroke about the lower hand; deck-relative, metres. A longer one is held so much higher. */
const LOWER: Vec3 = [0.29, 0.84, 0.29];
const SHAFT: Vec3 = [0.02, -0.955, 0.296];
/** A place along the shaft, from the lower hand, in the machine's frame. */
const along = (fit: Fit, t: number): Vec3 => {
  const size = value(fit, 'paddleM') / PADDLE_M;
  const [x, y, z] = [0, 1, 2].map((axis) => (LOWER[axis]! + SHAFT[axis]! * t) * size) as [number, number, number];
  return [x, y + value(fit, 'thickM'), z];
};

const STANCES: readonly BlueprintStance[] = [
  {
    id: SET_UP_STANCE_ID,
    name: 'Set-up',
    share: 0,
    note: 'standing upright on the level board on land: the level is read here',
  },
  { id: 'catch', name: 'Catch', share: 0.35, note: 'blade put in ahead', heightM: -0.07, state: { stroke: 26 } },
  { id: 'pull', name: 'Pull', share: 0.35, note: 'blade at the feet', heightM: -0.07, state: { stroke: -6 } },
  {
    id: 'glide',
    name: 'Glide',
    share: 0.3,
    note: 'upright between strokes, board pitching 3°',
    heightM: -0.07,
    pitchDeg: 3,
    state: { stroke: 8 },
  },
  {
    id: 'one-hand',
    name: 'One hand off',
    share: 0,
    speedShare: 0.3,
    note: 'for a take: gliding, paddle upright in the left hand, right hand held out',
    heightM: -0.07,
    state: { stroke: 8 },
  },
];

export default machineFrom({
  id: 'stand-up-board',
  name: 'Stand-up board',
  world: 'water',
  family: 'board',
  traits: ['ridden standing', 'lies on the water'],
  wearing: ['buoyancy-vest', 'head-strap'],
  drivenBy: { kind: 'muscle', watts: estimated(80, 40, 130) },
  barefoot: true,
  usualSpeedMps: 1.8,
  shake,
  working: ['paddle', 'board'],
  note: 'touring paddle board with a single-blade paddle',
  dimensions,
  stances: STANCES,
  actionStanceId: 'pull',
  build: (fit) => {
    const wide = value(fit, 'widthM');
    const thick = value(fit, 'thickM');
    const [handle, lower] = [along(fit, -0.66), along(fit, 0)];
    const board = boardMesh(
      boardStations(
        value(fit, 'lengthM'),
        thick,
        (t) => wide * (1 - Math.abs(2 * t - 1) ** 3) ** 0.55 * (t > 0.5 ? 1 - 0.12 * (2 * t - 1) : 1),
        (t) => 0.2 * Math.max(0, (t - 0.55) / 0.45) ** 2.4 + 0.03 * Math.max(0, (0.3 - t) / 0.3) ** 2,
        (t) => (t > 0.85 ? 1 - (t - 0.85) * 3 : 1),
      ),
      4,
    );
    return {
      parts: [
        { id: 'board', name: 'board', tone: 'board', mesh: board },
        {
          id: 'fin',
          name: 'fin',
          tone: 'black',
          mesh: blade(
            [-value(fit, 'lengthM') * 0.42, 0.02, 0],
            [-value(fit, 'lengthM') * 0.45, -0.2, 0],
            0.16,
            [0, 0, 1],
          ),
        },
        {
          id: 'paddle',
          name: 'paddle',
          tone: 'black',
          on: 'stroke',
          mesh: mergeMeshes([
            rod(handle, along(fit, 0.78), { radiusM: SHAFT_RADIUS_M, segments: 12 }),
            rod([handle[0], handle[1], handle[2] - 0.055], [handle[0], handle[1], handle[2] + 0.055], {
              radiusM: 0.016,
              segments: 10,
              rounded: true,
            }),
            blade(along(fit, 0.74), along(fit, 1.2), 0.22, [-1, 0, 0]),
          ]),
        },
      ],
      moving: [
        {
          id: 'stroke',
          swung: true,
          name: 'paddle',
          does: 'goes through its stroke',
          kind: 'turn',
          at: lower,
          axis: [0, 0, 1],
          low: -55,
          high: 40,
          source: { kind: 'estimate', low: 30, high: 60 },
        },
      ],
    };
  },
  occupants: ({ fit, body, stance, moved }) => {
    const deckY = value(fit, 'thickM');
    const stroke = moved('stroke');
    const still = stance.id === SET_UP_STANCE_ID;
    const at = stance.state?.stroke ?? 0;
    const filming = stance.id === 'one-hand';
    const leanDeg = still ? 2 : filming ? 8 : 16 + Math.max(0, at) * 0.5;
    const hipCentre: Vec3 = [still ? 0 : -0.06 - at * 0.001, deckY + standingHipM(body) * (still ? 0.98 : 0.93), 0];
    return [
      {
        posture: {
          ...UPRIGHT,
          hipCentre,
          leanDeg,
          rollDeg: still ? 0 : 6,
          gazeDeg: still ? 0 : -4,
          elbowsOut: 0.35,
          hands: {
            left: grip(transformPoint(stroke, along(fit, -0.66)), transformDirection(stroke, [0, 0, -1])),
            right: filming
              ? heldOut(body, hipCentre, leanDeg)
              : grip(transformPoint(stroke, along(fit, 0.02)), transformDirection(stroke, SHAFT)),
          },
          feet: bySide((sign) => sole([0.12, deckY, sign * 0.17], [1, 0, 0.08 * sign])),
        },
        hipsFree: true,
      },
    ];
  },
  spots: (fit) => {
    const long = value(fit, 'lengthM');
    const underHand = along(fit, 0.24);
    const surface = { material: 'foam core', shape: 'flat', flatAreaM2: 0.03, wallM: 0.003 } as const;
    return [
      {
        id: 'board-nose',
        name: 'Board, nose, facing back',
        partId: 'board',
        aim: { from: [long * 0.36, 0.8, 0], toward: [0, -1, 0] },
        reference: [-1, 0, 0],
        look: [-1, 0, 0],
        surface,
        zone: {
          along: [-1, 0, 0],
          nearerM: 0.06 * long,
          fartherM: 0.14 * long,
          mark: 'behind the nose',
          usualM: 0.14 * long,
        },
        cautions: ['A fall forward lands here: low base, rounded, tethered to the bow ring.'],
        note: 'the paddler against the sky, water close by',
      },
      {
        id: 'paddle-shaft',
        name: 'Paddle shaft, under the lower hand',
        partId: 'paddle',
        aim: { from: [underHand[0] + 0.3, underHand[1], underHand[2]], toward: [-1, 0, 0] },
        reference: [0, 1, 0],
        look: AHEAD,
        surface: {
          material: 'carbon',
          shape: 'tube',
          tubeDiameterM: SHAFT_RADIUS_M * 2,
          wallM: 0.0015,
          mustNot: [
            { kind: 'clamp', because: 'no hard clamping on carbon: a strap-round base with a soft pad' },
            { kind: 'bolt', because: 'a drilled shaft breaks there' },
          ],
        },
        cautions: ['Swings with every stroke: only for a short take.', 'No hard clamping on carbon.'],
        note: 'moves with the blade: dip and drip close up',
      },
    ];
  },
});
