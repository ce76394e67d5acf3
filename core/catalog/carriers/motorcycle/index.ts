import { notDrilled } from '../../shapes/notDrilled';
import { motorcycleMeshes, GEOMETRY as G, gripAt, pegAt } from './meshes';
import { bySide, grip, RELAXED, sole, standingHipM, UPRIGHT } from '../../shapes/people';
import { roadWheel } from '../../shapes/roadWheel';
import { transformMesh } from '../../../src/mathematics/geometry/mesh';
import { poseAt, transformDirection, transformPoint } from '../../../src/mathematics/geometry/pose';
import { add, AHEAD, mix, RIGHT, scale, UP, type Vec3 } from '../../../src/mathematics/geometry/vec3';
import { machineFrom, type BlueprintStance } from '../../../src/posing/building/blueprint';
import { fittedValue, type Dimension, type Fit } from '../../../src/words/carrier/dimension';
import { SET_UP_STANCE_ID } from '../../../src/words/carrier/stance';
import { shake } from './shake';
import { estimated } from '../../../src/words/sourced/estimated';

const practice = { kind: 'common practice' } as const;
const dimensions: readonly Dimension[] = [
  {
    id: 'barWidthM',
    name: 'Bar width',
    unit: 'm',
    standard: 0.81,
    low: 0.74,
    high: 0.86,
    step: 0.01,
    source: practice,
  },
  {
    id: 'barRiseM',
    name: 'Bar rise over the clamp',
    unit: 'm',
    standard: 0.1,
    low: 0.06,
    high: 0.14,
    step: 0.005,
    source: practice,
  },
  { id: 'seatM', name: 'Seat height', unit: 'm', standard: 0.94, low: 0.86, high: 0.98, step: 0.005, source: practice },
];
const value = (fit: Fit, id: string) => fittedValue(dimensions, fit, id);
const bars = (fit: Fit) => ({ halfM: value(fit, 'barWidthM') / 2, riseM: value(fit, 'barRiseM') });

interface Riding extends BlueprintStance {
  /** Hips over the pegs (standing) or over the seat (seated), for a rider of 1.75 m; none = standing astride. */
  readonly hips?: { readonly seated: boolean; readonly at: Vec3 };
  readonly torsoLeanDeg?: number;
  readonly gaze?: number;
}

const STANCES: readonly Riding[] = [
  {
    id: SET_UP_STANCE_ID,
    name: 'Set-up',
    share: 0,
    note: 'standing upright beside it, machine level: the level is read here',
  },
  {
    id: 'seated',
    name: 'Seated',
    share: 0.4,
    note: 'on the seat, elbows up',
    hips: { seated: true, at: [-0.1, 0.088, 0] },
    torsoLeanDeg: 17,
    gaze: -3,
  },
  {
    id: 'standing',
    name: 'Standing',
    share: 0.45,
    note: 'on the pegs, knees at the tank',
    hips: { seated: false, at: [-0.26, 0.74, 0] },
    torsoLeanDeg: 34,
    gaze: -5,
  },
  {
    id: 'turn',
    name: 'Bars turned',
    share: 0.15,
    note: 'seated in a right turn, bars 22° to the right, leaned 18°',
    hips: { seated: true, at: [0.05, 0.088, 0.02] },
    torsoLeanDeg: 26,
    gaze: -4,
    state: { bars: -22 },
    rollDeg: 18,
  },
];

const HOT = 'Away from exhaust and chain; tether shorter than the way to either wheel.';

export default machineFrom({
  id: 'motorcycle',
  name: 'Off-road motorcycle',
  world: 'trail',
  family: 'bike',
  traits: ['motor', 'handlebar'],
  wearing: ['booted-body', 'full-face-helmet'],
  noise: { name: 'the engine', partId: 'engine', db1m: estimated(92, 84, 98) },
  usualSpeedMps: 11,
  shake,
  working: ['frontTyre', 'frontRim', 'rearTyre', 'rearRim'],
  note: 'single-cylinder with long suspension, ridden seated and standing',
  dimensions,
  stances: STANCES,
  actionStanceId: 'standing',
  build: (fit) => {
    const m = motorcycleMeshes(bars(fit), value(fit, 'seatM'));
    const front = roadWheel(G.frontAxle[1], 0.09, 0.27, 28, 'wire');
    const rear = roadWheel(G.rearAxle[1], 0.13, 0.235, 28, 'wire');
    const at = (mesh: typeof front.tyre, axle: Vec3) => transformMesh(mesh, poseAt(axle));
    const turning = { kind: 'turn', axis: RIGHT, low: -180, high: 180, source: practice } as const;
    return {
      parts: [
        { id: 'frame', name: 'frame', tone: 'metal', mesh: m.frame },
        { id: 'engine', name: 'engine', tone: 'black', mesh: m.engine },
        { id: 'tank', name: 'tank and side panels', tone: 'paint', mesh: m.tank },
        { id: 'seat', name: 'seat', tone: 'black', mesh: m.seat },
        { id: 'rearFender', name: 'rear fender', tone: 'paint', mesh: m.rearFender },
        { id: 'exhaust', name: 'exhaust', tone: 'metal', mesh: m.exhaust },
        { id: 'swingarm', name: 'swing arm', tone: 'metal', mesh: m.swingarm, on: 'swingarmTravel' },
        { id: 'chain', name: 'chain', tone: 'metal', mesh: m.chain, runs: true },
        { id: 'pegs', name: 'foot pegs', tone: 'metal', mesh: m.pegs },
        { id: 'fork', name: 'fork', tone: 'metal', mesh: m.fork, on: 'bars' },
        { id: 'frontFender', name: 'front fender', tone: 'paint', mesh: m.frontFender, on: 'bars' },
        { id: 'plate', name: 'lamp mask', tone: 'paint', mesh: m.plate, on: 'bars' },
        { id: 'bar', name: 'handlebar', tone: 'black', mesh: m.bar, on: 'bars' },
        { id: 'grips', name: 'grips', tone: 'rubber', mesh: m.grips, on: 'bars' },
        { id: 'levers', name: 'levers and hand guards', tone: 'black', mesh: m.levers, on: 'bars' },
        { id: 'frontTyre', name: 'front tyre', tone: 'tyre', mesh: at(front.tyre, G.frontAxle), on: 'frontWheel' },
        { id: 'frontRim', name: 'front rim', tone: 'metal', mesh: at(front.rim, G.frontAxle), on: 'frontWheel' },
        { id: 'rearTyre', name: 'rear tyre', tone: 'tyre', mesh: at(rear.tyre, G.rearAxle), on: 'rearWheel' },
        { id: 'rearRim', name: 'rear rim', tone: 'metal', mesh: at(rear.rim, G.rearAxle), on: 'rearWheel' },
      ],
      moving: [
        {
          id: 'bars',
          name: 'handlebar and fork',
          kind: 'turn',
          at: G.steerTop,
          axis: G.steerUp,
          low: -45,
          high: 45,
          source: { kind: 'estimate', low: 40, high: 48 },
        },
        {
          id: 'forkTravel',
          name: 'fork',
          does: 'goes in',
          kind: 'slide',
          at: G.frontAxle,
          axis: G.steerUp,
          low: 0,
          high: 0.3,
          on: 'bars',
          source: { kind: 'estimate', low: 0.25, high: 0.31 },
        },
        { ...turning, id: 'frontWheel', name: 'front wheel', at: G.frontAxle, on: 'forkTravel' },
        {
          id: 'swingarmTravel',
          name: 'swing arm',
          does: 'swings',
          kind: 'turn',
          at: G.pivot,
          axis: RIGHT,
          // Ridden it stands a third in: up by some 200 mm, down by 100.
          low: -19,
          high: 9,
          source: { kind: 'estimate', low: 24, high: 32 },
        },
        { ...turning, id: 'rearWheel', name: 'rear wheel', at: G.rearAxle, on: 'swingarmTravel' },
      ],
    };
  },
  occupants: ({ fit, body, stance, moved }) => {
    const riding = STANCES.find((s) => s.id === stance.id)!;
    const k = body.statureM / 1.75;
    if (!riding.hips) {
      return [
        {
          posture: {
            ...UPRIGHT,
            hipCentre: [-0.02, standingHipM(body), -0.52],
            hands: { left: RELAXED, right: RELAXED },
            feet: bySide((sign) => sole([0.1, 0, -0.52 + 0.13 * sign], [1, 0, 0.15 * sign])),
          },
          hipsFree: true,
        },
      ];
    }
    const turned = moved('bars');
    const seat: Vec3 = [G.seat[0], value(fit, 'seatM'), 0];
    const hand = gripAt(bars(fit));
    return [
      {
        posture: {
          ...UPRIGHT,
          hipCentre: riding.hips.seated
            ? add(seat, riding.hips.at)
            : add([G.peg[0], G.peg[1], 0], scale(riding.hips.at, k)),
          leanDeg: riding.torsoLeanDeg ?? 20,
          gazeDeg: riding.gaze ?? 0,
          elbowsOut: 0.85,
          kneesOut: 0.32,
          hands: bySide((sign) =>
            grip(
              transformPoint(turned, [hand.centre[0], hand.centre[1], sign * hand.centre[2]]),
              transformDirection(turned, [hand.outward[0], hand.outward[1], sign * hand.outward[2]]),
            ),
          ),
          feet: bySide((sign) => sole(add(pegAt(sign), [0.03, 0.014, 0]), [0.99, 0.06, 0.12 * sign])),
        },
        hipsFree: !riding.hips.seated,
      },
    ];
  },
  spots: (fit) => {
    const { halfM, riseM } = bars(fit);
    return [
      {
        id: 'handlebar',
        name: 'Handlebar, cross bar',
        partId: 'bar',
        aim: { from: add(G.clamp, [-0.03, riseM + 0.4, 0.03]), toward: [0, -1, 0] },
        reference: AHEAD,
        look: AHEAD,
        surface: { material: 'alloy tube', shape: 'tube', tubeDiameterM: 0.022, wallM: 0.002 },
        cautions: ['Turns with the bars.', 'The chest comes down here in a crash: low and padded.', HOT],
        note: `between the grips (${Math.round(halfM * 200)} cm wide): track ahead; the engine buzzes`,
      },
      {
        id: 'fork-leg',
        name: 'Fork leg, low',
        partId: 'fork',
        aim: { from: [0.619, 0.598, -0.6], toward: [0, 0, 1] },
        reference: AHEAD,
        look: [-0.2, 0, 1],
        surface: { material: 'alloy tube', shape: 'tube', tubeDiameterM: 0.058, wallM: 0.003 },
        cautions: [HOT, 'Stones and ruts: little room.', 'Hardest shake of all.'],
        note: 'wheel and ground at work',
      },
      {
        id: 'tank-side',
        name: 'Side panel, left',
        partId: 'tank',
        aim: { from: [0.3, 0.92, -1], toward: [0, 0, 1] },
        reference: AHEAD,
        look: AHEAD,
        surface: {
          material: 'plastic',
          shape: 'curved',
          curvatureRadiusM: 0.3,
          flatAreaM2: 0.008,
          wallM: 0.003,
          ...notDrilled('a tank is not drilled'),
        },
        cautions: [HOT, 'Knees grip here.', 'Glue does not hold on every plastic: try it.'],
        note: 'fork, wheel and track',
      },
      {
        id: 'rear-fender',
        name: 'Rear fender, facing back',
        partId: 'rearFender',
        aim: { from: [-0.86, 2, 0], toward: [0, -1, 0] },
        reference: [-1, 0, 0],
        look: [-1, 0, 0],
        surface: { material: 'plastic', shape: 'curved', curvatureRadiusM: 0.25, flatAreaM2: 0.01, wallM: 0.003 },
        cautions: [HOT, 'In the way when swinging a leg over.'],
        note: 'who follows, roost flying',
      },
      {
        id: 'swingarm',
        name: 'Swing arm, right',
        partId: 'swingarm',
        aim: { from: add(mix(G.pivot, G.rearAxle, 0.5), [0, 0, 0.8]), toward: [0, 0, -1] },
        reference: UP,
        look: AHEAD,
        surface: {
          material: 'alloy',
          shape: 'flat',
          flatAreaM2: 0.004,
          wallM: 0.003,
          ...notDrilled('a swing arm is not drilled'),
        },
        cautions: [HOT, 'Beside the wheel: nothing loose.'],
        note: 'low, boot and ground streaming',
      },
    ];
  },
});
