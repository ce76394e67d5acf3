import { seededNumbers } from '../../../mathematics/numbers/seededNumbers';
import { horizonAtCentre } from '../../../posing/aiming/horizon';
import { solveTiltForHorizon } from '../../../posing/aiming/solveAngles';
import { resolveRig } from '../../../posing/lookup/resolveRig';
import { poseRig } from '../../../posing/rig/poseRig';
import { placedSpots } from '../../../posing/rig/spots';
import { poseStrut } from '../../../posing/strut/kinematics';
import { plainSetUp, standardCamera } from '../../../posing/strut/plainSetUp';
import { resolveSetUp } from '../../../posing/strut/resolveSetUp';
import { SET_UP_STANCE_ID } from '../../../words/carrier/stance';
import type { RigSpec } from '../../../words/rig/rigSpec';
import type { SetUp } from '../../../words/setUp/setUp';

/** A guess to be made: what must the level read while one stands, so that the horizon comes there under way? */
export interface TrainerRound {
  readonly rig: RigSpec;
  readonly setUp: SetUp;
  readonly stanceId: string;
  readonly carrier: string;
  readonly place: string;
  readonly stance: string;
  /** Where the horizon is wanted, fraction of the picture from the top. */
  readonly wantedHeight: number;
  /** What the level must read, degrees up. */
  readonly answerDeg: number;
  /** What it would have to read if nothing moved between standing and riding. */
  readonly standingDeg: number;
}

const WANTED = [0.3, 0.35, 0.4, 0.45, 0.5] as const;
/** Nobody sets more than that on purpose. */
const STEEPEST_DEG = 75;
/** Half of the rounds at least are such as a rider gets wrong who forgets the posture, degrees. */
const TELLING_DEG = 6;

/** Rounds on somebody's own carriers, no place twice in the same posture, every other one told by the posture as far as there are such. The same seed gives the same rounds. */
export function trainerRounds(rigs: readonly RigSpec[], seed: number, count = 10): readonly TrainerRound[] {
  const random = seededNumbers(seed);
  const pick = <T>(list: readonly T[]): T | undefined => list[Math.floor(random() * list.length)];
  const rounds: TrainerRound[] = [];
  const seen = new Set<string>();
  for (let tries = 0; rounds.length < count && tries < 40 * count; tries++) {
    const rig = pick(rigs);
    const round = rig && roundOn(rig, pick);
    if (!round) continue;
    const key = [round.rig.machineId, round.setUp.spotId, round.stanceId].join(' ');
    const telling = Math.abs(round.answerDeg - round.standingDeg) >= TELLING_DEG;
    // After many tries in vain whatever there is will do.
    if (seen.has(key) || (!telling && rounds.length % 2 === 0 && tries < 20 * count)) continue;
    seen.add(key);
    rounds.push(round);
  }
  return rounds;
}

/** Stances that are ridden for less of the time nobody sets a level for. */
const OFTEN = 0.2;

function roundOn(rig: RigSpec, pick: <T>(list: readonly T[]) => T | undefined): TrainerRound | null {
  const { machine } = resolveRig(rig);
  const stance = pick(
    machine.stances.filter(
      ({ id, share }) => (share >= OFTEN || id === machine.actionStanceId) && id !== SET_UP_STANCE_ID,
    ),
  );
  const placed = pick(placedSpots(rig));
  const wantedHeight = pick(WANTED);
  if (!stance || !placed || wantedHeight === undefined) return null;
  const setUp = plainSetUp(rig, placed.spot.id, standardCamera());
  if (!setUp) return null;
  const level = { ...setUp, angles: { panDeg: 0, tiltDeg: 0, rollDeg: 0 } };
  const [standing, riding] = [poseRig(rig, SET_UP_STANCE_ID), poseRig(rig, stance.id)];
  const resolved = resolveSetUp(rig, level);
  if (resolved.camera.gimbal || riding.problems.length > 0) return null;
  const answerDeg = solveTiltForHorizon(resolved, standing, riding, wantedHeight);
  const standingDeg = solveTiltForHorizon(resolved, standing, standing, wantedHeight);
  if (answerDeg === null || standingDeg === null || Math.abs(answerDeg) > STEEPEST_DEG) return null;
  return {
    rig,
    setUp: level,
    stanceId: stance.id,
    carrier: machine.name,
    place: placed.spot.name,
    stance: stance.name,
    wantedHeight,
    answerDeg,
    standingDeg,
  };
}

export interface TrainerAnswer {
  /** Guess less what was right, degrees. */
  readonly offDeg: number;
  /** Where the horizon came, fraction from the top; beyond 0 and 1 outside the picture. */
  readonly horizonAt: number;
  readonly words: string;
}

/** Within this nobody sees it, and within this a test clip mends it; degrees. */
const RIGHT_DEG = 2;
const NEAR_DEG = 5;

/** What came of a guess, and which mistake it was. */
export function trainerAnswer(round: TrainerRound, guessDeg: number): TrainerAnswer {
  const { rig, setUp, stanceId, answerDeg } = round;
  const resolved = resolveSetUp(rig, { ...setUp, angles: { ...setUp.angles, tiltDeg: guessDeg } });
  const riding = poseRig(rig, stanceId);
  const { rotation } = poseStrut(resolved, poseRig(rig, SET_UP_STANCE_ID), riding).worldFromCamera;
  const { heightFraction } = horizonAtCentre(resolved.lens, rotation, riding.ground);
  const offDeg = guessDeg - answerDeg;
  const came = { offDeg, horizonAt: heightFraction };
  return { ...came, words: wordsOf(round, guessDeg, came) };
}

function wordsOf(
  { answerDeg: answer, standingDeg: standing, stance }: TrainerRound,
  guess: number,
  { offDeg, horizonAt }: Omit<TrainerAnswer, 'words'>,
): string {
  const off = Math.abs(offDeg);
  if (off <= RIGHT_DEG) return 'Right: nobody sees the difference.';
  const forward = Math.round(answer - standing);
  if (Math.abs(forward) >= TELLING_DEG && Math.abs(guess - standing) <= Math.min(NEAR_DEG, off / 2)) {
    const way = forward > 0 ? 'forward' : 'back';
    return `That would be right if nothing moved. Under way (${stance.toLowerCase()}) this place turns ${Math.abs(forward)}° ${way}: the level must read that much ${forward > 0 ? 'higher' : 'lower'} beforehand.`;
  }
  if (Math.abs(forward) >= TELLING_DEG && Math.sign(guess - standing) === -Math.sign(forward) && off > NEAR_DEG)
    return `The other way: under way (${stance.toLowerCase()}) this place turns ${forward > 0 ? 'forward and down, so it is set up' : 'back and up, so it is set down'} beforehand.`;
  if (off <= NEAR_DEG) return `Near: ${off.toFixed(0)}° too ${offDeg > 0 ? 'high' : 'low'}, a test clip mends that.`;
  const shown =
    horizonAt > 1
      ? 'nothing but sky'
      : horizonAt < 0
        ? 'nothing but ground'
        : offDeg > 0
          ? 'too much sky'
          : 'too much ground';
  return `${off.toFixed(0)}° too ${offDeg > 0 ? 'high' : 'low'}: ${shown}.`;
}
