import { carSeat, carWheels, handsOnWheel, steered, steeringMoving, steeringWheel } from '../../shapes/closedCar';
import { handsOnThighs, seated } from '../../shapes/people';
import { loft, type Ring } from '../../../src/mathematics/geometry/build/loft';
import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { rod, smoothPath, tube } from '../../../src/mathematics/geometry/build/tube';
import { mergeMeshes, mirrorMesh, type Mesh } from '../../../src/mathematics/geometry/mesh';
import { poseAt } from '../../../src/mathematics/geometry/pose';
import { AHEAD, RIGHT, type Vec3 } from '../../../src/mathematics/geometry/vec3';
import { machineFrom, type BlueprintStance } from '../../../src/posing/building/blueprint';
import { fittedValue, type Dimension, type Fit } from '../../../src/words/carrier/dimension';
import { SET_UP_STANCE_ID } from '../../../src/words/carrier/stance';
import { shake } from './shake';
import { estimated } from '../../../src/words/sourced/estimated';

const practice = { kind: 'common practice' } as const;
const dimensions: readonly Dimension[] = [
  { id: 'wheelbaseM', name: 'Wheelbase', unit: 'm', standard: 2.25, low: 1.9, high: 2.6, step: 0.01, source: practice },
  { id: 'trackM', name: 'Track', unit: 'm', standard: 1.4, low: 1.2, high: 1.6, step: 0.01, source: practice },
  { id: 'wheelM', name: 'Tyre diameter', unit: 'm', standard: 0.7, low: 0.6, high: 0.8, step: 0.01, source: practice },
  {
    id: 'tubeM',
    name: 'Cage tube',
    unit: 'm',
    standard: 0.045,
    low: 0.032,
    high: 0.051,
    step: 0.001,
    source: practice,
  },
];
const value = (fit: Fit, id: string) => fittedValue(dimensions, fit, id);

/** Half width of the cage, and heights over the ground; metres, common practice ± 10 %. */
const HALF = 0.62;
const FLOOR_Y = 0.42;
const SEAT: Vec3 = [-0.2, 0.68, -0.32];
const WHEEL: Vec3 = [0.3, 1.08, -0.32];
const TOP_Y = 1.82;

/** Right half of the cage and its cross tubes, as paths. */
function cage(fit: Fit): Mesh {
  const r = value(fit, 'tubeM') / 2;
  const pipe = (points: readonly Vec3[]) => tube(smoothPath(points, 4), { radiusM: r, segments: 12 });
  const side = mergeMeshes([
    // Screen pillar, roof and main hoop in one run.
    pipe([
      [0.92, FLOOR_Y + 0.42, HALF - 0.04],
      [0.62, 1.2, HALF],
      [0.3, TOP_Y - 0.04, HALF - 0.07],
      [0.1, TOP_Y, HALF - 0.09],
      [-0.5, TOP_Y + 0.02, HALF - 0.09],
      [-0.66, TOP_Y - 0.05, HALF - 0.08],
      [-0.74, 1.2, HALF - 0.01],
      [-0.76, FLOOR_Y, HALF],
    ]),
    pipe([
      [1.0, FLOOR_Y, HALF - 0.1],
      [0.3, FLOOR_Y, HALF],
      [-0.76, FLOOR_Y, HALF],
      [-1.2, FLOOR_Y + 0.06, HALF - 0.12],
    ]),
    pipe([
      [0.86, FLOOR_Y + 0.5, HALF - 0.03],
      [0.3, FLOOR_Y + 0.36, HALF + 0.02],
      [-0.74, FLOOR_Y + 0.5, HALF],
    ]),
    pipe([
      [-0.6, TOP_Y - 0.1, HALF - 0.09],
      [-1.0, 1.35, HALF - 0.14],
      [-1.3, 0.95, HALF - 0.18],
      [-1.32, FLOOR_Y + 0.1, HALF - 0.18],
    ]),
  ]);
  const across = (x: number, y: number, half: number) => rod([x, y, -half], [x, y, half], { radiusM: r, segments: 12 });
  return mergeMeshes([
    side,
    mirrorMesh(side),
    across(0.26, TOP_Y - 0.03, HALF - 0.07),
    across(-0.56, TOP_Y, HALF - 0.09),
    across(-0.74, 1.25, HALF - 0.01),
    across(0.9, FLOOR_Y + 0.44, HALF - 0.04),
    across(-1.3, 0.95, HALF - 0.18),
    rod([-0.7, 1.62, -HALF + 0.06], [-0.75, 0.75, HALF - 0.02], { radiusM: r * 0.9, segments: 10 }),
  ]);
}

function nose(): Mesh {
  const ring = (x: number, half: number, low: number, high: number): Ring =>
    [
      [half, low],
      [half * 1.02, (low + high) / 2],
      [half * 0.9, high - 0.03],
      [half * 0.5, high],
      [-half * 0.5, high],
      [-half * 0.9, high - 0.03],
      [-half * 1.02, (low + high) / 2],
      [-half, low],
    ].map(([z, y]): Vec3 => [x, y!, z!]);
  return loft([
    ring(0.72, 0.6, FLOOR_Y + 0.2, 1.06),
    ring(0.95, 0.58, FLOOR_Y + 0.16, 1.0),
    ring(1.3, 0.5, FLOOR_Y + 0.12, 0.86),
    ring(1.52, 0.38, FLOOR_Y + 0.14, 0.74),
    ring(1.58, 0.3, FLOOR_Y + 0.18, 0.68),
  ]);
}

const STANCES: readonly BlueprintStance[] = [
  { id: SET_UP_STANCE_ID, name: 'Set-up', share: 0, note: 'standing level, driver belted in: the level is read here' },
  { id: 'cruise', name: 'Track', share: 0.5, note: 'level, wheels straight' },
  {
    id: 'corner',
    name: 'Corner',
    share: 0.25,
    note: 'to the right, rolled 6° outward, wheels steered 20°',
    rollDeg: -6,
    state: steered(-20),
  },
  { id: 'braking', name: 'Braking', share: 0.1, note: 'nose 3° down', pitchDeg: -3 },
  { id: 'climb', name: 'Climb', share: 0.15, note: 'up a dune of 20°', slopeDeg: -20 },
];

export default machineFrom({
  id: 'buggy',
  name: 'Open buggy',
  world: 'trail',
  family: 'car',
  traits: ['motor'],
  wearing: ['plain-body', 'full-face-helmet'],
  waysOut: [
    { name: 'left side', toward: [0, 0, -1] },
    { name: 'right side', toward: [0, 0, 1] },
  ],
  noise: { name: 'the engine', partId: 'engine', db1m: estimated(92, 86, 98) },
  usualSpeedMps: 12,
  shake,
  working: [
    'frontLeftTyre',
    'frontLeftRim',
    'frontRightTyre',
    'frontRightRim',
    'rearLeftTyre',
    'rearLeftRim',
    'rearRightTyre',
    'rearRightRim',
  ],
  note: 'two seats side by side in a tube cage, engine behind',
  dimensions,
  stances: STANCES,
  actionStanceId: 'cruise',
  build: (fit) => {
    const axle = value(fit, 'wheelbaseM') / 2;
    const r = value(fit, 'wheelM') / 2;
    const wheels = carWheels({ front: axle, rear: -axle }, r, 0.26, value(fit, 'trackM'), r * 0.52);
    const other: Vec3 = [SEAT[0], SEAT[1], -SEAT[2]];
    const arm = (x: number, side: 1 | -1, y: number) =>
      rod([x * 0.94, y, side * 0.3], [x, r, side * (value(fit, 'trackM') / 2 - 0.12)], { radiusM: 0.018, segments: 8 });
    const shock = (x: number, side: 1 | -1) =>
      rod([x * 0.97, r + 0.03, side * (value(fit, 'trackM') / 2 - 0.24)], [x * 0.92, 0.92, side * 0.4], {
        radiusM: 0.034,
        segments: 12,
      });
    const sides = [1, -1] as const;
    return {
      parts: [
        { id: 'cage', name: 'roll cage', tone: 'metal', mesh: cage(fit) },
        { id: 'nose', name: 'nose panel', tone: 'paint', mesh: nose() },
        {
          id: 'floor',
          name: 'floor',
          tone: 'black',
          mesh: roundedBox([1.75, 0.03, 1.2], 0.012, poseAt([0.1, FLOOR_Y - 0.02, 0])),
        },
        {
          id: 'dash',
          name: 'dashboard',
          tone: 'black',
          mesh: roundedBox([0.22, 0.16, 1.06], 0.05, poseAt([0.62, 1.02, 0])),
        },
        {
          id: 'instruments',
          name: 'instruments',
          tone: 'black',
          watched: true,
          mesh: roundedBox([0.08, 0.1, 0.2], 0.03, poseAt([0.53, 1.1, SEAT[2]])),
        },
        { id: 'seats', name: 'seats', tone: 'trim', mesh: mergeMeshes([carSeat(SEAT, 18), carSeat(other, 18)]) },
        {
          id: 'engine',
          name: 'engine',
          tone: 'black',
          mesh: mergeMeshes([
            roundedBox([0.46, 0.34, 0.5], 0.06, poseAt([-1.06, 0.66, 0])),
            rod([-1.2, 0.6, 0.2], [-1.62, 0.72, 0.24], { radiusM: 0.045, segments: 14 }),
          ]),
        },
        {
          id: 'suspension',
          name: 'suspension',
          tone: 'metal',
          mesh: mergeMeshes(
            sides.flatMap((s) => [
              arm(axle, s, FLOOR_Y + 0.04),
              arm(axle, s, FLOOR_Y + 0.2),
              arm(-axle, s, FLOOR_Y + 0.04),
              arm(-axle, s, FLOOR_Y + 0.2),
              shock(axle, s),
              shock(-axle, s),
            ]),
          ),
        },
        {
          id: 'steeringWheel',
          name: 'steering wheel',
          tone: 'black',
          mesh: steeringWheel(WHEEL, 0.165),
          on: 'steeringWheel',
        },
        ...wheels.parts,
      ],
      moving: [
        steeringMoving(WHEEL),
        ...wheels.moving,
        {
          id: 'suspensionTravel',
          name: 'suspension travel',
          kind: 'slide',
          at: [0, r, 0],
          axis: [0, 1, 0],
          low: -0.12,
          high: 0.14,
          source: { kind: 'estimate', low: 0.2, high: 0.35 },
        },
      ],
    };
  },
  occupants: ({ body, stance }) => {
    const other: Vec3 = [SEAT[0], SEAT[1], -SEAT[2]];
    const sit = {
      leanDeg: -14,
      feet: [0.72, FLOOR_Y + 0.06 - SEAT[1], 0.12] as const,
      toesUpDeg: 40,
      rollDeg: -(stance.rollDeg ?? 0) * 0.5,
    };
    return [
      {
        posture: seated(body, {
          ...sit,
          seat: SEAT,
          hands: handsOnWheel(WHEEL, 0.165),
          elbowsOut: 0.4,
          feetSteer: true,
        }),
        hipsFree: false,
      },
      { posture: seated(body, { ...sit, seat: other, hands: handsOnThighs(other) }), hipsFree: false },
    ];
  },
  spots: (fit) => {
    const pipe = {
      material: 'steel tube',
      shape: 'tube',
      tubeDiameterM: value(fit, 'tubeM'),
      wallM: 0.003,
      straightM: 0.5,
    } as const;
    const heads = 'Heads and arms move about inside a cage: pad what they can reach.';
    const out = 'Nothing may fall under the wheels or behind into somebody: tether it round the tube.';
    return [
      {
        id: 'cage-front',
        name: 'Cage, over the screen',
        partId: 'cage',
        aim: { from: [0.26, 3, 0.12], toward: [0, -1, 0] },
        reference: AHEAD,
        look: AHEAD,
        surface: pipe,
        zone: { along: RIGHT, nearerM: 0.12, fartherM: 0.25, mark: 'right of the middle', usualM: 0.12 },
        cautions: [out, 'Adds height: branches.'],
        note: 'ahead over the nose; turned round, both people',
      },
      {
        id: 'cage-rear',
        name: 'Cage, behind the heads',
        partId: 'cage',
        aim: { from: [-0.56, 3, 0], toward: [0, -1, 0] },
        reference: AHEAD,
        look: AHEAD,
        surface: pipe,
        cautions: [heads, out],
        note: 'over the shoulders: wheel, dash and track',
      },
      {
        id: 'cage-side',
        name: 'Cage, side tube, left',
        partId: 'cage',
        aim: { from: [0.3, FLOOR_Y + 0.36, -3], toward: [0, 0, 1] },
        reference: AHEAD,
        look: AHEAD,
        surface: pipe,
        cautions: [out, 'Wider than the cage: gates and trees.'],
        note: 'low along the flank, front wheel at work',
      },
      {
        id: 'nose',
        name: 'Nose panel',
        partId: 'nose',
        aim: { from: [1.2, 3, 0.15], toward: [0, -1, 0] },
        reference: AHEAD,
        look: AHEAD,
        surface: { material: 'plastic', shape: 'curved', curvatureRadiusM: 0.8, flatAreaM2: 0.03, wallM: 0.003 },
        cautions: [out, 'The panel flexes: it shakes more than the cage.', 'Mud on the lens.'],
        note: 'low and clear ahead; turned round, both faces',
      },
      {
        id: 'rear-tube',
        name: 'Rear cross tube, facing back',
        partId: 'cage',
        aim: { from: [-3, 0.95, 0.18], toward: [1, 0, 0] },
        reference: RIGHT,
        look: [-1, 0, 0],
        surface: pipe,
        zone: { along: RIGHT, nearerM: 0.18, fartherM: 0.15, mark: 'right of the middle', usualM: 0.18 },
        cautions: [out, 'Hot exhaust and dust close by.'],
        note: 'dust and whoever follows',
      },
    ];
  },
});
