import { AHEAD, RIGHT, UP, type Vec3 } from '../../../mathematics/geometry/vec3';
import { ZERO } from '../../../mathematics/spectra/complex';
import type { RangeEnds } from '../ends/rangeEnds';
import { groundById } from '../../../posing/lookup/grounds';
import type { RideConditions } from '../../../words/ride/rideConditions';
import { groundDisplacementM2Hz, trackLikeness } from '../sources/roadProfile';
import { wheelsGains } from './rideGains';
import { OWN_MOVEMENT, SITTING_SHARE } from './riderStages';
import { meanWindAt, motorEffort } from './motorEffort';
import { estimated } from '../../../words/sourced/estimated';
import { swayWeight } from './sway';
import { transmission } from '../../../mathematics/spectra/transmissibility';
import type { Route } from './route';
import { sweptM, lineFrequencyHz, lineGrowth, type Drive, type SourceKind } from './drives';
import type { Twist } from '../../../words/carrier/machineShake';

/** Source that begins at the spot itself: no stage lies between. */
export const RIDER_DRIVE = 'rider';

export interface Turning {
  readonly drive: Drive;
  readonly axes: readonly Vec3[];
  /** Sideways movement for one radian: what stands high is swept further. None = 0. */
  readonly sidewaysM?: number;
}

/** Axles steer by so much for each degree that the body leans. Estimate 0.03 to 0.25; Gillespie 1992 gives such slopes, from memory. */
const ROLL_STEER = estimated(0.1, 0.03, 0.25);

/**
 * Left and right wheels over ground that differs: the difference turns the body about its length, and, the axles steering a little as it leans, about the upright:
 * at a rate of v·δ/L, so by v·δ/(ωL) for each swing.
 */
export function rollOf(route: Route, ride: RideConditions, picks: RangeEnds): Turning[] {
  const { shake, wheel } = route;
  const { surface, id, name } = groundById(ride.groundId);
  const moves = shake.ride;
  if (surface.kind !== 'rough' || moves.kind !== 'wheels' || moves.trackM === null || ride.speedMps <= 0.1 || wheel)
    return [];
  const { trackM } = moves;
  const gains = wheelsGains(moves, ride.speedMps, picks.path);
  const roughnessM3 = picks.ground(surface.roughnessM3);
  const weight = (f: number, w: number) => {
    const { up } = gains.frame(f, (moves.front.xM + moves.rear.xM) / 2);
    const unlike = (2 * (1 - trackLikeness(f / ride.speedMps, trackM))) / trackM ** 2;
    return groundDisplacementM2Hz(roughnessM3, ride.speedMps, f) * unlike * (up[0] ** 2 + up[1] ** 2) * w;
  };
  const yawForRoll = (f: number) =>
    (picks.path(ROLL_STEER) * ride.speedMps) / (2 * Math.PI * f * (moves.front.xM - moves.rear.xM));
  return [
    {
      drive: turningDrive(id, name.toLowerCase(), 'ground', weight),
      axes: [AHEAD],
      sidewaysM: sweptM(route, picks.path).roll,
    },
    {
      drive: turningDrive(id, name.toLowerCase(), 'ground', (f, w) => weight(f, w) * yawForRoll(f) ** 2),
      axes: [UP],
    },
  ];
}

/**
 * What bumps do to a wheel that is steered by hand: a sideways push y at the contact, the trail t behind the axis, turns bars and wheel by y/t near the
 * frequency of arms and bars on the tyre's side spring; below it the machine as a whole goes along, r²/(1 + r²), above it arms and bars are too heavy.
 * An estimate of the path, no published model.
 */
export function steeringOf({ shake, steered }: Route, ride: RideConditions, picks: RangeEnds): Turning[] {
  const { surface, id, name } = groundById(ride.groundId);
  const { ride: moves, steering } = shake;
  if (!steered || !steering || surface.kind !== 'rough' || moves.kind !== 'wheels' || ride.speedMps <= 0.1) return [];
  const gains = wheelsGains(moves, ride.speedMps, picks.path);
  const roughnessM3 = picks.ground(surface.roughnessM3);
  const frequencyHz = picks.path(steering.frequencyHz);
  const dampingRatio = picks.path(steering.dampingRatio);
  const turnPerM = picks.path(steering.sideShare) / picks.path(steering.trailM);
  const weight = (f: number, w: number) => {
    const { up } = gains.wheel(f, 'front', 0);
    const follows = transmission(f, frequencyHz, dampingRatio);
    const ratio2 = (f / frequencyHz) ** 2;
    const turn = (turnPerM * ratio2) / (1 + ratio2);
    const gain2 = turn ** 2 * (up[0] ** 2 + up[1] ** 2) * (follows[0] ** 2 + follows[1] ** 2);
    return groundDisplacementM2Hz(roughnessM3, ride.speedMps, f) * gain2 * w;
  };
  const drive = turningDrive(`${id}-steering`, `${name.toLowerCase()}, by the steering`, 'ground', weight);
  return [{ drive, axes: [UP] }];
}

/** Torque that comes in strokes twists the whole machine about the axis of what turns: α/ω². */
export const twistOf = (route: Route, ride: RideConditions, picks: RangeEnds): Turning[] =>
  route.shake.lines.flatMap((line) => {
    const lineHz = lineFrequencyHz(line, ride);
    if (!line.twist || lineHz < 0.5) return [];
    const variance = (picks.lines(line.twist.accelerationRadS2) * lineGrowth(line, lineHz, route, ride)) ** 2;
    const weight = (f: number, w: number) => (variance / (2 * Math.PI * f) ** 4) * w;
    const drive = turningDrive(line.id, line.name, 'engine', weight, lineHz);
    return [{ drive, axes: [TWIST_AXES[line.twist.axis]] }];
  });
const TWIST_AXES: Readonly<Record<Twist['axis'], Vec3>> = { along: AHEAD, across: RIGHT, up: UP };

const turningDrive = (
  id: string,
  name: string,
  kind: SourceKind,
  weight: Drive['weight'],
  lineHz: number | null = null,
): Drive => ({
  id,
  name,
  kind,
  lineHz,
  weight,
  frame: () => ({ up: ZERO, pitch: ZERO }),
  allWays: false,
});

/** What turns by itself: the machine being steered and balanced, and the rider's own movement at the spot. */
export function swayOf({ shake, zone, usualMps, aboveM }: Route, ride: RideConditions, picks: RangeEnds): Turning[] {
  const axes = [AHEAD, UP, RIGHT];
  const plain = swayWeight(shake.sway, picks.lines);
  const { surface } = groundById(ride.groundId);
  const gustMps = surface.kind === 'gusts' ? picks.ground(surface.rmsMps) : 0;
  const air = Math.hypot(ride.speedMps, meanWindAt(ride.windMps, aboveM));
  const effort = shake.sway.heldByMotors ? motorEffort(air, usualMps, gustMps) : 1;
  const name = shake.sway.heldByMotors ? 'motors that hold it level' : 'steering and balance';
  const sway = {
    drive: turningDrive('sway', name, 'own movement', (f, w) => effort ** 2 * plain(f, w)),
    axes,
  };
  if (!zone) return [sway];
  const share = shake.rider?.effort === 'sitting' ? SITTING_SHARE : 1;
  const full = swayWeight(OWN_MOVEMENT[zone], picks.lines);
  const own: Drive['weight'] = (f, w) => full(f, w) * share ** 2;
  return [{ drive: turningDrive(RIDER_DRIVE, 'own movement', 'own movement', own), axes }];
}
