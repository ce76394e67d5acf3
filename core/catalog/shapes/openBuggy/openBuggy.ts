import { carSeat, carWheels, handsOnWheel, steered, steeringMoving, steeringWheel } from '../closedCar';
import { BUMPER_M, bumper, cage, FLOOR_Y, halfScreen, nose } from './meshes';
import { notDrilled } from '../notDrilled';
import { handsOnThighs, seated } from '../people';
import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { rod } from '../../../src/mathematics/geometry/build/tube';
import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { poseAt } from '../../../src/mathematics/geometry/pose';
import { add, AHEAD, mirrored, RIGHT, type Vec3 } from '../../../src/mathematics/geometry/vec3';
import { machineFrom, type BlueprintStance, type Occupant } from '../../../src/posing/building/blueprint';
import type { MachineDefinition } from '../../../src/words/carrier/machine';
import { fittedValue, type Dimension, type Fit } from '../../../src/words/carrier/dimension';
import { SET_UP_STANCE_ID } from '../../../src/words/carrier/stance';
import { estimated } from '../../../src/words/sourced/estimated';

const practice = { kind: 'common practice' } as const;
const dimensionsOf = (longerM: number): readonly Dimension[] => [
  {
    id: 'wheelbaseM',
    name: 'Wheelbase',
    unit: 'm',
    standard: 2.25 + longerM,
    low: 1.9 + longerM,
    high: 2.6 + longerM,
    step: 0.01,
    source: practice,
  },
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

/** What lies behind the front seats is moved back by so much for a second row, metres. */
const ROW_M = 0.78;
/** The second row sits higher, to see over the first. */
const HIGHER_M = 0.07;
const SEAT: Vec3 = [-0.2, 0.68, -0.32];
const WHEEL: Vec3 = [0.3, 1.08, -0.32];
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

/** An open buggy with one row of two seats, or two. */
export function openBuggy({
  rows,
  ...said
}: Pick<MachineDefinition, 'id' | 'name' | 'note' | 'shake'> & { readonly rows: 1 | 2 }): MachineDefinition {
  const longerM = (rows - 1) * ROW_M;
  const dimensions = dimensionsOf(longerM);
  const value = (fit: Fit, id: string) => fittedValue(dimensions, fit, id);
  const seats = [SEAT, ...(rows > 1 ? [add(SEAT, [-ROW_M, HIGHER_M, 0])] : [])].flatMap((seat): readonly Vec3[] => [
    seat,
    mirrored(seat),
  ]);
  return machineFrom({
    ...said,
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
    dimensions,
    stances: STANCES,
    actionStanceId: 'cruise',
    build: (fit) => {
      const axle = value(fit, 'wheelbaseM') / 2;
      const r = value(fit, 'wheelM') / 2;
      const [front, rear] = [axle - longerM / 2, -axle - longerM / 2];
      const wheels = carWheels({ front, rear }, r, 0.26, value(fit, 'trackM'), r * 0.52);
      const arm = (x: number, side: 1 | -1, y: number) =>
        rod([x - Math.sign(x) * 0.07, y, side * 0.3], [x, r, side * (value(fit, 'trackM') / 2 - 0.12)], {
          radiusM: 0.018,
          segments: 8,
        });
      const shock = (x: number, side: 1 | -1) =>
        rod(
          [x - Math.sign(x) * 0.03, r + 0.03, side * (value(fit, 'trackM') / 2 - 0.24)],
          [x - Math.sign(x) * 0.09, 0.92, side * 0.4],
          {
            radiusM: 0.034,
            segments: 12,
          },
        );
      const sides = [1, -1] as const;
      return {
        parts: [
          { id: 'cage', name: 'roll cage', tone: 'metal', mesh: cage(value(fit, 'tubeM') / 2, longerM) },
          { id: 'frontBumper', name: 'front bumper', tone: 'metal', mesh: bumper(BUMPER_M / 2) },
          { id: 'screen', name: 'half windscreen', tone: 'glass', seeThrough: true, mesh: halfScreen() },
          { id: 'nose', name: 'nose panel', tone: 'paint', mesh: nose() },
          {
            id: 'floor',
            name: 'floor',
            tone: 'black',
            mesh: roundedBox([1.75 + longerM, 0.03, 1.2], 0.012, poseAt([0.1 - longerM / 2, FLOOR_Y - 0.02, 0])),
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
          { id: 'seats', name: 'seats', tone: 'trim', mesh: mergeMeshes(seats.map((seat) => carSeat(seat, 18))) },
          {
            id: 'engine',
            name: 'engine',
            tone: 'black',
            mesh: mergeMeshes([
              roundedBox([0.46, 0.34, 0.5], 0.06, poseAt([-1.06 - longerM, 0.66, 0])),
              rod([-1.2 - longerM, 0.6, 0.2], [-1.62 - longerM, 0.72, 0.24], { radiusM: 0.045, segments: 14 }),
            ]),
          },
          {
            id: 'suspension',
            name: 'suspension',
            tone: 'metal',
            mesh: mergeMeshes(
              sides.flatMap((s) => [
                arm(front, s, FLOOR_Y + 0.04),
                arm(front, s, FLOOR_Y + 0.2),
                arm(rear, s, FLOOR_Y + 0.04),
                arm(rear, s, FLOOR_Y + 0.2),
                shock(front, s),
                shock(rear, s),
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
            name: 'suspension',
            does: 'works',
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
      const rollDeg = -(stance.rollDeg ?? 0) * 0.5;
      return seats.map((seat, i): Occupant => {
        const steers = i === 0;
        const posture = seated(body, {
          leanDeg: -14,
          // Feet ahead on the floor; those behind find room under the seats before them.
          feet: [i < 2 ? 0.72 : 0.5, FLOOR_Y + 0.06 - seat[1], 0.12],
          toesUpDeg: i < 2 ? 40 : 10,
          rollDeg,
          seat,
          hands: steers ? handsOnWheel(WHEEL, 0.165) : handsOnThighs(seat),
          ...(steers ? { elbowsOut: 0.4, feetSteer: true } : {}),
        });
        return { posture: steers ? posture : { ...posture, handsRest: true }, hipsFree: false };
      });
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
          aim: { from: [-0.56 - longerM, 3, 0], toward: [0, -1, 0] },
          reference: AHEAD,
          look: AHEAD,
          surface: pipe,
          zone: { along: RIGHT, nearerM: 0.35, fartherM: 0.35, mark: 'right of the left end', usualM: 0.5 },
          cautions: [heads, out],
          note: 'over the shoulders: wheel, dash and track',
        },
        ...(rows > 1
          ? [
              {
                id: 'cage-middle',
                name: 'Cage, between the rows',
                partId: 'cage',
                aim: { from: [-0.52, 3, 0.1], toward: [0, -1, 0] },
                reference: AHEAD,
                look: AHEAD,
                surface: pipe,
                zone: { along: RIGHT, nearerM: 0.1, fartherM: 0.2, mark: 'right of the middle', usualM: 0.1 },
                cautions: [heads, out],
                note: 'over the front seats: wheel, dash and track; turned round, the faces of the second row',
              } as const,
            ]
          : []),
        {
          id: 'front-bumper',
          name: 'Front bumper tube',
          partId: 'frontBumper',
          aim: { from: [1.68, FLOOR_Y + 1.2, 0.12], toward: [0, -1, 0] },
          reference: AHEAD,
          look: AHEAD,
          surface: { ...pipe, tubeDiameterM: BUMPER_M },
          zone: { along: RIGHT, nearerM: 0.12, fartherM: 0.25, mark: 'right of the middle', usualM: 0.12 },
          cautions: [out, 'Stones and mud: check the lens often.'],
          note: 'low with the widest lens: ground, sides and distance, feels fast',
        },
        {
          id: 'dash',
          name: 'Dashboard',
          partId: 'dash',
          aim: { from: [0.62, 3, 0.14], toward: [0, -1, 0] },
          reference: AHEAD,
          look: AHEAD,
          surface: {
            material: 'plastic',
            shape: 'flat',
            flatAreaM2: 0.012,
            wallM: 0.003,
            ...notDrilled('no hole in a dashboard: wires and instruments lie behind it'),
          },
          cautions: ["The driver's sight stays free.", heads],
          note: 'turned round both people; can stay plugged in',
        },
        {
          id: 'screen-inside',
          name: 'Half windscreen, inside',
          partId: 'screen',
          aim: { from: [0.3, 1.24, 0.12], toward: [1, 0, 0] },
          reference: RIGHT,
          look: AHEAD,
          surface: {
            material: 'plastic',
            shape: 'curved',
            curvatureRadiusM: 1.6,
            flatAreaM2: 0.03,
            wallM: 0.004,
            ...notDrilled('a screen of clear plastic cracks from a hole'),
          },
          cautions: ["The driver's sight stays free.", 'Dust on the screen shows, and it mirrors.'],
          note: 'the track past the nose, out of wind and stones; can stay plugged in',
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
          aim: { from: [-3 - longerM, 0.95, 0.18], toward: [1, 0, 0] },
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
}
