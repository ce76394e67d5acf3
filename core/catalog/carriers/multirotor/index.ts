import { revolveSolid } from '../../../src/mathematics/geometry/build/revolve';
import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { rod, smoothPath, tube } from '../../../src/mathematics/geometry/build/tube';
import { mergeMeshes, mirrorMesh, type Mesh } from '../../../src/mathematics/geometry/mesh';
import { poseAt } from '../../../src/mathematics/geometry/pose';
import { rotationAbout } from '../../../src/mathematics/geometry/rotation';
import { AHEAD, UP, type Vec3 } from '../../../src/mathematics/geometry/vec3';
import type { AssembledPart } from '../../../src/posing/building/assembly';
import type { MovingPart } from '../../../src/words/carrier/movingPart';
import { machineFrom, type BlueprintStance } from '../../../src/posing/building/blueprint';
import { fittedValue, type Dimension, type Fit } from '../../../src/words/carrier/dimension';
import { SET_UP_STANCE_ID } from '../../../src/words/carrier/stance';
import { shake } from './shake';
import { estimated } from '../../../src/words/sourced/estimated';

const practice = { kind: 'common practice' } as const;
const dimensions: readonly Dimension[] = [
  {
    id: 'diagonalM',
    name: 'Motor to motor, diagonal',
    unit: 'm',
    standard: 0.45,
    low: 0.2,
    high: 0.6,
    step: 0.01,
    source: practice,
  },
  { id: 'legM', name: 'Leg height', unit: 'm', standard: 0.15, low: 0.04, high: 0.2, step: 0.01, source: practice },
];
const value = (fit: Fit, id: string) => fittedValue(dimensions, fit, id);

const CORNERS = [
  { id: 'frontRight', name: 'front right', x: 1, z: 1 },
  { id: 'frontLeft', name: 'front left', x: 1, z: -1 },
  { id: 'rearRight', name: 'rear right', x: -1, z: 1 },
  { id: 'rearLeft', name: 'rear left', x: -1, z: -1 },
] as const;

/** Machine frame: origin on the ground under the middle. Plate height over the legs and hub height over it, metres; estimate. */
const bodyY = (fit: Fit) => value(fit, 'legM') + 0.03;
const HUB_M = 0.045;

function rotor(hub: Vec3, radius: number): Mesh {
  const blade = (side: 1 | -1) =>
    roundedBox(
      [radius * 0.9, 0.006, 0.024],
      0.0028,
      poseAt([hub[0] + side * radius * 0.5, hub[1] + 0.012, hub[2]], rotationAbout(AHEAD, side * 12)),
    );
  return mergeMeshes([
    blade(1),
    blade(-1),
    rod([hub[0], hub[1], hub[2]], [hub[0], hub[1] + 0.022, hub[2]], { radiusM: 0.008, segments: 10 }),
  ]);
}

const STANCES: readonly BlueprintStance[] = [
  { id: SET_UP_STANCE_ID, name: 'Set-up', share: 0, note: 'on level ground, rotors still: the level is read here' },
  {
    id: 'hover',
    name: 'Hover',
    share: 0.3,
    note: 'level, 20 m up',
    speedShare: 0.05,
    heightM: 20,
    state: spinning(20),
  },
  {
    id: 'forward',
    name: 'Forward',
    share: 0.6,
    note: 'nose 18° down, 20 m up',
    heightM: 20,
    pitchDeg: -18,
    state: spinning(65),
  },
  {
    id: 'turn',
    name: 'Turn',
    share: 0.1,
    note: 'banked 24°, nose 10° down',
    heightM: 20,
    pitchDeg: -10,
    rollDeg: 24,
    state: spinning(110),
  },
];
function spinning(deg: number) {
  return Object.fromEntries(CORNERS.map((c, i) => [c.id, (deg + i * 37) % 180]));
}

export default machineFrom({
  id: 'multirotor',
  name: 'Camera multirotor',
  world: 'air',
  family: 'aircraft',
  traits: ['motor', 'open propeller', 'nobody on board'],
  wearing: [],
  noise: { name: 'the rotors', partId: 'legs', db1m: estimated(86, 80, 92) },
  usualSpeedMps: 9,
  shake,
  working: ['frontLeftRotor', 'frontRightRotor'],
  note: 'small four-rotor frame that carries an action camera',
  dimensions,
  stances: STANCES,
  actionStanceId: 'forward',
  viewpoint: [0.1, 0.2, 0],
  build: (fit) => {
    const arm = value(fit, 'diagonalM') / 2 / Math.SQRT2;
    const y = bodyY(fit);
    const radius = arm * 0.62;
    const hubOf = (c: (typeof CORNERS)[number]): Vec3 => [c.x * arm, y + HUB_M, c.z * arm];
    const parts: AssembledPart[] = [
      {
        id: 'plates',
        name: 'frame plates',
        tone: 'black',
        mesh: mergeMeshes([
          roundedBox([0.2, 0.004, 0.11], 0.0018, poseAt([0, y, 0])),
          roundedBox([0.16, 0.004, 0.09], 0.0018, poseAt([0, y + 0.036, 0])),
          ...[-1, 1].flatMap((sx) =>
            [-1, 1].map((sz) =>
              rod([sx * 0.065, y, sz * 0.035], [sx * 0.065, y + 0.036, sz * 0.035], { radiusM: 0.004, segments: 8 }),
            ),
          ),
        ]),
      },
      {
        id: 'battery',
        name: 'battery',
        tone: 'metal',
        mesh: roundedBox([0.13, 0.034, 0.044], 0.008, poseAt([-0.012, y + 0.057, 0])),
      },
      {
        id: 'arms',
        name: 'arms',
        tone: 'black',
        mesh: mergeMeshes(
          CORNERS.map((c) =>
            rod([c.x * 0.06, y + 0.006, c.z * 0.03], [c.x * arm, y + 0.008, c.z * arm], {
              radiusM: 0.009,
              segments: 10,
              power: 3,
            }),
          ),
        ),
      },
      {
        id: 'motors',
        name: 'motors',
        tone: 'metal',
        mesh: mergeMeshes(
          CORNERS.map((c) =>
            revolveSolid(
              [
                [0.014, -0.035],
                [0.016, -0.03],
                [0.016, -0.006],
                [0.008, 0],
              ],
              { centre: hubOf(c), axis: UP, segments: 16 },
            ),
          ),
        ),
      },
      { id: 'legs', name: 'legs', tone: 'black', mesh: legs(fit) },
    ];
    for (const c of CORNERS)
      parts.push({
        id: `${c.id}Rotor`,
        name: `${c.name} rotor`,
        tone: 'trim',
        mesh: rotor(hubOf(c), radius),
        on: c.id,
      });
    return {
      parts,
      moving: CORNERS.map((c): MovingPart => ({
        id: c.id,
        name: `${c.name} rotor`,
        kind: 'turn',
        at: hubOf(c),
        axis: UP,
        low: -180,
        high: 180,
        driven: { turns: 1, blades: 2 },
        source: practice,
      })),
    };
  },
  spots: (fit) => {
    const y = bodyY(fit);
    const carbon = {
      material: 'carbon',
      shape: 'flat',
      flatAreaM2: 0.006,
      wallM: 0.002,
      mustNot: [{ kind: 'clamp', because: 'no hard clamping on carbon' }],
    } as const;
    const rotors = 'Nothing that can reach a rotor: short tether, no loose strap end.';
    const rules = 'Weight, place and people near by: follow the local rules for unmanned aircraft.';
    return [
      {
        id: 'nose',
        name: 'Nose, on the plate',
        partId: 'plates',
        aim: { from: [0.09, y + 0.5, 0], toward: [0, -1, 0] },
        reference: AHEAD,
        look: AHEAD,
        surface: carbon,
        cautions: [rotors, rules],
        note: 'ahead with nothing in the way; rotors at the edge when wide',
      },
      {
        id: 'belly',
        name: 'Under the belly',
        partId: 'plates',
        aim: { from: [0.02, y - 0.1, 0], toward: [0, 1, 0] },
        reference: AHEAD,
        look: AHEAD,
        surface: carbon,
        zone: { along: AHEAD, nearerM: 0.02, fartherM: 0.04, mark: 'ahead of the middle of the plate', usualM: 0.02 },
        cautions: [rotors, 'Touches down first if it is taller than the legs.', rules],
        note: 'clear of the rotors, legs at the sides',
      },
      {
        id: 'leg',
        name: 'On a leg, leg in view',
        partId: 'legs',
        aim: { from: [-0.075, y * 0.5, 0.5], toward: [0, 0, -1] },
        reference: AHEAD,
        look: AHEAD,
        surface: {
          material: 'carbon',
          shape: 'tube',
          tubeDiameterM: 0.012,
          wallM: 0.001,
          mustNot: [{ kind: 'clamp', because: 'no hard clamping on carbon' }],
        },
        cautions: [rotors, rules],
        note: 'the solid leg in the frame calms the exposure; crop it later',
      },
    ];
  },
});

function legs(fit: Fit): Mesh {
  const y = bodyY(fit);
  const side = mergeMeshes([
    tube(
      smoothPath(
        [
          [0.06, y, 0.05],
          [0.075, y * 0.5, 0.09],
          [0.09, 0.01, 0.115],
          [0, 0.008, 0.118],
          [-0.09, 0.01, 0.115],
          [-0.075, y * 0.5, 0.09],
          [-0.06, y, 0.05],
        ],
        4,
      ),
      { radiusM: 0.006, segments: 8 },
    ),
  ]);
  return mergeMeshes([side, mirrorMesh(side)]);
}
