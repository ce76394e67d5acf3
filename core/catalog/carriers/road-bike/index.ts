import { saddleSpots } from '../../shapes/bicycle/saddleSpots';
import { frameMeshes, pedalCentre, PEDAL_HALF_HEIGHT_M, TUBE_RADIUS_M } from '../../shapes/bicycle/frame';
import { wheelMeshes } from '../../shapes/bicycle/wheels';
import { bySide, grip, heldOut, RELAXED, sole, standingHipM, UPRIGHT } from '../../shapes/people';
import { besideStem, roadCockpit } from './cockpit';
import { dimensions, handPlace, roadGeometry, type HandPlace } from './geometry';
import { mirrored, add, AHEAD, mix, RIGHT, scale, UP, type Vec3 } from '../../../src/mathematics/geometry/vec3';
import { transformMesh } from '../../../src/mathematics/geometry/mesh';
import { poseAt, transformDirection, transformPoint } from '../../../src/mathematics/geometry/pose';
import { machineFrom, type BlueprintStance } from '../../../src/posing/building/blueprint';
import { SET_UP_STANCE_ID } from '../../../src/words/carrier/stance';
import { shake } from './shake';
import { estimated } from '../../../src/words/sourced/estimated';

interface Riding extends BlueprintStance {
  readonly hands?: HandPlace;
  readonly torsoLeanDeg?: number;
  readonly gaze?: number;
  /** Off the saddle: hips from the bottom bracket, for a rider of 1.75 m. */
  readonly standing?: Vec3;
  readonly elbows?: number;
  /** The right hand held out, the left one on the bar. */
  readonly oneHand?: true;
}

/** Leans are common practice of riding with drop bars, no source; ± 6°. */
const STANCES: readonly Riding[] = [
  {
    id: SET_UP_STANCE_ID,
    name: 'Set-up',
    share: 0,
    note: 'standing upright astride, bike level: the level is read here',
  },
  {
    id: 'tops',
    name: 'Touring',
    share: 0.2,
    note: 'hands on the tops, upright',
    hands: 'tops',
    torsoLeanDeg: 36,
    gaze: -3,
    elbows: 0.4,
  },
  {
    id: 'hoods',
    name: 'Hoods',
    share: 0.4,
    note: 'hands on the hoods',
    hands: 'hoods',
    torsoLeanDeg: 48,
    gaze: -4,
    elbows: 0.3,
  },
  {
    id: 'drops',
    name: 'Drops',
    share: 0.18,
    note: 'hands on the drops',
    hands: 'drops',
    torsoLeanDeg: 60,
    gaze: -4,
    elbows: 0.25,
  },
  {
    id: 'crouch',
    name: 'Deep crouch',
    share: 0.1,
    note: 'flat back, forearms level',
    hands: 'drops',
    torsoLeanDeg: 76,
    gaze: -3,
    elbows: 0.35,
  },
  {
    id: 'one-hand',
    name: 'One hand off',
    share: 0,
    speedShare: 0.7,
    note: 'for a take: upright, rolling on an easy stretch, right hand held out',
    hands: 'tops',
    oneHand: true,
    torsoLeanDeg: 30,
    gaze: -2,
    elbows: 0.35,
  },
  {
    id: 'climb',
    name: 'Climbing',
    share: 0.12,
    note: 'standing on the pedals up 7°, hands on the hoods',
    hands: 'hoods',
    torsoLeanDeg: 34,
    gaze: 0,
    slopeDeg: -7,
    standing: [0.12, 0.82, 0],
    elbows: 0.35,
  },
];

const STEERED = 'Turns with the bars: the picture swings, and cables can cross it.';

export default machineFrom({
  id: 'road-bike',
  name: 'Gravel bike',
  world: 'road',
  family: 'bike',
  traits: ['handlebar'],
  wearing: ['plain-body', 'half-shell-helmet'],
  drivenBy: { kind: 'muscle', watts: estimated(170, 100, 280) },
  usualSpeedMps: 8,
  shake,
  working: ['frontTyre', 'frontRim', 'frontSpokes', 'rearTyre', 'rearRim', 'rearSpokes'],
  note: 'road or gravel bike with drop bars',
  dimensions,
  stances: STANCES,
  actionStanceId: 'hoods',
  build: (fit) => {
    const g = roadGeometry(fit);
    const frame = frameMeshes(g);
    const cockpit = roadCockpit(g);
    const wheel = wheelMeshes(g);
    const at = (mesh: typeof wheel.tyre, axle: Vec3) => transformMesh(mesh, poseAt(axle));
    const turning = { kind: 'turn', axis: RIGHT, low: -180, high: 180, source: { kind: 'common practice' } } as const;
    return {
      parts: [
        { id: 'topTube', name: 'top tube', tone: 'frame', mesh: frame.topTube },
        { id: 'downTube', name: 'down tube', tone: 'frame', mesh: frame.downTube },
        { id: 'headTube', name: 'head tube', tone: 'frame', mesh: frame.headTube },
        { id: 'seatTube', name: 'seat tube', tone: 'frame', mesh: frame.seatTube },
        { id: 'rearTriangle', name: 'rear stays', tone: 'frame', mesh: frame.rearTriangle },
        { id: 'seatpost', name: 'seatpost', tone: 'black', mesh: frame.seatpost },
        { id: 'saddle', name: 'saddle', tone: 'black', mesh: frame.saddle },
        { id: 'saddleRails', name: 'saddle rails', tone: 'metal', mesh: frame.saddleRails },
        { id: 'cranks', name: 'cranks', tone: 'metal', mesh: frame.cranks, on: 'cranks' },
        { id: 'pedals', name: 'pedals', tone: 'black', mesh: frame.pedals, on: 'cranks' },
        { id: 'chain', name: 'chain', tone: 'metal', mesh: frame.chain, runs: true },
        { id: 'fork', name: 'fork', tone: 'frame', mesh: cockpit.fork, on: 'bars' },
        { id: 'stem', name: 'stem', tone: 'black', mesh: cockpit.stem, on: 'bars' },
        { id: 'bar', name: 'handlebar', tone: 'black', mesh: cockpit.bar, on: 'bars' },
        { id: 'hoods', name: 'brake hoods', tone: 'rubber', mesh: cockpit.hoods, on: 'bars' },
        { id: 'levers', name: 'brake levers', tone: 'metal', mesh: cockpit.levers, on: 'bars' },
        { id: 'cables', name: 'cables', tone: 'black', mesh: cockpit.cables, on: 'bars', bends: true },
        { id: 'frontTyre', name: 'front tyre', tone: 'tyre', mesh: at(wheel.tyre, g.frontAxle), on: 'frontWheel' },
        { id: 'frontRim', name: 'front rim', tone: 'black', mesh: at(wheel.rim, g.frontAxle), on: 'frontWheel' },
        {
          id: 'frontSpokes',
          name: 'front spokes',
          tone: 'metal',
          mesh: at(wheel.spokes, g.frontAxle),
          on: 'frontWheel',
        },
        { id: 'rearTyre', name: 'rear tyre', tone: 'tyre', mesh: at(wheel.tyre, g.rearAxle), on: 'rearWheel' },
        { id: 'rearRim', name: 'rear rim', tone: 'black', mesh: at(wheel.rim, g.rearAxle), on: 'rearWheel' },
        { id: 'rearSpokes', name: 'rear spokes', tone: 'metal', mesh: at(wheel.spokes, g.rearAxle), on: 'rearWheel' },
      ],
      moving: [
        {
          id: 'bars',
          name: 'handlebar and fork',
          kind: 'turn',
          at: g.headTubeTop,
          axis: g.steerUp,
          low: -60,
          high: 60,
          source: { kind: 'estimate', low: 45, high: 80 },
        },
        { ...turning, id: 'frontWheel', name: 'front wheel', at: g.frontAxle, on: 'bars' },
        { ...turning, id: 'rearWheel', name: 'rear wheel', at: g.rearAxle },
        {
          ...turning,
          id: 'cranks',
          name: 'cranks',
          at: g.bottomBracket,
          pedalledIn: ['tops', 'hoods', 'drops'],
        },
      ],
    };
  },
  occupants: ({ fit, body, stance, moved }) => {
    const g = roadGeometry(fit);
    const riding = STANCES.find((s) => s.id === stance.id)!;
    const { hands } = riding;
    if (!hands) {
      return [
        {
          posture: {
            ...UPRIGHT,
            hipCentre: [0.1, standingHipM(body), 0],
            hands: { left: RELAXED, right: RELAXED },
            feet: bySide((sign) => sole([0.2, 0, 0.17 * sign], [1, 0, 0.12 * sign])),
          },
          hipsFree: true,
        },
      ];
    }
    const bars = moved('bars');
    const place = handPlace(g, hands);
    const hips = riding.standing
      ? add(g.bottomBracket, scale(riding.standing, body.statureM / 1.75))
      : add(g.saddleTop, [0.012, 0.085, 0]);
    const leanDeg = riding.torsoLeanDeg ?? 40;
    return [
      {
        posture: {
          ...UPRIGHT,
          hipCentre: hips,
          leanDeg,
          gazeDeg: riding.gaze ?? 0,
          elbowsOut: riding.elbows ?? 0.3,
          kneesOut: 0.1,
          hands: bySide((sign) =>
            riding.oneHand && sign > 0
              ? heldOut(body, hips, leanDeg)
              : grip(
                  transformPoint(bars, sign > 0 ? place.centre : mirrored(place.centre)),
                  transformDirection(bars, sign > 0 ? place.outward : mirrored(place.outward)),
                ),
          ),
          feet: bySide((sign) =>
            sole(add(pedalCentre(g, sign), [0, PEDAL_HALF_HEIGHT_M, -sign * 0.012]), [0.995, 0.1, 0.05 * sign]),
          ),
        },
        hipsFree: riding.standing !== undefined,
      },
    ];
  },
  spots: (fit) => {
    const g = roadGeometry(fit);
    const tops = besideStem(g);
    const head = mix(g.headTubeBottom, g.headTubeTop, 0.4);
    const carbon = [
      { kind: 'clamp', because: 'no hard clamping on carbon' },
      { kind: 'bolt', because: 'a frame is not drilled' },
    ] as const;
    return [
      {
        id: 'handlebar',
        name: 'Handlebar, on the tops',
        partId: 'bar',
        aim: { from: add(tops, [0, 0.3, 0]), toward: [0, -1, 0] },
        reference: AHEAD,
        look: AHEAD,
        surface: { material: 'alloy tube', shape: 'tube', tubeDiameterM: 0.031, wallM: 0.0022 },
        zone: { along: RIGHT, nearerM: 0.015, fartherM: 0.05, mark: 'right of the stem', usualM: 0.04 },
        cautions: [STEERED, 'Keep it clear of the hands on the tops.'],
        note: 'close to the hands, shaky on rough roads',
      },
      {
        id: 'under-stem',
        name: 'Under the stem',
        partId: 'stem',
        aim: { from: add(mix(g.stemBase, g.barCentre, 0.95), [0, -0.2, 0]), toward: [0, 1, 0] },
        reference: AHEAD,
        look: AHEAD,
        surface: { material: 'alloy tube', shape: 'tube', tubeDiameterM: 0.034, wallM: 0.003 },
        cautions: [STEERED],
        note: 'out of the way and reachable; every clip looks alike',
      },
      {
        id: 'head-tube-side',
        name: 'Head tube, side',
        partId: 'headTube',
        aim: { from: add(head, [0, 0, -0.3]), toward: [0, 0, 1] },
        reference: AHEAD,
        look: AHEAD,
        surface: {
          material: 'carbon',
          shape: 'tube',
          tubeDiameterM: TUBE_RADIUS_M.headTube * 2,
          wallM: 0.0025,
          mustNot: carbon,
        },
        cautions: ['No hard clamping on a carbon frame.', 'Tether shorter than the way to the spokes.'],
        note: 'always looks where the bike goes',
      },
      {
        id: 'out-front',
        name: 'Before the handlebar',
        partId: 'bar',
        aim: { from: add(tops, [0.3, 0, 0]), toward: [-1, 0, 0] },
        reference: UP,
        look: AHEAD,
        surface: { material: 'alloy tube', shape: 'tube', tubeDiameterM: 0.031, wallM: 0.0022, straightM: 0.08 },
        cautions: [STEERED, 'First thing to meet whatever is ahead: short, and under the bar rather than over it.'],
        note: 'clear of hands and cables; takes a second device on the same bracket',
      },
      ...saddleSpots(g, 2 * TUBE_RADIUS_M.seatpost),
      {
        id: 'seat-stay',
        name: 'Rear stay, low',
        partId: 'rearTriangle',
        aim: { from: add(mix(g.seatTubeTop, g.rearAxle, 0.5), [0, 0, -0.4]), toward: [0, 0, 1] },
        reference: AHEAD,
        look: AHEAD,
        surface: { material: 'carbon', shape: 'tube', tubeDiameterM: 0.017, wallM: 0.0015, mustNot: carbon },
        cautions: ['Beside the spokes: tether shorter than the way to them.', 'Heels pass here.'],
        note: 'pedalling legs and road',
      },
    ];
  },
});
