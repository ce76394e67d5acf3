import { bySide, placed, RELAXED, sole, standingHipM, UPRIGHT } from '../../shapes/people';
import { loft } from '../../../src/mathematics/geometry/build/loft';
import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { rod, smoothPath, tube } from '../../../src/mathematics/geometry/build/tube';
import { mergeMeshes, type Mesh } from '../../../src/mathematics/geometry/mesh';
import { poseAt } from '../../../src/mathematics/geometry/pose';
import { AHEAD, type Vec3 } from '../../../src/mathematics/geometry/vec3';
import { machineFrom, type BlueprintStance } from '../../../src/posing/building/blueprint';
import { fittedValue, type Dimension, type Fit } from '../../../src/words/carrier/dimension';
import { SET_UP_STANCE_ID } from '../../../src/words/carrier/stance';
import { shake } from './shake';

const practice = { kind: 'common practice' } as const;
const dimensions: readonly Dimension[] = [
  {
    id: 'tripodM',
    name: 'Tripod height',
    unit: 'm',
    standard: 1.3,
    low: 0.35,
    high: 1.75,
    step: 0.05,
    source: practice,
  },
  { id: 'branchM', name: 'Branch height', unit: 'm', standard: 1.9, low: 1.2, high: 2.6, step: 0.05, source: practice },
  { id: 'railM', name: 'Rail height', unit: 'm', standard: 1.0, low: 0.6, high: 1.2, step: 0.05, source: practice },
];
const value = (fit: Fit, id: string) => fittedValue(dimensions, fit, id);

function tripod(high: number): { legs: Mesh; plate: Mesh } {
  const apex: Vec3 = [0, high - 0.14, 0];
  const legs = Array.from({ length: 3 }, (_, i) => {
    const a = (2 * Math.PI * i) / 3 + Math.PI;
    const spread = 0.2 + 0.24 * high;
    const foot: Vec3 = [spread * Math.cos(a), 0.01, spread * Math.sin(a)];
    const hip: Vec3 = [0.04 * Math.cos(a), apex[1], 0.04 * Math.sin(a)];
    return rod(foot, hip, { radiusM: (t) => 0.01 + 0.006 * Math.floor(t * 3) * 0.5, segments: 10 });
  });
  return {
    legs: mergeMeshes([
      ...legs,
      rod([0, apex[1] - 0.16, 0], [0, high - 0.03, 0], { radiusM: 0.013, segments: 12 }),
      rod([0, apex[1] - 0.03, 0], [0, apex[1] + 0.02, 0], { radiusM: 0.045, segments: 18 }),
    ]),
    plate: mergeMeshes([
      roundedBox([0.07, 0.018, 0.06], 0.006, poseAt([0, high - 0.009, 0])),
      rod([0, high - 0.05, 0], [0, high - 0.016, 0], { radiusM: 0.022, segments: 14 }),
    ]),
  };
}

/** Where each of the places stands; the course runs across the view. */
const AT = { tree: [-0.4, 0, -2.4], rail: [0.3, 0, 1.9], stone: [0.5, 0, -0.95], filmer: [-0.15, 0, 0.85] } as const;

/** Leaves in clumps: where from the trunk, at what height, how large; metres. */
const CLUMPS = [
  [0, 3.7, 0, 0.8],
  [0.62, 3.45, 0.35, 0.62],
  [-0.55, 3.5, 0.42, 0.64],
  [0.1, 3.4, -0.68, 0.66],
  [0.5, 4.25, -0.3, 0.62],
  [-0.5, 4.3, -0.25, 0.6],
  [0.05, 4.3, 0.5, 0.62],
  [0.02, 4.85, 0.02, 0.6],
] as const;

/** A rounded, uneven lump. */
function clump([x, y, z]: Vec3, radius: number): Mesh {
  const [rings, around] = [9, 14];
  return loft(
    Array.from({ length: rings }, (_, j) =>
      Array.from({ length: around }, (_, i): Vec3 => {
        const [up, turn] = [Math.PI * (0.04 + (0.92 * j) / (rings - 1)), (2 * Math.PI * i) / around];
        const uneven = 1 + 0.09 * Math.sin(3 * turn + 9 * x + 2 * up) + 0.07 * Math.sin(4 * up + 7 * z + turn);
        const r = radius * uneven;
        return [
          x + r * Math.sin(up) * Math.cos(turn),
          y - 0.85 * r * Math.cos(up),
          z + r * Math.sin(up) * Math.sin(turn),
        ];
      }),
    ),
  );
}

function tree(branchY: number): Record<'trunk' | 'branch' | 'crown', Mesh> {
  const [x, , z] = AT.tree;
  const trunk = tube(
    smoothPath(
      [
        [x, -0.05, z],
        [x + 0.03, 1.2, z + 0.02],
        [x - 0.03, 2.6, z - 0.02],
        [x + 0.05, 4.2, z],
      ],
      5,
    ),
    { radiusM: (t) => 0.15 - 0.09 * t, segments: 14 },
  );
  const branch = tube(
    smoothPath(
      [
        [x, branchY - 0.16, z + 0.06],
        [x + 0.16, branchY - 0.02, z + 0.4],
        [x + 0.26, branchY, z + 0.85],
        [x + 0.36, branchY + 0.1, z + 1.3],
      ],
      6,
    ),
    { radiusM: (t) => 0.038 - 0.018 * t, segments: 12, rounded: true },
  );
  const crown = mergeMeshes(CLUMPS.map(([dx, y, dz, radius]) => clump([x + dx, y, z + dz], radius)));
  return { trunk, branch, crown };
}

function rail(high: number): Mesh {
  const [x, , z] = AT.rail;
  const post = (dz: number) => rod([x, 0, z + dz], [x, high, z + dz], { radiusM: 0.03, segments: 12 });
  return mergeMeshes([
    post(-0.8),
    post(0.8),
    rod([x, high, z - 1], [x, high, z + 1], { radiusM: 0.024, segments: 14 }),
    rod([x, high * 0.5, z - 1], [x, high * 0.5, z + 1], { radiusM: 0.02, segments: 12 }),
  ]);
}

const STANCES: readonly BlueprintStance[] = [
  { id: SET_UP_STANCE_ID, name: 'Set-up', share: 0, note: 'nobody in the picture yet: the level is read here' },
  { id: 'coming', name: 'Coming', share: 0.4, note: 'the rider 12 m before the camera' },
  { id: 'abreast', name: 'Abreast', share: 0.25, note: 'passing' },
  { id: 'gone', name: 'Going', share: 0.35, note: '12 m past' },
];

const PUBLIC = "Out of the line of a fall or a slide: yours, the rider's and other people's.";
const HOLD = 'Hold each take at least ten seconds, pan once at most.';

export default machineFrom({
  id: 'beside-the-course',
  name: 'Beside the course',
  world: 'trail',
  family: 'beside',
  wearing: ['plain-body'],
  usualSpeedMps: 0,
  shake,
  working: ['tripodPlate'],
  note: 'tripod, branch, rail, ground or hand; the rider passes on a line',
  dimensions,
  stances: STANCES,
  actionStanceId: 'abreast',
  passing: { [SET_UP_STANCE_ID]: -40, coming: -12, abreast: 0, gone: 12 },
  build: (fit) => {
    const { legs, plate } = tripod(value(fit, 'tripodM'));
    const { trunk, branch, crown } = tree(value(fit, 'branchM'));
    return {
      parts: [
        { id: 'tripodLegs', name: 'tripod', tone: 'black', mesh: legs },
        { id: 'tripodPlate', name: 'tripod head', tone: 'metal', mesh: plate },
        { id: 'tree', name: 'tree', tone: 'wood', mesh: trunk },
        { id: 'leaves', name: 'leaves', tone: 'leaf', mesh: crown },
        { id: 'branch', name: 'branch', tone: 'wood', mesh: branch },
        { id: 'rail', name: 'rail', tone: 'metal', mesh: rail(value(fit, 'railM')) },
        {
          id: 'stone',
          name: 'flat stone',
          tone: 'trim',
          mesh: roundedBox([0.34, 0.09, 0.42], 0.04, poseAt([AT.stone[0], 0.035, AT.stone[2]])),
        },
      ],
      moving: [],
    };
  },
  occupants: ({ body }) => {
    const [x, , z] = AT.filmer;
    const k = body.statureM / 1.75;
    return [
      {
        posture: {
          ...UPRIGHT,
          hipCentre: [x, standingHipM(body), z],
          leanDeg: 3,
          hands: { left: RELAXED, right: placed([x + 0.42 * k, 1.36 * k, z + 0.1], [0.85, 0.1, -0.5], [0, 0.2, 1]) },
          feet: bySide((sign) => sole([x + 0.1, 0, z + 0.15 * sign], [1, 0, 0.2 * sign])),
        },
        hipsFree: true,
      },
    ];
  },
  spots: () => [
    {
      id: 'tripod',
      name: 'Tripod',
      partId: 'tripodPlate',
      aim: { from: [0.0, 3, 0.0], toward: [0, -1, 0] },
      reference: AHEAD,
      look: AHEAD,
      surface: {
        material: 'alloy',
        shape: 'flat',
        flatAreaM2: 0.004,
        wallM: 0.005,
        mustNot: [
          { kind: 'suction', because: 'too small for a cup: use the screw' },
          { kind: 'adhesive', because: 'it has a screw of its own' },
          { kind: 'tape', because: 'it has a screw of its own' },
        ],
      },
      cautions: [PUBLIC, 'Wind: hang a bag from it.', HOLD],
      note: 'steady, level, repeatable; with a wide lens it has to stand very close',
    },
    {
      id: 'branch',
      name: 'Round a branch',
      partId: 'branch',
      aim: { from: [AT.tree[0] + 0.26, 4, AT.tree[2] + 0.85], toward: [0, -1, 0] },
      reference: AHEAD,
      look: AHEAD,
      surface: { material: 'wood', shape: 'bar', tubeDiameterM: 0.052, still: true },
      cautions: [PUBLIC, 'Moves in the wind.', HOLD],
      note: 'a higher eye without a stand',
    },
    {
      id: 'rail',
      name: 'On a rail',
      partId: 'rail',
      aim: { from: [AT.rail[0], 3, AT.rail[2]], toward: [0, -1, 0] },
      reference: AHEAD,
      look: AHEAD,
      surface: { material: 'steel tube', shape: 'tube', tubeDiameterM: 0.048, wallM: 0.003, still: true },
      cautions: [PUBLIC, HOLD],
      note: 'solid and quick',
    },
    {
      id: 'ground',
      name: 'Flat on the ground',
      partId: 'stone',
      aim: { from: [AT.stone[0], 1, AT.stone[2]], toward: [0, -1, 0] },
      reference: AHEAD,
      look: AHEAD,
      surface: { material: 'ground', shape: 'ground', flatAreaM2: 0.1 },
      cautions: ['Stones fly up; a wheel that strays runs over it.', PUBLIC, HOLD],
      note: 'very low: the rider against the sky',
    },
  ],
});
