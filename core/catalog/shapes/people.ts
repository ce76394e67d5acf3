import type { Spot } from '../../src/words/carrier/spot';
import type { FootContact, HandContact, Posture, Side } from '../../src/words/carrier/posture';
import { SEGMENT_FRACTIONS } from '../../src/posing/body/segments';
import type { BodySegments } from '../../src/words/carrier/bodySegments';
import {
  NO_ROTATION,
  rotate,
  rotationAbout,
  rotationFromAxes,
  type Rotation,
} from '../../src/mathematics/geometry/rotation';
import { add, UP, type Vec3 } from '../../src/mathematics/geometry/vec3';

/** Faces the machine's right, left foot ahead. */
export const FACING_RIGHT: Rotation = rotationAbout(UP, -90);

/** Hip joints over the soles' ground standing nearly straight, metres. */
export const standingHipM = (body: BodySegments): number =>
  (SEGMENT_FRACTIONS.hipHeight - 0.012) * body.statureM + 0.015;

/** Hip joints from the seat that is sat on, metres: estimate 0.075 to 0.11 over it. */
export const SEATED_HIPS: Vec3 = [0, 0.09, 0];

export const sole = (ball: Vec3, ahead: Vec3, up: Vec3 = UP): FootContact => ({ ball, ahead, up });
export const grip = (centre: Vec3, outward: Vec3): HandContact => ({ kind: 'grip', centre, outward });
export const placed = (wrist: Vec3, fingers: Vec3, back: Vec3 = UP): HandContact => ({
  kind: 'placed',
  wrist,
  fingers,
  back,
});
/** The right hand held out ahead and to the side at the height of the belly, of a torso that leans forward about the hips: as one carries a pole. */
export const heldOut = ({ statureM, torsoM }: BodySegments, [x, y]: Vec3, leanDeg: number): HandContact => {
  const k = statureM / 1.75;
  const lean = (leanDeg * Math.PI) / 180;
  const shoulder: Vec3 = [x + torsoM * Math.sin(lean), y + torsoM * Math.cos(lean), 0.19 * k];
  return placed(add(shoulder, [0.28 * k, -0.3 * k, 0.2 * k]), [0.8, 0.2, 0.55]);
};
export const RELAXED: HandContact = { kind: 'relaxed' };

export const bySide = <Value>(of: (sign: 1 | -1, side: Side) => Value): Readonly<Record<Side, Value>> => ({
  left: of(-1, 'left'),
  right: of(1, 'right'),
});

/** Everything upright and relaxed; spread it and say what differs. */
export const UPRIGHT = {
  leanDeg: 0,
  rollDeg: 0,
  gazeDeg: 0,
  headTurnDeg: 0,
  elbowsOut: 0.3,
  kneesOut: 0.12,
  hands: { left: RELAXED, right: RELAXED },
} as const satisfies Partial<Posture>;

export interface Sideways {
  /** Middle between the feet and half their distance, along the board; metres. */
  readonly middleX: number;
  readonly halfStanceM: number;
  /** Where the soles stand. */
  readonly deckY: number;
  /** Hips' height against standing straight: 1 = straight, 0.6 = deep crouch. */
  readonly height: number;
  readonly leanDeg: number;
  readonly rollDeg?: number;
  readonly gazeDeg?: number;
  /** Hips over the heels (negative) or over the toes, metres, and toward the nose. */
  readonly hipsToToesM?: number;
  readonly hipsAheadM?: number;
  /** Arms let hang, held out over the ends, behind the back, or both hands on a pole before the chest. */
  readonly arms: 'hanging' | 'out' | 'tucked' | 'pole';
  /** Angle of the front and rear foot toward the nose, degrees. */
  readonly frontFootDeg?: number;
  readonly rearFootDeg?: number;
  readonly headTurnDeg?: number;
}

/** From the wrist to the middle of a closed hand, metres. */
const FIST_M = 0.075;

/** Both hands round an upright pole before somebody who faces the machine's right, thumbs up, the right one above. */
const bothHandsOn = ([x, y, z]: Vec3): Posture['hands'] => ({
  right: placed([x - FIST_M, y, z], [1, 0, 0], [0, 0, 1]),
  left: placed([x + FIST_M, y - 0.16, z], [-1, 0, 0], [0, 0, 1]),
});

/** For a take: a pole in both hands, the camera on it. */
export const BOTH_HANDS = {
  id: 'both-hands',
  name: 'Pole in both hands',
  share: 0,
  speedShare: 0.8,
} as const;

/** The place that both hands make. */
export const bothHandsSpot: Spot = {
  id: 'both-hands',
  name: 'In both hands',
  partId: 'handRight',
  onlyIn: BOTH_HANDS.id,
  aim: { from: [-0.03, 0.02, -0.3], toward: [0, 0, 1] },
  reference: [1, 0, 0],
  look: [1, 0, 0],
  surface: { material: 'skin', shape: 'hands' },
  cautions: [
    'Both hands are busy: only where balance and room allow it, and nobody is near.',
    'Poles: mind power lines, branches and others; swing them for a minute at a time only.',
  ],
  note: 'steadier than one hand, and longer: the whole rider from a pole in line with a 360 camera',
};

/** Standing across a board, left foot ahead, looking over the left shoulder along it. Common practice, no source; ± 8°, ± 5 cm. */
export function standingAcross(body: BodySegments, s: Sideways): Posture {
  const k = body.statureM / 1.75;
  const hipY = s.deckY + standingHipM(body) * s.height;
  const hipZ = (s.hipsToToesM ?? 0) * k;
  const hipX = s.middleX + (s.hipsAheadM ?? 0);
  const foot = (x: number, turnDeg: number): FootContact => {
    const a = (turnDeg * Math.PI) / 180;
    return sole([x + 0.05 * Math.sin(a), s.deckY, 0.055], [Math.sin(a), 0, Math.cos(a)]);
  };
  const shoulderY = hipY + body.torsoM * Math.cos((s.leanDeg * Math.PI) / 180);
  const reach = 0.44 * k;
  const shoulderZ = body.torsoM * Math.sin((s.leanDeg * Math.PI) / 180);
  const hands =
    s.arms === 'hanging'
      ? UPRIGHT.hands
      : s.arms === 'tucked'
        ? {
            // Behind the back, out of the wind: the body's back is the machine's left.
            left: placed([hipX + 0.02, hipY + 0.14 * k, hipZ - 0.17], [-0.6, -0.3, -0.2], [0, 0, -1]),
            right: placed([hipX - 0.1, hipY + 0.1 * k, hipZ - 0.19], [0.6, -0.3, -0.2], [0, 0, -1]),
          }
        : s.arms === 'pole'
          ? bothHandsOn([hipX, shoulderY - 0.3 * k, hipZ + shoulderZ + 0.34 * k])
          : {
              left: placed([hipX + reach, shoulderY - 0.16 * k, hipZ + 0.3 * k], [1, 0, 0.25]),
              right: placed([hipX - reach, shoulderY - 0.1 * k, hipZ + 0.16 * k], [-1, 0.1, 0.25]),
            };
  return {
    ...UPRIGHT,
    base: FACING_RIGHT,
    hipCentre: [hipX, hipY, hipZ],
    leanDeg: s.leanDeg,
    rollDeg: s.rollDeg ?? 0,
    gazeDeg: s.gazeDeg ?? -4,
    headTurnDeg: s.headTurnDeg ?? -72,
    elbowsOut: s.arms === 'tucked' ? 0.9 : 0.5,
    kneesOut: 0.3,
    hands,
    feet: {
      left: foot(s.middleX + s.halfStanceM, s.frontFootDeg ?? 18),
      right: foot(s.middleX - s.halfStanceM, s.rearFootDeg ?? -4),
    },
  };
}

/** Lying on the front, head toward the machine's bow: the body's ahead is down, its up is ahead. */
export const PRONE: Rotation = rotationFromAxes([0, -1, 0], [1, 0, 0], [0, 0, 1]);

export interface Seated {
  /** Where the sitting bones rest, metres. */
  readonly seat: Vec3;
  /** Torso from upright, positive forward; a reclined seat is negative. */
  readonly leanDeg: number;
  /** Balls of the feet: ahead of the seat, over it, and half the distance between them. */
  readonly feet: readonly [ahead: number, over: number, half: number];
  /** How far the toes point up from level, degrees. */
  readonly toesUpDeg: number;
  readonly feetSteer?: true;
  readonly hands: Posture['hands'];
  readonly gazeDeg?: number;
  readonly headTurnDeg?: number;
  readonly kneesOut?: number;
  readonly elbowsOut?: number;
  readonly rollDeg?: number;
  readonly base?: Rotation;
}

/** Sitting, facing as `base` says (ahead without one). Feet are given in the sitter's own directions. */
export function seated(body: BodySegments, s: Seated): Posture {
  const k = body.statureM / 1.75;
  const turn = s.base ?? NO_ROTATION;
  const at = (v: Vec3): Vec3 => add(s.seat, rotate(turn, v));
  const a = (s.toesUpDeg * Math.PI) / 180;
  const up = rotate(turn, [-Math.sin(a), Math.cos(a), 0]);
  return {
    ...UPRIGHT,
    ...(s.base ? { base: s.base } : {}),
    ...(s.feetSteer ? { feetSteer: true } : {}),
    hipCentre: at(SEATED_HIPS),
    leanDeg: s.leanDeg,
    rollDeg: s.rollDeg ?? 0,
    gazeDeg: s.gazeDeg ?? 0,
    headTurnDeg: s.headTurnDeg ?? 0,
    elbowsOut: s.elbowsOut ?? 0.25,
    kneesOut: s.kneesOut ?? 0.15,
    hands: s.hands,
    feet: bySide((sign) =>
      sole(at([s.feet[0] * k, s.feet[1], sign * s.feet[2]]), rotate(turn, [Math.cos(a), Math.sin(a), 0.15 * sign]), up),
    ),
  };
}

/** Hands laid on the thighs of somebody who sits at `seat` facing as `base` says. */
export const handsOnThighs = (seat: Vec3, base: Rotation = NO_ROTATION): Posture['hands'] =>
  bySide((sign) =>
    placed(add(seat, rotate(base, [0.27, 0.2, 0.13 * sign])), rotate(base, [1, -0.15, -0.1 * sign]), rotate(base, UP)),
  );
