import { gliderSpots } from './spots';
import { denseStations, glazedBody, sectionPoint, type BodyStation } from '../../shapes/glazedBody';
import { bothSides, wingMesh } from '../../shapes/wing';
import { grip, placed, seated } from '../../shapes/people';
import { revolveRing, revolveSolid } from '../../../src/mathematics/geometry/build/revolve';
import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { rod, tube } from '../../../src/mathematics/geometry/build/tube';
import { mergeMeshes } from '../../../src/mathematics/geometry/mesh';
import { poseAt, transformDirection, transformPoint } from '../../../src/mathematics/geometry/pose';
import { rotationAbout } from '../../../src/mathematics/geometry/rotation';
import { AHEAD, RIGHT, UP, type Vec3 } from '../../../src/mathematics/geometry/vec3';
import { machineFrom, type BlueprintStance } from '../../../src/posing/building/blueprint';
import { fittedValue, type Dimension, type Fit } from '../../../src/words/carrier/dimension';
import { SET_UP_STANCE_ID } from '../../../src/words/carrier/stance';
import { shake } from './shake';
import { estimated } from '../../../src/words/sourced/estimated';

const practice = { kind: 'common practice' } as const;
const dimensions: readonly Dimension[] = [
  {
    id: 'spanM',
    name: 'Wing span',
    unit: 'm',
    standard: 15,
    low: 13.5,
    high: 18,
    step: 0.5,
    source: { kind: 'published', text: 'FAI Sporting Code, Section 3: 13.5, 15 and 18 metre classes; from memory' },
  },
  {
    id: 'seatBackDeg',
    name: 'Seat back from upright',
    unit: 'deg',
    standard: 32,
    low: 20,
    high: 45,
    step: 1,
    source: practice,
  },
];
const value = (fit: Fit, id: string) => fittedValue(dimensions, fit, id);

/** Machine frame: origin on the ground under the wheel, wings level. A single-seater of glass fibre: common practice, ± 5 %. */
const STATIONS: readonly BodyStation[] = [
  { x: 1.95, y: 0.62, halfZ: 0.012, halfY: 0.012, power: 2 },
  { x: 1.9, y: 0.625, halfZ: 0.09, halfY: 0.09, power: 2 },
  { x: 1.74, y: 0.64, halfZ: 0.17, halfY: 0.18, power: 2 },
  { x: 1.5, y: 0.67, halfZ: 0.23, halfY: 0.26, power: 2.1 },
  { x: 1.15, y: 0.71, halfZ: 0.28, halfY: 0.35, power: 2.2 },
  { x: 0.75, y: 0.745, halfZ: 0.305, halfY: 0.42, power: 2.3 },
  { x: 0.35, y: 0.765, halfZ: 0.31, halfY: 0.455, power: 2.3 },
  { x: 0, y: 0.775, halfZ: 0.295, halfY: 0.455, power: 2.3 },
  { x: -0.4, y: 0.785, halfZ: 0.265, halfY: 0.4, power: 2.3 },
  { x: -0.9, y: 0.8, halfZ: 0.2, halfY: 0.29, power: 2.2 },
  { x: -1.5, y: 0.83, halfZ: 0.125, halfY: 0.18, power: 2 },
  { x: -2.5, y: 0.88, halfZ: 0.088, halfY: 0.11, power: 2 },
  { x: -3.8, y: 0.93, halfZ: 0.07, halfY: 0.085, power: 2 },
  { x: -4.65, y: 0.97, halfZ: 0.05, halfY: 0.07, power: 2 },
  { x: -4.8, y: 0.98, halfZ: 0.012, halfY: 0.02, power: 2 },
];
const CANOPY = { front: 1.52, back: -0.28, fromRad: 0.3 } as const;
const SEAT: Vec3 = [0.16, 0.41, 0];
const STICK: Vec3 = [0.52, 0.4, 0];
const STICK_TOP: Vec3 = [0.46, 0.72, 0];
const COLUMNS = 40;

function fuselage() {
  const stations = denseStations(STATIONS, 0.14);
  const angle = (c: number) => (2 * Math.PI * c) / COLUMNS;
  return glazedBody({
    columns: COLUMNS,
    rows: stations.length - 1,
    outer: (c, r) => sectionPoint(stations[r]!, angle(c)),
    centre: (r) => [stations[r]!.x, stations[r]!.y, 0],
    thickM: 0.012,
    isWindow: (c, r) => {
      const x = (stations[r]!.x + stations[r + 1]!.x) / 2;
      const a = angle(c + 0.5);
      return x < CANOPY.front && x > CANOPY.back && a > CANOPY.fromRad && a < Math.PI - CANOPY.fromRad;
    },
  });
}

const RIM = denseStations(STATIONS, 0.14).filter((s) => s.x <= CANOPY.front + 0.02 && s.x >= CANOPY.back);

/** Rim of the canopy: along both sills, over the front and behind the head. */
function canopyFrame() {
  const stations = RIM;
  const sill = (a: number) => stations.map((s) => inset(sectionPoint(s, a), s));
  const hoop = (s: BodyStation) =>
    Array.from({ length: 13 }, (_, i) =>
      inset(sectionPoint(s, CANOPY.fromRad + ((Math.PI - 2 * CANOPY.fromRad) * i) / 12), s),
    );
  const flat = { radiusM: 0.012, segments: 8 } as const;
  return mergeMeshes([
    tube(sill(CANOPY.fromRad), flat),
    tube(sill(Math.PI - CANOPY.fromRad), flat),
    tube(hoop(stations[0]!), flat),
    tube(hoop(stations[stations.length - 1]!), flat),
  ]);
}
const inset = (p: Vec3, s: BodyStation): Vec3 => [p[0], p[1] + (s.y - p[1]) * 0.035, p[2] * 0.965];

const STANCES: readonly BlueprintStance[] = [
  {
    id: SET_UP_STANCE_ID,
    name: 'Set-up',
    share: 0,
    note: 'on the ground, wings held level, strapped in, canopy closed: the level is read here',
    pitchDeg: 0,
  },
  {
    id: 'open',
    name: 'Canopy open',
    share: 0.02,
    note: 'on the ground, canopy swung to the right',
    state: { canopy: 88 },
  },
  { id: 'cruise', name: 'Cruise', share: 0.55, note: 'straight and level', heightM: 900 },
  {
    id: 'thermal',
    name: 'Thermal',
    share: 0.33,
    note: 'banked 38° to the right, stick to the side',
    heightM: 900,
    rollDeg: 38,
    pitchDeg: 2,
    state: { stickSide: 5 },
  },
  {
    id: 'approach',
    name: 'Approach',
    share: 0.1,
    note: 'nose 8° down, airbrakes out',
    heightM: 120,
    pitchDeg: -8,
    state: { stickFore: -4 },
  },
];

export default machineFrom({
  id: 'glider',
  name: 'Glider',
  world: 'air',
  family: 'aircraft',
  wearing: ['plain-body', 'sun-hat'],
  waysOut: [{ name: 'cockpit, upward', toward: [0, 1, 0], opens: 'canopy' }],
  drivenBy: { kind: 'glide', ratio: estimated(38, 30, 45), massKg: estimated(380, 300, 480) },
  usualSpeedMps: 28,
  shake,
  working: ['stick', 'dials'],
  note: 'single-seater with T-tail and a canopy that swings to the right',
  dimensions,
  stances: STANCES,
  actionStanceId: 'cruise',
  build: (fit) => {
    const { body, glass } = fuselage();
    const half = value(fit, 'spanM') / 2;
    return {
      parts: [
        { id: 'fuselage', name: 'fuselage', tone: 'shell', mesh: body },
        { id: 'canopyGlass', name: 'canopy', tone: 'glass', seeThrough: true, mesh: glass, on: 'canopy' },
        { id: 'canopyFrame', name: 'canopy frame', tone: 'black', mesh: canopyFrame(), on: 'canopy' },
        {
          id: 'wings',
          name: 'wings',
          tone: 'shell',
          mesh: bothSides([
            { leading: [-0.36, 0.98, 0], chordM: 0.92, thickness: 0.16 },
            { leading: [-0.36, 0.99, 0.28], chordM: 0.9, thickness: 0.155 },
            { leading: [-0.4, 1.11, half * 0.55], chordM: 0.74, thickness: 0.15 },
            { leading: [-0.5, 1.23, half * 0.88], chordM: 0.5, thickness: 0.145 },
            { leading: [-0.66, 1.31, half - 0.05], chordM: 0.24, thickness: 0.14 },
            { leading: [-0.74, 1.32, half], chordM: 0.06, thickness: 0.12 },
          ]),
        },
        {
          id: 'fin',
          name: 'fin and rudder',
          tone: 'shell',
          mesh: wingMesh([
            { leading: [-4.0, 0.95, 0], chordM: 0.86, thickness: 0.11, camber: 0, up: [0, 0, 1] },
            { leading: [-4.22, 1.6, 0], chordM: 0.66, thickness: 0.11, camber: 0, up: [0, 0, 1] },
            { leading: [-4.36, 2.06, 0], chordM: 0.52, thickness: 0.1, camber: 0, up: [0, 0, 1] },
          ]),
        },
        {
          id: 'tailplane',
          name: 'tailplane',
          tone: 'shell',
          mesh: bothSides([
            { leading: [-4.28, 2.08, 0], chordM: 0.56, thickness: 0.11, camber: 0 },
            { leading: [-4.36, 2.08, 0.8], chordM: 0.42, thickness: 0.11, camber: 0 },
            { leading: [-4.44, 2.08, 1.28], chordM: 0.24, thickness: 0.1, camber: 0 },
            { leading: [-4.52, 2.08, 1.32], chordM: 0.08, thickness: 0.1, camber: 0 },
          ]),
        },
        {
          id: 'wheel',
          name: 'wheel',
          tone: 'tyre',
          mesh: mergeMeshes([
            revolveRing(
              [
                [0.09, -0.05],
                [0.15, -0.055],
                [0.175, -0.025],
                [0.175, 0.025],
                [0.15, 0.055],
                [0.09, 0.05],
              ],
              { centre: [0.02, 0.175, 0], axis: RIGHT, segments: 28 },
            ),
            revolveSolid(
              [
                [0.092, -0.04],
                [0.092, 0.04],
              ],
              { centre: [0.02, 0.175, 0], axis: RIGHT, segments: 20 },
            ),
          ]),
        },
        {
          id: 'panel',
          name: 'instrument panel',
          tone: 'black',
          mesh: mergeMeshes([
            roundedBox([0.09, 0.3, 0.4], 0.03, poseAt([0.98, 0.83, 0], rotationAbout(RIGHT, 14))),
            roundedBox([0.2, 0.03, 0.42], 0.012, poseAt([1.02, 0.985, 0])),
            roundedBox([0.1, 0.34, 0.14], 0.03, poseAt([1.02, 0.6, 0])),
          ]),
        },
        {
          id: 'dials',
          name: 'instruments',
          tone: 'lens',
          watched: true,
          mesh: mergeMeshes(
            [
              [0.9, -0.11],
              [0.9, 0],
              [0.9, 0.11],
              [0.79, -0.08],
              [0.79, 0.05],
            ].map(([y, z]) =>
              revolveSolid(
                [
                  [0.037, 0],
                  [0.037, 0.012],
                  [0.03, 0.014],
                ],
                { centre: [0.985 - (y! - 0.83) * 0.25 - 0.046, y!, z!], axis: [-0.97, 0.24, 0], segments: 18 },
              ),
            ),
          ),
        },
        {
          id: 'seat',
          name: 'seat',
          tone: 'black',
          mesh: mergeMeshes([
            roundedBox(
              [0.46, 0.03, 0.42],
              0.012,
              poseAt([SEAT[0] + 0.1, SEAT[1] - 0.017, 0], rotationAbout(RIGHT, 12)),
            ),
            roundedBox(
              [0.04, 0.62, 0.38],
              0.015,
              poseAt([SEAT[0] - 0.31, SEAT[1] + 0.28, 0], rotationAbout(RIGHT, value(fit, 'seatBackDeg'))),
            ),
          ]),
        },
        {
          id: 'stick',
          name: 'stick',
          tone: 'black',
          mesh: mergeMeshes([
            rod(STICK, STICK_TOP, { radiusM: 0.011, segments: 10 }),
            rod([STICK_TOP[0] + 0.012, STICK_TOP[1] - 0.06, 0], [STICK_TOP[0] - 0.008, STICK_TOP[1] + 0.06, 0], {
              radiusM: 0.017,
              segments: 12,
              rounded: true,
            }),
          ]),
          on: 'stickSide',
        },
        {
          id: 'pedals',
          name: 'pedals',
          tone: 'metal',
          mesh: mergeMeshes([
            roundedBox([0.02, 0.2, 0.09], 0.008, poseAt([1.16, 0.6, 0.1])),
            roundedBox([0.02, 0.2, 0.09], 0.008, poseAt([1.16, 0.6, -0.1])),
          ]),
          on: 'pedals',
        },
      ],
      moving: [
        // The canopy swings over the right sill: right-handed about +x lifts its left side.
        {
          id: 'canopy',
          name: 'canopy',
          does: 'opens',
          onlyAtRest: true,
          kind: 'turn',
          at: [0, 0.86, 0.3],
          axis: AHEAD,
          low: 0,
          high: 95,
          source: practice,
        },
        {
          id: 'stickFore',
          name: 'stick',
          does: 'goes fore and aft',
          kind: 'turn',
          at: STICK,
          axis: RIGHT,
          low: -18,
          high: 18,
          source: { kind: 'estimate', low: 14, high: 22 },
        },
        {
          id: 'stickSide',
          name: 'stick',
          does: 'goes from side to side',
          kind: 'turn',
          at: STICK,
          axis: AHEAD,
          low: -14,
          high: 14,
          on: 'stickFore',
          source: { kind: 'estimate', low: 10, high: 18 },
        },
        {
          id: 'pedals',
          name: 'pedals',
          kind: 'slide',
          at: [1.16, 0.6, 0],
          axis: AHEAD,
          low: -0.06,
          high: 0.06,
          source: { kind: 'estimate', low: 0.04, high: 0.08 },
        },
      ],
    };
  },
  occupants: ({ fit, body, moved }) => {
    const stick = moved('stickSide');
    return [
      {
        posture: seated(body, {
          feetSteer: true,
          seat: SEAT,
          leanDeg: -value(fit, 'seatBackDeg'),
          feet: [0.84, 0.1, 0.1],
          toesUpDeg: 68,
          gazeDeg: 2,
          elbowsOut: 0.15,
          kneesOut: 0.25,
          hands: {
            right: grip(transformPoint(stick, STICK_TOP), transformDirection(stick, [0.1, -1, 0])),
            left: placed([0.34, 0.58, -0.22], [1, -0.1, 0], UP),
          },
        }),
        hipsFree: false,
      },
    ];
  },
  spots: (fit) => gliderSpots(value(fit, 'spanM') / 2, RIM[RIM.length - 1]!.x),
});
