import { notDrilled } from '../../shapes/notDrilled';
import { deckedHull, type HullStation } from '../../shapes/hull';
import { sailMesh } from '../../shapes/sail';
import { FACING_RIGHT, grip, placed, seated } from '../../shapes/people';
import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { rod } from '../../../src/mathematics/geometry/build/tube';
import { mergeMeshes, mirrorMesh, type Mesh } from '../../../src/mathematics/geometry/mesh';
import { poseAt } from '../../../src/mathematics/geometry/pose';
import { AHEAD, mix, normalize, RIGHT, subtract, UP, type Vec3 } from '../../../src/mathematics/geometry/vec3';
import { machineFrom, type BlueprintStance } from '../../../src/posing/building/blueprint';
import { fittedValue, type Dimension, type Fit } from '../../../src/words/carrier/dimension';
import { SET_UP_STANCE_ID } from '../../../src/words/carrier/stance';
import { shake } from './shake';

const practice = { kind: 'common practice' } as const;
const dimensions: readonly Dimension[] = [
  { id: 'lengthM', name: 'Hull length', unit: 'm', standard: 5.0, low: 4.5, high: 6.1, step: 0.05, source: practice },
  { id: 'beamM', name: 'Beam over all', unit: 'm', standard: 2.4, low: 2.1, high: 2.6, step: 0.05, source: practice },
  { id: 'mastM', name: 'Mast over the beam', unit: 'm', standard: 8.1, low: 7, high: 9.2, step: 0.1, source: practice },
  { id: 'boomM', name: 'Boom length', unit: 'm', standard: 2.25, low: 1.9, high: 2.6, step: 0.05, source: practice },
];
const value = (fit: Fit, id: string) => fittedValue(dimensions, fit, id);

/** Machine frame: origin at the water line amidships. Heights and places: common practice, ± 10 %. */
const HULL_HALF_M = 0.19;
const TRAMPOLINE_Y = 0.48;
const mastFoot = (fit: Fit): Vec3 => [value(fit, 'lengthM') * 0.09, 0.58, 0];
const BOOM_UP_M = 0.75;
const mastHead = (fit: Fit): Vec3 => {
  const [x, y] = mastFoot(fit);
  return [x - 0.25, y + value(fit, 'mastM'), 0];
};
const hullZ = (fit: Fit) => value(fit, 'beamM') / 2 - HULL_HALF_M;

function hull(fit: Fit): Mesh {
  const long = value(fit, 'lengthM');
  const stations = Array.from({ length: 25 }, (_, i): HullStation => {
    const t = i / 24;
    const x = (t - 0.5) * long;
    const bow = Math.max(0, (t - 0.55) / 0.45);
    const stern = Math.max(0, (0.3 - t) / 0.3);
    return {
      x: x + 0.08 * bow ** 6,
      half: HULL_HALF_M * Math.max(0.05, (1 - bow ** 2.2) * (1 - 0.25 * stern ** 2)),
      gunwale: 0.4 + 0.12 * bow ** 1.5,
      keel: -0.17 + 0.42 * bow ** 5 + 0.14 * stern ** 1.5,
    };
  });
  return deckedHull(stations, 1.9, 0.035, hullZ(fit));
}

const STANCES: readonly BlueprintStance[] = [
  {
    id: SET_UP_STANCE_ID,
    name: 'Set-up',
    share: 0,
    note: 'on the beach, level, boom amidships: the level is read here',
    state: { boom: 0, rudders: 0 },
  },
  {
    id: 'reach',
    name: 'Reach',
    share: 0.5,
    note: 'wind from the left, boom out 28°, heeled 6°',
    state: { boom: 28, rudders: 0 },
    rollDeg: 6,
  },
  {
    id: 'flying',
    name: 'Hull flying',
    share: 0.2,
    note: 'left hull out of the water, heeled 18°',
    state: { boom: 9, rudders: 3 },
    rollDeg: 18,
    heightM: 0.36,
  },
  { id: 'running', name: 'Downwind', share: 0.2, note: 'boom out 70°', state: { boom: 70, rudders: 0 }, rollDeg: 1 },
  {
    id: 'close',
    name: 'Sheeted in',
    share: 0.1,
    note: 'close-hauled, boom nearly amidships',
    state: { boom: 4, rudders: -2 },
    rollDeg: 9,
  },
];

export default machineFrom({
  id: 'beach-catamaran',
  name: 'Beach catamaran',
  world: 'water',
  family: 'boat',
  traits: ['lies on the water'],
  wearing: ['buoyancy-vest', 'half-shell-helmet'],
  usualSpeedMps: 6,
  shake,
  working: ['hullLeft', 'hullRight'],
  note: 'two hulls, trampoline, mainsail on a boom, two people',
  dimensions,
  stances: STANCES,
  actionStanceId: 'reach',
  build: (fit) => {
    const long = value(fit, 'lengthM');
    const z = hullZ(fit);
    const foot = mastFoot(fit);
    const head = mastHead(fit);
    const tack: Vec3 = [foot[0] - 0.07, foot[1] + BOOM_UP_M, 0];
    const clew: Vec3 = [tack[0] - value(fit, 'boomM'), tack[1] - 0.04, 0];
    const right = hull(fit);
    const front = foot[0];
    const rear = -long * 0.3;
    const beam = (x: number, radiusM: number) => rod([x, 0.5, -z - 0.1], [x, 0.5, z + 0.1], { radiusM, segments: 14 });
    const wire = (from: Vec3, to: Vec3) => rod(from, to, { radiusM: 0.004, segments: 6 });
    const hounds = mix(foot, head, 0.74);
    const rudder = (side: number): Mesh => {
      const x = -long / 2 - 0.06;
      return mergeMeshes([
        roundedBox([0.16, 0.34, 0.04], 0.015, poseAt([x, 0.28, side * z])),
        roundedBox([0.2, 0.72, 0.024], 0.01, poseAt([x - 0.01, -0.22, side * z])),
        rod([x + 0.02, 0.44, side * z], [x + 0.75, 0.5, side * (z - 0.12)], { radiusM: 0.014, segments: 10 }),
      ]);
    };
    return {
      parts: [
        { id: 'hullRight', name: 'right hull', tone: 'board', mesh: right },
        { id: 'hullLeft', name: 'left hull', tone: 'board', mesh: mirrorMesh(right) },
        { id: 'beams', name: 'beams', tone: 'metal', mesh: mergeMeshes([beam(front, 0.042), beam(rear, 0.038)]) },
        {
          id: 'trampoline',
          name: 'trampoline',
          tone: 'black',
          mesh: roundedBox([front - rear, 0.012, 2 * z - 0.1], 0.005, poseAt([(front + rear) / 2, TRAMPOLINE_Y, 0])),
        },
        {
          id: 'mast',
          name: 'mast',
          tone: 'metal',
          aloft: true,
          mesh: rod(foot, head, { radiusM: 0.05, flatness: 0.62, segments: 16, reference: AHEAD }),
        },
        {
          id: 'bowPole',
          name: 'bow pole',
          tone: 'metal',
          mesh: rod([front + 0.02, 0.5, 0], [long / 2 + 0.65, 0.56, 0], {
            radiusM: 0.022,
            segments: 14,
            rounded: true,
          }),
        },
        {
          id: 'stays',
          name: 'shrouds and forestay',
          tone: 'metal',
          aloft: true,
          mesh: mergeMeshes([
            wire(hounds, [front - 0.5, 0.46, z + 0.12]),
            wire(hounds, [front - 0.5, 0.46, -z - 0.12]),
            wire(hounds, [long * 0.36, 0.62, 0]),
            wire([long * 0.36, 0.62, 0], [long * 0.42, 0.46, z]),
            wire([long * 0.36, 0.62, 0], [long * 0.42, 0.46, -z]),
          ]),
        },
        {
          id: 'jib',
          name: 'jib',
          tone: 'sail',
          aloft: true,
          mesh: sailMesh(
            [mix([long * 0.36, 0.62, 0], hounds, 0.04), mix([long * 0.36, 0.62, 0], hounds, 0.93)],
            (t) => mix([front + 0.12, 0.9, 0.34], mix([long * 0.36, 0.62, 0], hounds, 0.935), t),
            0.16,
          ),
        },
        {
          id: 'boom',
          name: 'boom',
          tone: 'metal',
          aloft: true,
          mesh: rod(tack, clew, { radiusM: 0.032, segments: 14 }),
          on: 'boom',
        },
        {
          id: 'mainsail',
          name: 'mainsail',
          tone: 'sail',
          aloft: true,
          on: 'boom',
          mesh: sailMesh(
            [
              [tack[0] - 0.02, tack[1] + 0.06, 0],
              [head[0] - 0.06, head[1] - 0.1, 0],
            ],
            (t) => {
              // Roach: the leech bows out behind the straight line.
              const straight = mix([clew[0] + 0.06, clew[1] + 0.1, 0], [head[0] - 0.6, head[1] - 0.16, 0], t);
              return [straight[0] - 0.42 * Math.sin(Math.PI * t) ** 0.9, straight[1], straight[2]];
            },
            0.22,
          ),
        },
        {
          id: 'sheet',
          name: 'mainsheet',
          tone: 'rope',
          aloft: true,
          on: 'boom',
          mesh: rod([clew[0] + 0.1, clew[1] - 0.03, 0], [clew[0] + 0.16, 0.56, 0], { radiusM: 0.012, segments: 8 }),
        },
        { id: 'rudders', name: 'rudders and tillers', tone: 'black', mesh: mergeMeshes([rudder(1), rudder(-1)]) },
      ],
      moving: [
        // Positive lets the boom out to the right: right-handed about the mast, seen from above it turns the boom's end to +z.
        {
          id: 'boom',
          name: 'boom and mainsail',
          kind: 'turn',
          at: tack,
          axis: UP,
          low: -85,
          high: 85,
          source: { kind: 'estimate', low: 75, high: 95 },
        },
        {
          id: 'rudders',
          name: 'rudders',
          kind: 'turn',
          at: [-long / 2, 0, 0],
          axis: UP,
          low: -35,
          high: 35,
          source: { kind: 'estimate', low: 25, high: 45 },
        },
      ],
    };
  },
  occupants: ({ fit, body }) => {
    const z = hullZ(fit);
    const sit = (x: number, hands: Parameters<typeof seated>[1]['hands']) =>
      seated(body, {
        seat: [x, TRAMPOLINE_Y + 0.05, -z + 0.04],
        leanDeg: -6,
        feet: [0.62, -0.02, 0.13],
        toesUpDeg: 25,
        hands,
        base: FACING_RIGHT,
        headTurnDeg: -70,
        gazeDeg: 2,
        elbowsOut: 0.3,
      });
    const helmX = -1.15;
    return [
      {
        posture: sit(helmX, {
          // Tiller extension behind, sheet ahead.
          right: grip([helmX - 0.32, TRAMPOLINE_Y + 0.36, -z + 0.22], [-0.6, 0.2, 0.3]),
          left: placed([helmX + 0.22, TRAMPOLINE_Y + 0.36, -z + 0.34], [0.3, 0, 1]),
        }),
        hipsFree: false,
      },
      {
        posture: sit(-0.25, {
          left: placed([0.05, TRAMPOLINE_Y + 0.36, -z + 0.4], [0.3, -0.1, 1]),
          right: placed([-0.42, TRAMPOLINE_Y + 0.32, -z + 0.36], [0, -0.1, 1]),
        }),
        hipsFree: false,
      },
    ];
  },
  spots: (fit, built) => {
    const long = value(fit, 'lengthM');
    const z = hullZ(fit);
    const foot = mastFoot(fit);
    const mastUp = normalize(subtract(mastHead(fit), foot));
    const boom = built.moving[0]!.at;
    const gelcoat = {
      ...notDrilled('a hole in the hull lets the sea in'),
      material: 'gelcoat',
      shape: 'curved',
      curvatureRadiusM: 0.4,
      flatAreaM2: 0.015,
      wallM: 0.004,
    } as const;
    const sheets = 'Nothing that catches a sheet or the crew at a gybe.';
    const twice = 'Tie it on twice: once for the picture, once for the sea.';
    return [
      {
        id: 'bow',
        name: 'Left bow, facing back',
        partId: 'hullLeft',
        aim: { from: [long * 0.33, 2, -z], toward: [0, -1, 0] },
        reference: [-1, 0, 0],
        look: [-1, 0, 0],
        surface: gelcoat,
        zone: {
          along: [-1, 0, 0],
          nearerM: 0.1 * long,
          fartherM: 0.12 * long,
          mark: 'behind the bow',
          usualM: 0.17 * long,
        },
        cautions: ['The bow goes under: load of water, about 800 times denser than air.', twice],
        note: 'crew, sail and wake from ahead',
      },
      {
        id: 'hull-side',
        name: 'Left hull, inside',
        partId: 'hullLeft',
        aim: { from: [0.9, 0.25, 0], toward: [0, 0, -1] },
        reference: AHEAD,
        look: AHEAD,
        surface: gelcoat,
        zone: { along: [-1, 0, 0], nearerM: 0.4, fartherM: 0.6, mark: 'behind the bow', usualM: long / 2 - 0.9 },
        cautions: ['Spray and rope ends; the hull flexes.', twice],
        note: 'low between the hulls, water streaming through',
      },
      {
        id: 'mast',
        name: 'Mast, at head height',
        partId: 'mast',
        aim: { from: [foot[0] - 1, foot[1] + 1.6, 0], toward: [1, 0, 0] },
        reference: [0, 1, 0],
        look: [-1, 0, 0],
        surface: { material: 'alloy tube', shape: 'tube', tubeDiameterM: 0.07, wallM: 0.002, straightM: 2 },
        zone: { along: [0, 1, 0], nearerM: 1.0, fartherM: 1.0, mark: 'above the foot of the mast', usualM: 1.6 },
        cautions: ["The sail's luff and the halyard run here.", sheets],
        note: 'looks down on the crew',
      },
      {
        id: 'mast-flank',
        name: 'Mast, flat flank, left',
        partId: 'mast',
        aim: { from: [mix(foot, mastHead(fit), 0.16)[0], mix(foot, mastHead(fit), 0.16)[1], -1], toward: [0, 0, 1] },
        reference: [0, 1, 0],
        look: [-1, 0, 0],
        surface: {
          material: 'painted metal',
          shape: 'flat',
          flatAreaM2: 0.024,
          wallM: 0.002,
          ...notDrilled('a mast is not drilled'),
        },
        zone: { along: mastUp, nearerM: 0.4, fartherM: 0.9, mark: 'above the foot of the mast', usualM: 1.3 },
        cautions: ["The sail's luff and the halyard run close by.", twice, sheets],
        note: 'two cups one above the other look down on the crew from the side that the wind comes from; the mast turns with the boom',
      },
      {
        id: 'bow-pole',
        name: 'Bow pole, looking back',
        partId: 'bowPole',
        aim: { from: [long / 2 + 0.55, 2, 0], toward: [0, -1, 0] },
        reference: [-1, 0, 0],
        look: [-1, 0, 0],
        surface: { material: 'alloy tube', shape: 'tube', tubeDiameterM: 0.044, wallM: 0.002, straightM: 0.8 },
        zone: { along: [-1, 0, 0], nearerM: 0.05, fartherM: 0.5, mark: 'from the end of the pole', usualM: 0.1 },
        cautions: [sheets, twice, 'First into every wave, and into whoever is in the way.'],
        note: 'both hulls, crew and sails from ahead, with the wake',
      },
      {
        id: 'trampoline-edge',
        name: 'Trampoline, right edge',
        partId: 'trampoline',
        aim: { from: [-0.55, TRAMPOLINE_Y, 3], toward: [0, 0, -1] },
        reference: AHEAD,
        look: AHEAD,
        surface: { material: 'webbing', shape: 'edge', ...notDrilled('a trampoline is not drilled') },
        cautions: [sheets, 'It gives under whoever moves on it: for a light camera.'],
        note: 'along the deck between crew and hull',
      },
      {
        id: 'boom-end',
        name: 'Boom end, looking in',
        partId: 'boom',
        aim: { from: [boom[0] - value(fit, 'boomM') + 0.06, boom[1] - 1, 0], toward: [0, 1, 0] },
        reference: [-1, 0, 0],
        look: [1, 0, 0],
        surface: { material: 'alloy tube', shape: 'tube', tubeDiameterM: 0.064, wallM: 0.002, straightM: 0.6 },
        zone: { along: [1, 0, 0], nearerM: 0.02, fartherM: 0.6, mark: 'from the end of the boom', usualM: 0.06 },
        cautions: [sheets, 'A boom-end pole can dip under when sheeted in.', 'Swings over heads at every tack.'],
        note: 'the whole craft and crew from outside, with the horizon',
      },
      {
        id: 'shroud',
        name: 'Shroud anchor, right hull',
        partId: 'hullRight',
        aim: { from: [foot[0] - 0.75, 2, z], toward: [0, -1, 0] },
        reference: AHEAD,
        look: AHEAD,
        surface: { material: 'alloy', shape: 'flat', flatAreaM2: 0.0016, wallM: 0.004 },
        cautions: [sheets, twice, 'Only on the holes that the plate has: the mast stands by it.'],
        note: 'ahead past the jib, lee hull in the water',
      },
      {
        id: 'front-beam',
        name: 'Rear beam, looking ahead',
        partId: 'beams',
        aim: { from: [-long * 0.3, 2, 0.1], toward: [0, -1, 0] },
        reference: AHEAD,
        look: AHEAD,
        surface: { material: 'alloy tube', shape: 'tube', tubeDiameterM: 0.076, wallM: 0.002, straightM: 0.8 },
        zone: { along: RIGHT, nearerM: 0.1, fartherM: 0.6, mark: 'right of the middle', usualM: 0.1 },
        cautions: [sheets],
        note: 'trampoline, crew and mast in one frame',
      },
    ];
  },
});
