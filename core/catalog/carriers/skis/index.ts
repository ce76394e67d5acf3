import type { Surface } from '../../../src/words/carrier/surface';
import { notDrilled } from '../../shapes/notDrilled';
import { bySide, grip, heldOut, sole, standingHipM, UPRIGHT } from '../../shapes/people';
import { transformDirection, transformPoint } from '../../../src/mathematics/geometry/pose';
import { AHEAD, normalize, RIGHT, UP, type Vec3 } from '../../../src/mathematics/geometry/vec3';
import { machineFrom, type BlueprintStance } from '../../../src/posing/building/blueprint';
import { fittedValue, type Dimension, type Fit } from '../../../src/words/carrier/dimension';
import type { MovingPart } from '../../../src/words/carrier/movingPart';
import { SET_UP_STANCE_ID } from '../../../src/words/carrier/stance';
import { shake } from './shake';
import { binding, BOOT_X, pole, ski, SOLE_Y } from './skiMesh';

const practice = { kind: 'common practice' } as const;
const dimensions: readonly Dimension[] = [
  {
    id: 'lengthM',
    name: 'Ski length',
    unit: 'm',
    standard: 1.72,
    low: 1.35,
    high: 1.95,
    step: 0.01,
    perMetreOfRider: 0.8,
    source: practice,
  },
  {
    id: 'waistM',
    name: 'Waist width',
    unit: 'm',
    standard: 0.082,
    low: 0.066,
    high: 0.115,
    step: 0.001,
    source: practice,
  },
  { id: 'apartM', name: 'Skis apart', unit: 'm', standard: 0.26, low: 0.2, high: 0.36, step: 0.01, source: practice },
  {
    id: 'poleM',
    name: 'Pole length',
    unit: 'm',
    standard: 1.2,
    low: 0.95,
    high: 1.35,
    step: 0.05,
    perMetreOfRider: 0.7,
    source: practice,
  },
];
const value = (fit: Fit, id: string) => fittedValue(dimensions, fit, id);

/** Grips of the poles with everything at zero: hands before the hips; and which way the poles lie, back and out. */
const TOP: Vec3 = [0.3, 1.0, 0.34];
const ALONG: Vec3 = normalize([-0.44, -0.88, 0.14]);
const mirrored = ([x, y, z]: Vec3): Vec3 => [x, y, -z];

/** Half of what is usually between the skis, metres. */
const HALF_M = 0.13;
/** On edge both skis lie on the snow: the inner leg bends, the outer stretches. */
const onEdge = (rollDeg: number) => {
  const by = HALF_M * Math.tan((rollDeg * Math.PI) / 180);
  return { rightLeg: by, leftLeg: -by };
};

/** How somebody stands on them: hips against standing straight, torso forward, hips behind the boots, metres. */
interface Stood {
  readonly height: number;
  readonly leanDeg: number;
  readonly back: number;
  readonly gazeDeg?: number;
}

const STANCES: readonly (BlueprintStance & { readonly stood: Stood })[] = [
  {
    id: SET_UP_STANCE_ID,
    name: 'Set-up',
    share: 0,
    note: 'standing upright on level snow, poles in hand: the level is read here',
    state: { lift: -0.02, reach: -0.16, swing: 24 },
    stood: { height: 0.98, leanDeg: 2, back: 0, gazeDeg: 0 },
  },
  {
    id: 'cruise',
    name: 'Cruise',
    share: 0.35,
    note: 'long turns on a 12° slope, knees and ankles soft',
    slopeDeg: 12,
    stood: { height: 0.86, leanDeg: 26, back: 0.1 },
  },
  {
    id: 'right',
    name: 'Turn right',
    share: 0.22,
    note: 'carving to the right, skis on edge by 28°',
    slopeDeg: 16,
    rollDeg: 28,
    state: { lift: -0.06, ...onEdge(28) },
    stood: { height: 0.77, leanDeg: 34, back: 0.16 },
  },
  {
    id: 'left',
    name: 'Turn left',
    share: 0.22,
    note: 'carving to the left, skis on edge by 28°',
    slopeDeg: 16,
    rollDeg: -28,
    state: { lift: -0.06, ...onEdge(-28) },
    stood: { height: 0.77, leanDeg: 34, back: 0.16 },
  },
  {
    id: 'tuck',
    name: 'Tuck',
    share: 0.21,
    note: 'straight down 18°, hands before the face, poles under the arms',
    slopeDeg: 18,
    state: { lift: -0.13, reach: 0.24, swing: -52, cross: -0.22, inward: 0.22 },
    stood: { height: 0.6, leanDeg: 62, back: 0.26, gazeDeg: -2 },
  },
  {
    id: 'one-hand',
    name: 'One hand off',
    share: 0,
    speedShare: 0.5,
    note: 'for a take: gliding straight, both poles in the left hand, right hand held out',
    slopeDeg: 10,
    state: { cross: -0.71 },
    stood: { height: 0.9, leanDeg: 18, back: 0.06 },
  },
];

const leg = (side: 'right' | 'left'): MovingPart => ({
  id: `${side}Leg`,
  name: `${side} ski`,
  does: 'is drawn up or pushed down',
  kind: 'slide',
  at: [0, 0, 0],
  axis: UP,
  low: -0.12,
  high: 0.12,
  source: { kind: 'estimate', low: 0.08, high: 0.2 },
});

const moving: readonly MovingPart[] = [
  leg('right'),
  leg('left'),
  {
    id: 'lift',
    name: 'poles',
    does: 'go up and down',
    kind: 'slide',
    at: TOP,
    axis: UP,
    low: -0.4,
    high: 0.3,
    source: practice,
  },
  {
    id: 'reach',
    name: 'poles',
    does: 'go out and in',
    kind: 'slide',
    at: TOP,
    axis: AHEAD,
    low: -0.3,
    high: 0.35,
    on: 'lift',
    source: practice,
  },
  {
    id: 'swing',
    name: 'poles',
    does: 'swing',
    kind: 'turn',
    at: TOP,
    axis: RIGHT,
    low: -70,
    high: 60,
    on: 'reach',
    source: { kind: 'estimate', low: 30, high: 80 },
  },
  {
    id: 'cross',
    name: 'right pole',
    does: 'is drawn in or handed over',
    kind: 'slide',
    at: TOP,
    axis: RIGHT,
    low: -0.75,
    high: 0,
    on: 'swing',
    source: practice,
  },
  {
    id: 'inward',
    name: 'left pole',
    does: 'is drawn in',
    kind: 'slide',
    at: TOP,
    axis: RIGHT,
    low: 0,
    high: 0.3,
    on: 'swing',
    source: practice,
  },
];

export default machineFrom({
  id: 'skis',
  name: 'Alpine skis',
  world: 'snow',
  family: 'board',
  traits: ['ridden standing', 'steered with the feet'],
  wearing: ['rider-body', 'snow-helmet'],
  usualSpeedMps: 12,
  shake,
  working: ['rightSki', 'leftSki'],
  note: 'a pair of all-mountain skis with bindings and poles',
  dimensions,
  stances: STANCES,
  actionStanceId: 'cruise',
  build: (fit) => {
    const half = value(fit, 'apartM') / 2;
    const [long, waist] = [value(fit, 'lengthM'), value(fit, 'waistM')];
    const tip = (top: Vec3, along: Vec3): Vec3 => {
      const m = value(fit, 'poleM') - 0.06;
      return [top[0] + along[0] * m, top[1] + along[1] * m, top[2] + along[2] * m];
    };
    const pair = (sign: 1 | -1, side: 'right' | 'left') => [
      {
        id: `${side}Ski`,
        name: `${side} ski`,
        tone: 'board',
        mesh: ski(long, waist, sign * half),
        on: `${side}Leg`,
      } as const,
      {
        id: `${side}Binding`,
        name: `${side} binding`,
        tone: 'black',
        mesh: binding(sign * half),
        on: `${side}Leg`,
      } as const,
    ];
    return {
      parts: [
        ...pair(1, 'right'),
        ...pair(-1, 'left'),
        { id: 'rightPole', name: 'right pole', tone: 'metal', mesh: pole(TOP, tip(TOP, ALONG)), on: 'cross' },
        {
          id: 'leftPole',
          name: 'left pole',
          tone: 'metal',
          mesh: pole(mirrored(TOP), tip(mirrored(TOP), mirrored(ALONG))),
          on: 'inward',
        },
      ],
      moving,
    };
  },
  occupants: ({ fit, body, stance, moved }) => {
    const { stood } = STANCES.find((s) => s.id === stance.id)!;
    const k = body.statureM / 1.75;
    const half = value(fit, 'apartM') / 2;
    const [inward, cross] = [moved('inward'), moved('cross')];
    const hipCentre: Vec3 = [BOOT_X - stood.back * k, SOLE_Y + standingHipM(body) * stood.height, 0];
    const filming = stance.id === 'one-hand';
    return [
      {
        posture: {
          ...UPRIGHT,
          hipCentre,
          leanDeg: stood.leanDeg,
          // The chest stays more upright than the skis that are on edge.
          rollDeg: -(stance.rollDeg ?? 0) * 0.45,
          gazeDeg: stood.gazeDeg ?? -4,
          elbowsOut: stance.id === 'tuck' ? 0.15 : 0.45,
          kneesOut: 0.06,
          hands: {
            left: grip(transformPoint(inward, mirrored(TOP)), transformDirection(inward, mirrored(ALONG))),
            right: filming
              ? heldOut(body, hipCentre, stood.leanDeg)
              : grip(transformPoint(cross, TOP), transformDirection(cross, ALONG)),
          },
          feet: bySide((sign, side) =>
            sole([BOOT_X + 0.09, SOLE_Y + (stance.state?.[`${side}Leg`] ?? 0), sign * half], [1, 0, 0.02 * sign]),
          ),
        },
        hipsFree: true,
      },
    ];
  },
  spots: (fit) => {
    const long = value(fit, 'lengthM');
    const z = value(fit, 'apartM') / 2;
    const surface: Surface = {
      material: 'plastic',
      shape: 'flat',
      flatAreaM2: 0.006,
      wallM: 0.01,
      ...notDrilled('a ski breaks at a hole and takes up water'),
    };
    const cautions = [
      'A ski bends and knocks against the other: a pad peels. Tether it to the binding, short.',
      'Anything standing up from a ski catches the other one, gates and lift queues: low base, outside edge.',
    ];
    return [
      {
        id: 'ski-front',
        name: 'Right ski, before the binding, facing back',
        partId: 'rightSki',
        aim: { from: [long * 0.27, 0.5, z], toward: [0, -1, 0] },
        reference: [-1, 0, 0],
        look: [-1, 0, 0],
        surface,
        zone: {
          along: [-1, 0, 0],
          nearerM: 0.06 * long,
          fartherM: 0.06 * long,
          mark: 'behind the tip',
          usualM: 0.23 * long,
        },
        cautions,
        note: 'the whole skier from low ahead; snow on the lens',
      },
      {
        id: 'ski-tail',
        name: 'Right ski, tail',
        partId: 'rightSki',
        aim: { from: [-long * 0.36, 0.5, z], toward: [0, -1, 0] },
        reference: AHEAD,
        look: AHEAD,
        surface,
        zone: {
          along: [1, 0, 0],
          nearerM: 0.04 * long,
          fartherM: 0.06 * long,
          mark: 'ahead of the tail',
          usualM: 0.14 * long,
        },
        cautions,
        note: 'low and fast past the boots',
      },
    ];
  },
});
