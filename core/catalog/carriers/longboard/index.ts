import { notDrilled } from '../../shapes/notDrilled';
import { boardMesh, boardStations } from '../../shapes/board';
import { BOTH_HANDS, bothHandsSpot, standingAcross, type Sideways } from '../../shapes/people';
import { revolveSolid } from '../../../src/mathematics/geometry/build/revolve';
import { roundedBox } from '../../../src/mathematics/geometry/build/roundedBox';
import { rod } from '../../../src/mathematics/geometry/build/tube';
import { mergeMeshes, type Mesh } from '../../../src/mathematics/geometry/mesh';
import { poseAt } from '../../../src/mathematics/geometry/pose';
import { AHEAD, RIGHT } from '../../../src/mathematics/geometry/vec3';
import { carryPosture } from '../../../src/posing/body/posture';
import { turnAbout } from '../../../src/posing/building/assembly';
import { machineFrom, type BlueprintStance } from '../../../src/posing/building/blueprint';
import { fittedValue, type Dimension, type Fit } from '../../../src/words/carrier/dimension';
import { SET_UP_STANCE_ID } from '../../../src/words/carrier/stance';
import { shake } from './shake';

const practice = { kind: 'common practice' } as const;
const dimensions: readonly Dimension[] = [
  { id: 'lengthM', name: 'Deck length', unit: 'm', standard: 1.02, low: 0.8, high: 1.2, step: 0.01, source: practice },
  { id: 'widthM', name: 'Deck width', unit: 'm', standard: 0.245, low: 0.2, high: 0.27, step: 0.005, source: practice },
  {
    id: 'wheelM',
    name: 'Wheel diameter',
    unit: 'm',
    standard: 0.07,
    low: 0.06,
    high: 0.085,
    step: 0.001,
    source: practice,
  },
  {
    id: 'wheelbaseM',
    name: 'Wheelbase',
    unit: 'm',
    standard: 0.76,
    low: 0.55,
    high: 0.9,
    step: 0.01,
    source: practice,
  },
];
const value = (fit: Fit, id: string) => fittedValue(dimensions, fit, id);

const THICK_M = 0.014;
/** Axle to the underside of the deck over it, metres; estimate 0.055 to 0.075. */
const TRUCK_M = 0.062;
const deckBottom = (fit: Fit) => value(fit, 'wheelM') / 2 + TRUCK_M;
const deckTop = (fit: Fit) => deckBottom(fit) + THICK_M;
/** How far deck leans on its trucks, degrees either way. */
const LEAN_DEG = 16;

function truck(fit: Fit, x: number, way: 1 | -1): Mesh {
  const r = value(fit, 'wheelM') / 2;
  const top = deckBottom(fit);
  const half = 0.115;
  const wheel = (z: number) =>
    revolveSolid(
      [
        [0.012, z - 0.024],
        [r - 0.006, z - 0.024],
        [r, z - 0.016],
        [r, z + 0.016],
        [r - 0.006, z + 0.024],
        [0.012, z + 0.024],
      ],
      { centre: [x, r, 0], axis: RIGHT, segments: 22 },
    );
  return mergeMeshes([
    roundedBox([0.085, 0.012, 0.058], 0.004, poseAt([x, top - 0.006, 0])),
    rod([x + way * 0.012, top - 0.012, 0], [x, r, 0], { radiusM: (t) => 0.02 - 0.005 * t, segments: 12 }),
    rod([x, r, -half], [x, r, half], { radiusM: 0.011, segments: 12, power: 3 }),
    wheel(-half),
    wheel(half),
  ]);
}

const STANCES: readonly (BlueprintStance & { readonly rides: Omit<Sideways, 'halfStanceM' | 'deckY'> })[] = [
  {
    id: SET_UP_STANCE_ID,
    name: 'Set-up',
    share: 0,
    note: 'standing upright on the still board, looking along it: the level is read here',
    rides: { middleX: 0.0, height: 0.97, leanDeg: 2, arms: 'hanging', gazeDeg: 0, rearFootDeg: 4, frontFootDeg: 35 },
  },
  {
    id: 'cruise',
    name: 'Cruise',
    share: 0.45,
    note: 'relaxed, knees soft',
    slopeDeg: 3,
    rides: { middleX: 0.0, height: 0.9, leanDeg: 12, arms: 'out', rearFootDeg: 4, frontFootDeg: 40 },
  },
  {
    id: 'tuck',
    name: 'Tuck',
    share: 0.3,
    note: 'deep and fast, hands behind the back, 6° downhill',
    slopeDeg: 6,
    rides: {
      middleX: 0.06,
      height: 0.58,
      leanDeg: 62,
      arms: 'tucked',
      hipsToToesM: -0.2,
      gazeDeg: -2,
      rearFootDeg: 30,
      frontFootDeg: 55,
    },
  },
  {
    id: 'carve',
    name: 'Carve',
    share: 0.25,
    note: 'to the right over the toes, deck leaned on its trucks',
    state: { deck: 12 },
    rollDeg: 0,
    rides: {
      middleX: 0.02,
      height: 0.78,
      leanDeg: 26,
      arms: 'out',
      hipsToToesM: -0.02,
      frontFootDeg: 40,
      rearFootDeg: 4,
    },
  },
  {
    ...BOTH_HANDS,
    note: 'for a take: rolling on easy ground, a pole before the chest',
    slopeDeg: 2,
    rides: { middleX: 0.0, height: 0.92, leanDeg: 8, arms: 'pole', rearFootDeg: 4, frontFootDeg: 40 },
  },
];

export default machineFrom({
  id: 'longboard',
  name: 'Longboard',
  world: 'road',
  family: 'board',
  traits: ['ridden standing', 'steered with the feet'],
  wearing: ['rider-body', 'half-shell-helmet'],
  usualSpeedMps: 7,
  shake,
  working: ['frontTruck', 'deck'],
  note: 'skateboard with long deck and soft wheels, left foot ahead',
  dimensions,
  stances: STANCES,
  actionStanceId: 'cruise',
  build: (fit) => {
    const long = value(fit, 'lengthM');
    const wide = value(fit, 'widthM');
    const base = value(fit, 'wheelbaseM') / 2;
    const bottom = deckBottom(fit);
    const deck = boardMesh(
      boardStations(
        long,
        THICK_M,
        (t) => wide * (1 - Math.abs(2 * t - 1) ** 3.4) ** 0.5 * (0.9 + 0.1 * Math.sin(Math.PI * t)),
        (t) => bottom + 0.02 * Math.max(0, Math.abs(2 * t - 1) - 0.72),
      ),
      8,
    );
    return {
      parts: [
        { id: 'deck', name: 'deck', tone: 'wood', mesh: deck, on: 'deck' },
        { id: 'frontTruck', name: 'front truck and wheels', tone: 'metal', mesh: truck(fit, base, -1) },
        { id: 'rearTruck', name: 'rear truck and wheels', tone: 'metal', mesh: truck(fit, -base, 1) },
      ],
      moving: [
        {
          id: 'deck',
          name: 'deck',
          does: 'leans on its trucks',
          kind: 'turn',
          at: [0, bottom - 0.02, 0],
          axis: AHEAD,
          low: -LEAN_DEG,
          high: LEAN_DEG,
          source: { kind: 'estimate', low: 10, high: 22 },
        },
      ],
    };
  },
  occupants: ({ fit, body, stance }) => {
    const { rides } = STANCES.find((s) => s.id === stance.id)!;
    const tilt = stance.state?.deck ?? 0;
    const posture = standingAcross(body, { ...rides, deckY: deckTop(fit), halfStanceM: 0.25 });
    // Standing on the leaned deck the whole rider inclines with it, toward the inside of the turn.
    return [{ posture: leaned(posture, fit, tilt), hipsFree: true }];
  },
  spots: (fit) => {
    const long = value(fit, 'lengthM');
    const wood = {
      material: 'wood',
      shape: 'flat',
      wallM: THICK_M,
      ...notDrilled('a deck that bends breaks at a hole'),
    } as const;
    const wheels = 'Tether shorter than the way to a wheel: a loose end stops it dead.';
    return [
      bothHandsSpot,
      {
        id: 'deck-nose',
        name: 'Deck, nose, facing back',
        partId: 'deck',
        aim: { from: [long * 0.42, 0.8, 0], toward: [0, -1, 0] },
        reference: [-1, 0, 0],
        look: [-1, 0, 0],
        surface: { ...wood, flatAreaM2: 0.012 },
        cautions: [wheels, 'Anything on the deck is in the way of a foot that has to come off.'],
        note: 'low, close, the whole rider above the road streaming away',
      },
      {
        id: 'under-deck',
        name: 'Under the deck, looking ahead',
        partId: 'deck',
        aim: { from: [0.1, -0.2, 0.02], toward: [0, 1, 0] },
        reference: AHEAD,
        look: AHEAD,
        surface: { ...wood, flatAreaM2: 0.02 },
        zone: {
          along: AHEAD,
          nearerM: 0.1,
          fartherM: 0.08,
          mark: 'ahead of the middle between the trucks',
          usualM: 0.1,
        },
        cautions: [wheels, 'Hardly any room over the road: a stone or a kerb takes it off.'],
        note: 'very low and very fast between the trucks',
      },
      {
        id: 'deck-tail',
        name: 'Deck, tail',
        partId: 'deck',
        aim: { from: [-long * 0.43, 0.8, 0], toward: [0, -1, 0] },
        reference: AHEAD,
        look: AHEAD,
        surface: { ...wood, flatAreaM2: 0.01 },
        cautions: [wheels],
        note: 'ahead past the shoes, ground close by',
      },
    ];
  },
});

/** The posture turned with the deck about its hinge. */
function leaned(posture: ReturnType<typeof standingAcross>, fit: Fit, tiltDeg: number) {
  return carryPosture(turnAbout([0, deckBottom(fit) - 0.02, 0], AHEAD, tiltDeg), posture);
}
