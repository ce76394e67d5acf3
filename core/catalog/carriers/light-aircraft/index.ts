import { denseStations, glazedBody, sectionPoint, type BodyStation } from '../../shapes/glazedBody';
import { bothSides, wingMesh } from '../../shapes/wing';
import { grip, handsOnThighs, placed, seated } from '../../shapes/people';
import { carSeat } from '../../shapes/closedCar';
import { roadWheel } from '../../shapes/roadWheel';
import { revolveSolid } from '../../../src/mathematics/geometry/build/revolve';
import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { rod } from '../../../src/mathematics/geometry/build/tube';
import { mergeMeshes, mirrorMesh, transformMesh } from '../../../src/mathematics/geometry/mesh';
import { poseAt, transformDirection, transformPoint } from '../../../src/mathematics/geometry/pose';
import { rotationAbout } from '../../../src/mathematics/geometry/rotation';
import { AHEAD, RIGHT, UP, type Vec3 } from '../../../src/mathematics/geometry/vec3';
import { machineFrom, type BlueprintStance } from '../../../src/posing/building/blueprint';
import { fittedValue, type Dimension, type Fit } from '../../../src/words/carrier/dimension';
import { SET_UP_STANCE_ID } from '../../../src/words/carrier/stance';
import { shake } from './shake';
import { spots, strutEnds } from './spots';
import { estimated } from '../../../src/words/sourced/estimated';

const practice = { kind: 'common practice' } as const;
const dimensions: readonly Dimension[] = [
  { id: 'spanM', name: 'Wing span', unit: 'm', standard: 10.4, low: 9, high: 11.2, step: 0.1, source: practice },
];
const value = (fit: Fit, id: string) => fittedValue(dimensions, fit, id);

/** Machine frame: origin on the ground under the main wheels, standing level. Two seats side by side; common practice, ± 5 %. */
const STATIONS: readonly BodyStation[] = [
  { x: 1.98, y: 1.16, halfZ: 0.14, halfY: 0.15, power: 2 },
  { x: 1.92, y: 1.15, halfZ: 0.3, halfY: 0.27, power: 2.4 },
  { x: 1.5, y: 1.13, halfZ: 0.42, halfY: 0.36, power: 2.8 },
  { x: 1.0, y: 1.14, halfZ: 0.52, halfY: 0.41, power: 3.4 },
  { x: 0.88, y: 1.16, halfZ: 0.53, halfY: 0.44, power: 3.6 },
  { x: 0.5, y: 1.33, halfZ: 0.56, halfY: 0.63, power: 3.8 },
  { x: 0.3, y: 1.38, halfZ: 0.57, halfY: 0.69, power: 4 },
  { x: -0.75, y: 1.37, halfZ: 0.55, halfY: 0.68, power: 3.6 },
  { x: -1.5, y: 1.36, halfZ: 0.44, halfY: 0.48, power: 3 },
  { x: -2.4, y: 1.4, halfZ: 0.3, halfY: 0.31, power: 2.6 },
  { x: -4.2, y: 1.5, halfZ: 0.11, halfY: 0.16, power: 2.2 },
  { x: -4.75, y: 1.54, halfZ: 0.04, halfY: 0.1, power: 2 },
  { x: -4.82, y: 1.54, halfZ: 0.01, halfY: 0.04, power: 2 },
];
const COLUMNS = 40;
const SEAT: Vec3 = [-0.12, 1.0, -0.27];
const YOKE: Vec3 = [0.42, 1.28, -0.27];
const HUB: Vec3 = [2.06, 1.16, 0];
const FLOOR_Y = 0.78;

function fuselage() {
  const stations = denseStations(STATIONS, 0.13);
  const angle = (c: number) => (2 * Math.PI * c) / COLUMNS;
  return glazedBody({
    columns: COLUMNS,
    rows: stations.length - 1,
    outer: (c, r) => sectionPoint(stations[r]!, angle(c)),
    centre: (r) => [stations[r]!.x, stations[r]!.y, 0],
    thickM: 0.03,
    isWindow: (c, r) => {
      const x = (stations[r]!.x + stations[r + 1]!.x) / 2;
      const a = angle(c + 0.5);
      const side = Math.min(a, Math.PI - a);
      // Windscreen over the cowl, side windows with a pillar at the strut, a quarter window behind.
      if (x > 0.32 && x < 0.9) return side > 0.35;
      return side > 0.05 && side < 0.65 && ((x < 0.24 && x > -0.55) || (x < -0.66 && x > -1.12));
    },
  });
}

const STANCES: readonly BlueprintStance[] = [
  {
    id: SET_UP_STANCE_ID,
    name: 'Set-up',
    share: 0,
    note: 'on level ground, seated and belted: the level is read here',
  },
  {
    id: 'cruise',
    name: 'Cruise',
    share: 0.6,
    note: 'straight and level, nose 1° up',
    heightM: 500,
    pitchDeg: 1,
    state: { propeller: 35 },
  },
  {
    id: 'bank',
    name: 'Turn',
    share: 0.2,
    note: 'banked 30° to the right',
    heightM: 500,
    rollDeg: 30,
    pitchDeg: 2,
    state: { propeller: 80, yoke: 25 },
  },
  { id: 'climb', name: 'Climb', share: 0.1, note: 'nose 9° up', heightM: 250, pitchDeg: 9, state: { propeller: 120 } },
  {
    id: 'approach',
    name: 'Approach',
    share: 0.1,
    note: 'nose 5° down',
    heightM: 90,
    pitchDeg: -5,
    state: { propeller: -20 },
  },
];

export default machineFrom({
  id: 'light-aircraft',
  name: 'Light aircraft',
  world: 'air',
  family: 'aircraft',
  traits: ['motor', 'open propeller'],
  wearing: ['plain-body', 'head-strap'],
  waysOut: [
    { name: 'left door', toward: [0, 0, -1] },
    { name: 'right door', toward: [0, 0, 1] },
  ],
  noise: {
    name: 'engine and propeller',
    partId: 'propeller',
    db1m: estimated(106, 100, 112),
    insideDb: estimated(90, 84, 96),
  },
  usualSpeedMps: 48,
  shake,
  working: ['propeller', 'dials'],
  note: 'high wing with struts, two seats side by side, fixed wheels',
  dimensions,
  stances: STANCES,
  actionStanceId: 'cruise',
  build: (fit) => {
    const { body, glass } = fuselage();
    const half = value(fit, 'spanM') / 2;
    const wheel = roadWheel(0.2, 0.14, 0.1, 5);
    const place = (at: Vec3) =>
      mergeMeshes([transformMesh(wheel.tyre, poseAt(at)), transformMesh(wheel.rim, poseAt(at))]);
    const blade = (deg: number) => {
      const a = (deg * Math.PI) / 180;
      return roundedBox(
        [0.035, 0.86, 0.13],
        0.015,
        poseAt([HUB[0], HUB[1] + 0.46 * Math.cos(a), 0.46 * Math.sin(a)], rotationAbout(AHEAD, deg)),
      );
    };
    const [low, high] = strutEnds(half);
    const strut = rod(low, high, {
      radiusM: 0.03,
      flatness: 0.5,
      segments: 12,
      reference: UP,
    });
    // A brace behind the windscreen, from the panel's corner to the wing's front spar.
    const cabinTube = rod([0.84, 1.38, 0.36], [0.3, 1.86, 0.06], { radiusM: 0.0125, segments: 12 });
    const gear = rod([-0.1, 0.8, 0.4], [-0.05, 0.22, 0.96], { radiusM: 0.03, flatness: 0.6, segments: 10 });
    const other: Vec3 = [SEAT[0], SEAT[1], -SEAT[2]];
    return {
      parts: [
        { id: 'fuselage', name: 'fuselage', tone: 'shell', mesh: body },
        { id: 'windows', name: 'windows', tone: 'glass', seeThrough: true, mesh: glass },
        {
          id: 'wings',
          name: 'wings',
          tone: 'shell',
          mesh: bothSides([
            { leading: [0.5, 2.05, 0], chordM: 1.5, thickness: 0.13 },
            { leading: [0.5, 2.07, half * 0.5], chordM: 1.5, thickness: 0.13 },
            { leading: [0.4, 2.12, half * 0.96], chordM: 1.1, thickness: 0.12 },
            { leading: [0.2, 2.13, half], chordM: 0.6, thickness: 0.1 },
          ]),
        },
        { id: 'struts', name: 'wing struts', tone: 'shell', mesh: mergeMeshes([strut, mirrorMesh(strut)]) },
        {
          id: 'fin',
          name: 'fin and rudder',
          tone: 'shell',
          mesh: wingMesh([
            { leading: [-3.75, 1.6, 0], chordM: 1.2, thickness: 0.09, camber: 0, up: [0, 0, 1] },
            { leading: [-4.2, 2.3, 0], chordM: 0.82, thickness: 0.09, camber: 0, up: [0, 0, 1] },
            { leading: [-4.45, 2.66, 0], chordM: 0.5, thickness: 0.08, camber: 0, up: [0, 0, 1] },
          ]),
        },
        {
          id: 'tailplane',
          name: 'tailplane',
          tone: 'shell',
          mesh: bothSides([
            { leading: [-3.95, 1.56, 0], chordM: 0.9, thickness: 0.09, camber: 0 },
            { leading: [-4.1, 1.56, 1.45], chordM: 0.62, thickness: 0.09, camber: 0 },
            { leading: [-4.3, 1.56, 1.55], chordM: 0.3, thickness: 0.08, camber: 0 },
          ]),
        },
        {
          id: 'gear',
          name: 'undercarriage',
          tone: 'metal',
          mesh: mergeMeshes([
            gear,
            mirrorMesh(gear),
            rod([1.5, 0.8, 0], [1.56, 0.2, 0], { radiusM: 0.035, segments: 12 }),
          ]),
        },
        {
          id: 'wheels',
          name: 'wheels',
          tone: 'tyre',
          mesh: mergeMeshes([place([-0.05, 0.2, 1.02]), place([-0.05, 0.2, -1.02]), place([1.56, 0.2, 0.0])]),
        },
        {
          id: 'propeller',
          name: 'propeller',
          tone: 'black',
          on: 'propeller',
          mesh: mergeMeshes([
            blade(8),
            blade(188),
            revolveSolid(
              [
                [0.14, -0.08],
                [0.13, 0.06],
                [0.06, 0.2],
                [0.01, 0.24],
              ],
              { centre: HUB, axis: AHEAD, segments: 22 },
            ),
          ]),
        },
        { id: 'cabinTubes', name: 'cabin tubes', tone: 'metal', mesh: mergeMeshes([cabinTube, mirrorMesh(cabinTube)]) },
        {
          id: 'panel',
          name: 'instrument panel',
          tone: 'black',
          mesh: mergeMeshes([
            roundedBox([0.08, 0.34, 1.0], 0.03, poseAt([0.72, 1.3, 0], rotationAbout(RIGHT, 6))),
            roundedBox([0.24, 0.03, 1.02], 0.012, poseAt([0.78, 1.475, 0])),
          ]),
        },
        {
          id: 'dials',
          name: 'instruments',
          tone: 'lens',
          watched: true,
          mesh: mergeMeshes(
            [-0.37, -0.27, -0.17, -0.05, 0.08].flatMap((z) =>
              [1.39, 1.27].map((y) =>
                revolveSolid(
                  [
                    [0.042, 0],
                    [0.042, 0.012],
                    [0.034, 0.014],
                  ],
                  { centre: [0.685 - (y - 1.3) * 0.1, y, z], axis: [-0.995, 0.1, 0], segments: 18 },
                ),
              ),
            ),
          ),
        },
        { id: 'seats', name: 'seats', tone: 'trim', mesh: mergeMeshes([carSeat(SEAT, 12), carSeat(other, 12)]) },
        {
          id: 'floor',
          name: 'floor',
          tone: 'black',
          mesh: roundedBox([1.7, 0.03, 0.8], 0.012, poseAt([0.2, FLOOR_Y - 0.02, 0])),
        },
        {
          id: 'yoke',
          name: 'yoke',
          tone: 'black',
          on: 'yoke',
          mesh: mergeMeshes([
            rod([YOKE[0], YOKE[1], YOKE[2]], [0.7, YOKE[1] - 0.02, YOKE[2]], { radiusM: 0.014, segments: 10 }),
            rod([YOKE[0], YOKE[1] - 0.02, YOKE[2] - 0.13], [YOKE[0], YOKE[1] - 0.02, YOKE[2] + 0.13], {
              radiusM: 0.014,
              segments: 10,
            }),
            ...[-1, 1].map((s) =>
              rod([YOKE[0], YOKE[1] - 0.03, YOKE[2] + s * 0.13], [YOKE[0] - 0.02, YOKE[1] + 0.09, YOKE[2] + s * 0.15], {
                radiusM: 0.016,
                segments: 10,
                rounded: true,
              }),
            ),
          ]),
        },
      ],
      moving: [
        {
          id: 'propeller',
          name: 'propeller',
          kind: 'turn',
          at: HUB,
          axis: AHEAD,
          low: -180,
          high: 180,
          driven: { turns: 1, blades: 2 },
          source: practice,
        },
        {
          id: 'yokeFore',
          name: 'yoke',
          does: 'goes in and out',
          kind: 'slide',
          at: YOKE,
          axis: AHEAD,
          low: -0.16,
          high: 0.1,
          source: { kind: 'estimate', low: 0.15, high: 0.25 },
        },
        {
          id: 'yoke',
          name: 'yoke',
          kind: 'turn',
          at: YOKE,
          axis: AHEAD,
          low: -80,
          high: 80,
          on: 'yokeFore',
          source: { kind: 'estimate', low: 60, high: 90 },
        },
      ],
    };
  },
  occupants: ({ body, moved }) => {
    const yoke = moved('yoke');
    const other: Vec3 = [SEAT[0], SEAT[1], -SEAT[2]];
    const sit = { leanDeg: -10, feet: [0.74, FLOOR_Y + 0.06 - SEAT[1], 0.1] as const, toesUpDeg: 35, gazeDeg: -1 };
    return [
      {
        posture: seated(body, {
          feetSteer: true,
          ...sit,
          seat: SEAT,
          hands: {
            left: grip(
              transformPoint(yoke, [YOKE[0] - 0.01, YOKE[1] + 0.035, YOKE[2] - 0.14]),
              transformDirection(yoke, [0.15, -0.95, 0.1]),
            ),
            right: placed([0.3, 1.2, -0.06], [1, -0.1, 0.1], UP),
          },
        }),
        hipsFree: false,
      },
      { posture: seated(body, { ...sit, seat: other, hands: handsOnThighs(other) }), hipsFree: false },
    ];
  },
  spots: (fit) => spots(value(fit, 'spanM') / 2),
});
