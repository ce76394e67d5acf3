import { keepLatest } from '../../../mathematics/caching/keepLatest';
import { keyOf } from '../../../mathematics/caching/keyOf';
import { sameFor } from '../../../mathematics/caching/sameFor';
import { exposed } from '../../light/exposure';
import { exposingOf } from '../../light/exposing';
import { exposureValue } from '../../light/daylight';
import { SET_UP_STANCE_ID } from '../../../words/carrier/stance';
import { spotZone } from '../../../posing/rig/spotZone';
import { poseRig } from '../../../posing/rig/poseRig';
import type { RigSpec } from '../../../words/rig/rigSpec';
import { poseStrut, type StrutPose } from '../../../posing/strut/kinematics';
import { resolveSetUp } from '../../../posing/strut/resolveSetUp';
import type { ResolvedSetUp } from '../../../posing/strut/resolvedSetUp';
import type { SetUp } from '../../../words/setUp/setUp';
import { nearness } from './nearThings';
import { spotMotion, type SpotMotion } from '../paths/spotMotion';
import type { MeasuredBand } from '../../../words/ride/measuredBand';
import { SHAKE_BAND_HZ } from '../../../words/ride/shakeBand';
import { USUAL_ENDS, type RangeEnds } from '../ends/rangeEnds';
import type { RideConditions } from '../../../words/ride/rideConditions';
import { riddenIn } from '../../../posing/lookup/pace';
import { resolveRig } from '../../../posing/lookup/resolveRig';
import { frequencyGrid } from '../../../mathematics/spectra/frequencyGrid';

export interface ShakeQuestion {
  readonly rig: RigSpec;
  readonly setUp: SetUp;
  readonly actionStanceId: string;
  readonly ride: RideConditions;
  readonly measured?: readonly MeasuredBand[];
  /** How high the sun stands, degrees, where that is known. */
  readonly sunHeightDeg?: number;
}

const FINE = frequencyGrid(...SHAKE_BAND_HZ, 190);
const COARSE = frequencyGrid(...SHAKE_BAND_HZ, 64);

const motions = keepLatest<SpotMotion>(80);
/** Of one case of what the estimates may be: of two spots, since a set-up is compared with others at its own and with one elsewhere. */
const drawnMotions = sameFor<RangeEnds, ReturnType<typeof keepLatest<SpotMotion>>>(() => keepLatest(2));
const rigKey = keyOf((rig: RigSpec) => ({ ...rig, ownKit: undefined, subject: undefined }));
const rideKey = keyOf((ride: RideConditions) => ride);
const bandsKey = keyOf((measured: NonNullable<ShakeQuestion['measured']>) => measured);

/** How the base moves; kept, since many set-ups share a spot. @param picks with every figure at its middle, or as it may be in one case */
function motionOf(
  question: ShakeQuestion,
  resolved: ResolvedSetUp,
  grid: Float64Array,
  picks: RangeEnds = USUAL_ENDS,
): SpotMotion {
  const { rig, ride, actionStanceId, measured } = question;
  const log = measured ? bandsKey(measured) : '';
  // Where it has slid to counts: a mast's foot moves otherwise than its top.
  const { placed, setUp } = resolved;
  const key = [rigKey(rig), rideKey(ride), actionStanceId, log, placed.spot.id, setUp.slideM ?? 0, grid.length];
  const kept = picks === USUAL_ENDS ? motions : drawnMotions(picks);
  return kept(key.join(' '), () => spotMotion(spotQuestion(question, resolved), grid, picks));
}

/** Slower than this every strut goes along with its base: none of the kit swings by itself at less than a few cycles a second. Estimate 3 to 6. */
const GOES_ALONG_HZ = 4;

/** A shaking: rms acceleration, m/s², and its cycles a second by upward zero crossings (Rice); 0 where nothing shakes. */
interface Shaking {
  readonly shakeRmsMS2: number;
  readonly shakeHz: number;
}

const slow = new WeakMap<SpotMotion, Shaking>();

/** What the base is shaken by so slowly that whatever stands on it goes along: the least that a camera there is thrown about by. */
export function slowShaking(question: ShakeQuestion, resolved: ResolvedSetUp): Shaking {
  const motion = motionOf(question, resolved, COARSE);
  const known = slow.get(motion);
  if (known) return known;
  let [acceleration2, jerk2] = [0, 0];
  for (const { frequencyHz, weight, zRe, zIm } of motion.components) {
    for (let i = 0; i < frequencyHz.length && frequencyHz[i]! <= GOES_ALONG_HZ; i++) {
      const w2 = (2 * Math.PI * frequencyHz[i]!) ** 2;
      const square = weight[i]! * w2 ** 2 * (zRe[i]! ** 2 + zIm[i]! ** 2);
      acceleration2 += square;
      jerk2 += square * w2;
    }
  }
  const made = {
    shakeRmsMS2: Math.sqrt(acceleration2),
    shakeHz: acceleration2 > 0 ? Math.sqrt(jerk2 / acceleration2) / (2 * Math.PI) : 0,
  };
  slow.set(motion, made);
  return made;
}

const spotQuestion = ({ rig, ride, actionStanceId, measured }: ShakeQuestion, { placed }: ResolvedSetUp) => ({
  rig,
  placed,
  stanceId: actionStanceId,
  ride: riddenIn(resolveRig(rig).machine, ride, actionStanceId),
  ...(measured ? { measured } : {}),
});

/** Exposure of a set-up in a light: held by hand, or automatic behind its grey glass; never longer than its rate allows. */
export function exposureOf(
  resolved: ResolvedSetUp,
  { lightId }: RideConditions,
  sunHeightDeg?: number,
  picks: RangeEnds = USUAL_ENDS,
): number {
  return exposed(exposureValue(lightId, sunHeightDeg, picks.shutter), exposingOf(resolved)).exposureS;
}

/** Everything about a set-up that shaking needs, found once. */
export interface ShakeScene {
  readonly resolved: ResolvedSetUp;
  /** The strut in the stance that is ridden. */
  readonly pose: StrutPose;
  readonly motion: SpotMotion;
  /** It stands on somebody, not on the machine. */
  readonly worn: boolean;
  readonly ride: RideConditions;
  readonly sunHeightDeg?: number;
  /** How near what rides along is in the picture, 1/m²: see nearness. */
  readonly nearPerM2: number;
}

const nearnesses = keepLatest<number>(40);
const setUpKey = keyOf((setUp: SetUp) => setUp);

/** @param coarse a third of the frequencies: good enough to rank by (docs/models.md, Steady) */
export function shakeScene(question: ShakeQuestion, { coarse = false, picks = USUAL_ENDS } = {}): ShakeScene {
  const resolved = resolveSetUp(question.rig, question.setUp);
  const setUpRig = poseRig(question.rig, SET_UP_STANCE_ID);
  const action = poseRig(question.rig, question.actionStanceId);
  const pose = poseStrut(resolved, setUpRig, action);
  const nearPerM2 = nearnesses(
    [rigKey(question.rig), setUpKey(question.setUp), question.actionStanceId].join(' '),
    () => nearness(action.parts, resolved.lens, pose.worldFromCamera),
  );
  const grid = coarse ? COARSE : FINE;
  const motion = motionOf(question, resolved, grid, picks);
  const { ride, sunHeightDeg } = question;
  const worn = spotZone(question.rig, resolved.placed.spot) !== null;
  return { resolved, pose, motion, worn, ride, nearPerM2, ...(sunHeightDeg === undefined ? {} : { sunHeightDeg }) };
}
