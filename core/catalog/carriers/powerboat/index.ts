import { deckedHull, halfBeamAt, openHull, type HullStation } from '../../shapes/hull';
import { bySide, grip, seated } from '../../shapes/people';
import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { revolveSolid } from '../../../src/mathematics/geometry/build/revolve';
import { rod, smoothPath, tube } from '../../../src/mathematics/geometry/build/tube';
import { mergeMeshes, mirrorMesh, type Mesh } from '../../../src/mathematics/geometry/mesh';
import { poseAt } from '../../../src/mathematics/geometry/pose';
import { rotationAbout } from '../../../src/mathematics/geometry/rotation';
import { AHEAD, RIGHT, UP, type Vec3 } from '../../../src/mathematics/geometry/vec3';
import { machineFrom, type BlueprintStance } from '../../../src/posing/building/blueprint';
import { fittedValue, type Dimension, type Fit } from '../../../src/words/carrier/dimension';
import { SET_UP_STANCE_ID } from '../../../src/words/carrier/stance';
import { shake } from './shake';
import { estimated } from '../../../src/words/sourced/estimated';

const practice = { kind: 'common practice' } as const;
const dimensions: readonly Dimension[] = [
  { id: 'lengthM', name: 'Length', unit: 'm', standard: 5.2, low: 4.4, high: 6.5, step: 0.1, source: practice },
  { id: 'beamM', name: 'Beam', unit: 'm', standard: 2.05, low: 1.8, high: 2.4, step: 0.05, source: practice },
];
const value = (fit: Fit, id: string) => fittedValue(dimensions, fit, id);

/** Machine frame: origin at the water line amidships, at rest. */
const FLOOR_Y = 0.1;
/** How round the hull's sections are: a moderate V. */
const FULLNESS = 1.5;
const SEAT: Vec3 = [-0.75, 0.62, 0];
const WHEEL: Vec3 = [-0.32, 0.98, 0];
const WHEEL_RADIUS_M = 0.18;
const WHEEL_AXIS: Vec3 = [-0.94, 0.34, 0];

const station = (fit: Fit, t: number): HullStation => {
  const bow = Math.max(0, (t - 0.5) / 0.5);
  return {
    x: (t - 0.5) * value(fit, 'lengthM'),
    half: (value(fit, 'beamM') / 2) * Math.max(0.03, 1 - bow ** 2.7) * (0.93 + 0.07 * Math.min(1, t * 4)),
    gunwale: 0.62 + 0.34 * bow ** 1.6,
    keel: -0.3 + 0.75 * bow ** 4,
  };
};

function gunwaleTubes(fit: Fit): Mesh {
  const path: Vec3[] = [];
  for (let i = 0; i <= 18; i++) {
    const s = station(fit, Math.min(1, 0.02 + (i / 18) * 0.97));
    path.push([s.x, s.gunwale - 0.02, Math.max(0.02, s.half - 0.02)]);
  }
  const side = tube(path, { radiusM: (t) => 0.075 * (1 - 0.25 * t ** 3), segments: 12, rounded: true });
  return mergeMeshes([side, mirrorMesh(side)]);
}

const STANCES: readonly BlueprintStance[] = [
  {
    id: SET_UP_STANCE_ID,
    name: 'Set-up',
    share: 0,
    note: 'at the pontoon, level, at the wheel: the level is read here',
  },
  { id: 'planing', name: 'Planing', share: 0.55, note: 'bow 4° up, hull lifted', pitchDeg: 4, heightM: 0.12 },
  {
    id: 'turn',
    name: 'Turn',
    share: 0.25,
    note: 'banked 18° to the right, wheel and outboard turned',
    pitchDeg: 3,
    rollDeg: 18,
    heightM: 0.08,
    state: { wheel: -60, outboard: -22 },
  },
  { id: 'slam', name: 'Over a wave', share: 0.2, note: 'bow 12° up', pitchDeg: 12, heightM: 0.3 },
];

export default machineFrom({
  id: 'powerboat',
  name: 'Open powerboat',
  world: 'water',
  family: 'boat',
  traits: ['motor', 'open propeller'],
  wearing: ['buoyancy-vest', 'head-strap'],
  noise: { name: 'the outboard', partId: 'engine', db1m: estimated(92, 86, 98) },
  usualSpeedMps: 13,
  shake,
  working: ['engine'],
  note: 'small open boat with centre console, T-frame and outboard engine',
  dimensions,
  stances: STANCES,
  actionStanceId: 'planing',
  build: (fit) => {
    const long = value(fit, 'lengthM');
    const hullStations = Array.from({ length: 21 }, (_, i) => station(fit, i / 20));
    const stern = -long / 2;
    const half = value(fit, 'beamM') / 2;
    const floor = deckedHull(
      hullStations.slice(0, 17).map((s) => ({
        ...s,
        half: halfBeamAt(s, FLOOR_Y, FULLNESS) - 0.04,
        gunwale: FLOOR_Y,
        keel: Math.min(FLOOR_Y - 0.03, s.keel + 0.1),
      })),
      1.4,
      0.004,
    );
    const frame = (z: number) =>
      tube(
        smoothPath(
          [
            [stern + 0.42, FLOOR_Y, z],
            [stern + 0.4, 1.1, z],
            [stern + 0.34, 1.95, z * 0.9],
            [stern + 0.33, 2.08, z * 0.75],
            [stern + 0.33, 2.1, 0],
          ],
          5,
        ),
        { radiusM: 0.024, segments: 12 },
      );
    const engine = mergeMeshes([
      roundedBox([0.42, 0.46, 0.34], 0.09, poseAt([stern - 0.3, 0.86, 0])),
      roundedBox([0.2, 0.95, 0.13], 0.04, poseAt([stern - 0.27, 0.2, 0])),
      roundedBox([0.36, 0.06, 0.2], 0.02, poseAt([stern - 0.34, -0.2, 0])),
      revolveSolid(
        [
          [0.05, -0.2],
          [0.055, 0.1],
          [0.02, 0.24],
        ],
        { centre: [stern - 0.36, -0.38, 0], axis: AHEAD, segments: 16 },
      ),
      roundedBox([0.06, 0.34, 0.03], 0.012, poseAt([stern - 0.5, -0.38, 0], rotationAbout(AHEAD, 30))),
      roundedBox([0.06, 0.34, 0.03], 0.012, poseAt([stern - 0.5, -0.38, 0], rotationAbout(AHEAD, 90))),
      roundedBox([0.06, 0.34, 0.03], 0.012, poseAt([stern - 0.5, -0.38, 0], rotationAbout(AHEAD, 150))),
    ]);
    const across: Vec3 = RIGHT;
    const wheelUp: Vec3 = [0.34, 0.94, 0];
    const rim = Array.from({ length: 24 }, (_, i): Vec3 => {
      const a = (2 * Math.PI * i) / 24;
      return [
        WHEEL[0] + WHEEL_RADIUS_M * Math.sin(a) * wheelUp[0],
        WHEEL[1] + WHEEL_RADIUS_M * Math.sin(a) * wheelUp[1],
        WHEEL[2] + WHEEL_RADIUS_M * Math.cos(a) * across[2],
      ];
    });
    return {
      parts: [
        { id: 'hull', name: 'hull', tone: 'board', mesh: openHull(hullStations, FULLNESS, 0.035) },
        {
          id: 'transom',
          name: 'transom',
          tone: 'board',
          mesh: roundedBox([0.06, 0.72, half * 1.8], 0.02, poseAt([stern + 0.03, 0.26, 0])),
        },
        { id: 'floor', name: 'deck', tone: 'metal', mesh: floor },
        { id: 'gunwale', name: 'gunwale tubes', tone: 'black', mesh: gunwaleTubes(fit) },
        {
          id: 'console',
          name: 'console',
          tone: 'board',
          mesh: roundedBox([0.5, 0.86, 0.74], 0.07, poseAt([0.0, FLOOR_Y + 0.4, 0])),
        },
        {
          id: 'instruments',
          name: 'instruments',
          tone: 'board',
          watched: true,
          mesh: roundedBox([0.34, 0.06, 0.66], 0.025, poseAt([-0.12, FLOOR_Y + 0.85, 0], rotationAbout(RIGHT, 20))),
        },
        {
          id: 'windscreen',
          name: 'windscreen',
          tone: 'glass',
          seeThrough: true,
          mesh: roundedBox([0.012, 0.36, 0.7], 0.005, poseAt([0.16, FLOOR_Y + 1.02, 0], rotationAbout(RIGHT, 22))),
        },
        {
          id: 'seat',
          name: 'seat',
          tone: 'black',
          mesh: mergeMeshes([
            roundedBox([0.42, 0.12, 0.56], 0.04, poseAt([SEAT[0] - 0.03, SEAT[1] - 0.06, 0])),
            roundedBox([0.36, 0.46, 0.5], 0.05, poseAt([SEAT[0] - 0.05, FLOOR_Y + 0.22, 0])),
            roundedBox([0.08, 0.3, 0.52], 0.03, poseAt([SEAT[0] - 0.24, SEAT[1] + 0.2, 0])),
          ]),
        },
        {
          id: 'frame',
          name: 'T-frame',
          tone: 'metal',
          mesh: mergeMeshes([
            frame(half * 0.62),
            frame(-half * 0.62),
            rod([stern + 0.34, 1.94, -half * 0.56], [stern + 0.34, 1.94, half * 0.56], {
              radiusM: 0.018,
              segments: 10,
            }),
          ]),
        },
        {
          id: 'bowRail',
          name: 'bow rail',
          tone: 'metal',
          mesh: tube(
            smoothPath(
              [
                [long * 0.2, 0.72, half * 0.7],
                [long * 0.3, 0.98, half * 0.55],
                [long * 0.43, 1.14, 0.16],
                [long * 0.445, 1.15, 0],
                [long * 0.43, 1.14, -0.16],
                [long * 0.3, 0.98, -half * 0.55],
                [long * 0.2, 0.72, -half * 0.7],
              ],
              5,
            ),
            { radiusM: 0.014, segments: 10 },
          ),
        },
        {
          id: 'wheel',
          name: 'wheel',
          tone: 'black',
          mesh: mergeMeshes([
            tube(rim, { radiusM: 0.016, segments: 10, loop: true }),
            rod(WHEEL, [WHEEL[0] + 0.16, WHEEL[1] - 0.06, 0], { radiusM: 0.03, segments: 12 }),
            rod(rim[0]!, rim[12]!, { radiusM: 0.012, segments: 8 }),
            rod(rim[6]!, WHEEL, { radiusM: 0.012, segments: 8 }),
          ]),
          on: 'wheel',
        },
        { id: 'engine', name: 'outboard engine', tone: 'black', mesh: engine, on: 'outboard' },
      ],
      moving: [
        {
          id: 'wheel',
          name: 'wheel',
          kind: 'turn',
          at: WHEEL,
          axis: WHEEL_AXIS,
          low: -540,
          high: 540,
          steered: true,
          source: practice,
        },
        {
          id: 'outboard',
          name: 'outboard engine',
          kind: 'turn',
          at: [stern - 0.12, 0, 0],
          axis: UP,
          low: -35,
          high: 35,
          source: { kind: 'estimate', low: 30, high: 45 },
        },
      ],
    };
  },
  occupants: ({ body }) => [
    {
      posture: seated(body, {
        seat: SEAT,
        leanDeg: 8,
        feet: [0.42, FLOOR_Y + 0.012 - SEAT[1], 0.18],
        toesUpDeg: 0,
        gazeDeg: -2,
        elbowsOut: 0.35,
        hands: bySide((sign) =>
          grip([WHEEL[0], WHEEL[1], sign * WHEEL_RADIUS_M], [0.34 * sign, 0.94 * sign, 0.25 * sign]),
        ),
      }),
      hipsFree: false,
    },
  ],
  spots: (fit) => {
    const long = value(fit, 'lengthM');
    const half = value(fit, 'beamM') / 2;
    const gelcoat = { material: 'gelcoat', shape: 'flat', flatAreaM2: 0.03, wallM: 0.006 } as const;
    return [
      {
        id: 'bow-rail',
        name: 'Bow rail, facing back',
        partId: 'bowRail',
        aim: { from: [long * 0.445, 2, 0.0], toward: [0, -1, 0] },
        reference: [-1, 0, 0],
        look: [-1, 0, 0],
        surface: { material: 'steel tube', shape: 'tube', tubeDiameterM: 0.028, wallM: 0.0015 },
        cautions: ['Takes green water over the bow: tie it on twice.', 'In the way of lines and fenders.'],
        note: 'whoever drives, with wake behind',
      },
      {
        id: 'console-top',
        name: 'Console, looking ahead',
        partId: 'console',
        aim: { from: [0.12, 3, 0.22], toward: [0, -1, 0] },
        reference: AHEAD,
        look: AHEAD,
        surface: gelcoat,
        zone: { along: RIGHT, nearerM: 0.22, fartherM: 0.1, mark: 'right of the middle', usualM: 0.22 },
        cautions: ['Keep the sight of whoever steers free.'],
        note: 'bow and water ahead, dry behind the screen',
      },
      {
        id: 'hull-side',
        name: 'Hull side, left, under the gunwale',
        partId: 'hull',
        aim: { from: [long * 0.08, 0.46, -half - 1], toward: [0, 0, 1] },
        reference: AHEAD,
        look: AHEAD,
        surface: { ...gelcoat, shape: 'curved', curvatureRadiusM: 1.5 },
        zone: { along: [-1, 0, 0], nearerM: 0.4, fartherM: 0.6, mark: 'behind the bow', usualM: long * 0.42 },
        cautions: [
          'Spray and solid water: tie it on twice, short enough to stay off the propeller.',
          'Outermost when you come alongside, and in the way of fenders.',
        ],
        note: 'low along the water, bow wave beside the lens',
      },
      {
        id: 'transom',
        name: 'Transom, facing back',
        partId: 'transom',
        aim: { from: [-long / 2 - 1, 0.4, half * 0.5], toward: [1, 0, 0] },
        reference: UP,
        look: [-1, 0, 0],
        surface: gelcoat,
        zone: {
          along: RIGHT,
          nearerM: half * 0.2,
          fartherM: half * 0.2,
          mark: 'right of the middle',
          usualM: half * 0.5,
        },
        cautions: ['Above the propeller: tether shorter than the way to it.'],
        note: 'wake and whoever is towed',
      },
      {
        id: 't-frame',
        name: 'T-frame, looking ahead',
        partId: 'frame',
        aim: { from: [-long / 2 + 0.33, 3, 0.0], toward: [0, -1, 0] },
        reference: AHEAD,
        look: AHEAD,
        surface: { material: 'alloy tube', shape: 'tube', tubeDiameterM: 0.048, wallM: 0.002, straightM: 0.6 },
        cautions: ['Highest point: bridges, and lines when towing.'],
        note: 'the whole boat and the way ahead from above',
      },
    ];
  },
});
