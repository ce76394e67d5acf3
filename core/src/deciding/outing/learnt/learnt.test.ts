import { ridgeLoop } from '../../../../testing/outings';
import { bikeRig, plainAt } from '../../../../testing/rigs';
import {
  inverseRotation,
  panTiltRollFromRotation,
  rotate,
  rotationFromPanTiltRoll,
  multiplyRotations,
} from '../../../mathematics/geometry/rotation';
import { projectDirectionToPixel } from '../../../mathematics/lens/lens';
import { seededNumbers } from '../../../mathematics/numbers/seededNumbers';
import { poseRig } from '../../../posing/rig/poseRig';
import { poseStrut } from '../../../posing/strut/kinematics';
import { resolveSetUp } from '../../../posing/strut/resolveSetUp';
import { solveTiltForHorizon } from '../../../posing/aiming/solveAngles';
import { turnOf } from '../../../posing/strut/mountRotation';
import { placedSpots } from '../../../posing/rig/spots';
import { shakeDraws } from '../../../physics/shaking/whole/shakeDraws';
import { shakeOf } from '../../../physics/shaking/whole/shakeOf';
import { shakeQuestionOf } from '../../../judging/scene/shotScene';
import { withLesson } from './editLesson';
import { shotQuestion } from '../shotQuestion';
import { learntBands, shakeLearnt, shakeWords } from './shakeLearnt';
import type { Lesson, ShakeLesson } from '../../../words/learning/lesson';
import type { LearntTurn, RigSpec } from '../../../words/rig/rigSpec';
import type { SetUp } from '../../../words/setUp/setUp';
import { strutOf } from '../../../words/setUp/strutOf';
import { rigOfShot } from '../outing';
import type { Outing } from '../records/outingRecord';
import { correctFromClip } from '../../learning/testClip/correction';
import { learntWords } from './learntWords';
import { lessonsElsewhere, lessonsOf } from './lessons';
import { learntTurns, tiltLearnt } from './tiltLearnt';

const lesson = (over: Partial<Lesson> = {}): Lesson => ({
  machineId: 'mountain-bike', partId: 'torso', spotId: 'chest', pitchDeg: 6, rollDeg: 0, used: true, ...over,
}); // prettier-ignore
const chest = { machineId: 'mountain-bike', partId: 'torso', spotId: 'chest' };

describe('what clips teach of a place', () => {
  it('nothing from no clip, nor from one that is switched off, nor from another part', () => {
    for (const lessons of [[], [lesson({ used: false })], [lesson({ partId: 'helmet' })]])
      expect(tiltLearnt(lessons, chest)).toMatchObject({ pitchDeg: { mean: 0 }, clips: 0, others: 0 });
  });

  it('the same clip again and again is believed more and more, and never overshot', () => {
    const means = [1, 2, 4, 16].map(
      (n) =>
        tiltLearnt(
          Array.from({ length: n }, () => lesson()),
          chest,
        ).pitchDeg,
    );
    for (let i = 1; i < means.length; i++) {
      expect(means[i]!.mean).toBeGreaterThan(means[i - 1]!.mean);
      expect(means[i]!.sd).toBeLessThan(means[i - 1]!.sd);
    }
    expect(means[0]!.mean).toBeGreaterThan(5);
    expect(means[3]!.mean).toBeLessThan(6);
  });

  it('what is nearer learns more: this spot, this part on this machine, this part elsewhere', () => {
    const at = (place: object) => tiltLearnt([lesson()], { ...chest, ...place }).pitchDeg;
    const [here, beside, elsewhere] = [at({}), at({ spotId: 'chest-low' }), at({ machineId: 'motorcycle' })];
    expect(here.mean).toBeGreaterThan(beside.mean);
    expect(beside.mean).toBeGreaterThan(elsewhere.mean);
    expect(elsewhere.mean).toBeGreaterThan(0);
    expect(here.sd).toBeLessThan(beside.sd);
  });

  it('of a strut wherever it is used: here the same one more than another, elsewhere the same one alone', () => {
    const strut = 'chest-harness + short-arm';
    const taught = [lesson({ strut })];
    const at = (place: object) => tiltLearnt(taught, { ...chest, ...place }).pitchDeg.mean;
    expect(at({ strut })).toBeGreaterThan(at({ strut: 'chest-harness' }));
    expect(at({ strut: 'chest-harness' })).toBeCloseTo(at({}), 9);
    const onHead = { machineId: 'kayak', partId: 'helmet', spotId: 'crown' };
    // One clip of 6°, of which the strut's share of the spread is 1.5² of 2² + 3² + 2² + 1.5² + 1.
    expect(at({ ...onHead, strut })).toBeCloseTo((6 * 2.25) / (4 + 9 + 4 + 2.25 + 1), 9);
    expect(at(onHead)).toBe(0);
    const turns = learntTurns(taught, 'mountain-bike');
    const mounted = (spot: object, links: SetUp['links']) =>
      turnOf(turns, {
        placed: { spot: { id: 'chest', partId: 'torso', ...spot } },
        setUp: { baseId: 'chest-harness', links },
      })!.pitchDeg;
    const arm = [{ linkId: 'short-arm', lengthM: 0.1, bendDeg: 0, turnDeg: 0 }];
    const [same, other, beside, head] = [
      mounted({}, arm),
      mounted({}, []),
      mounted({ id: 'chest-low' }, arm),
      mounted({ id: 'crown', partId: 'helmet' }, arm),
    ];
    expect(same).toBeGreaterThan(other);
    expect(other).toBeGreaterThan(head);
    expect(beside).toBeGreaterThan(head);
    expect(
      turnOf(turns, { placed: { spot: { id: 'crown', partId: 'helmet' } }, setUp: { baseId: 'x', links: [] } }),
    ).toBeUndefined();
  });
});

/** A clip by somebody whose camera stands turned from the model: the marks that they would set, on the horizon. */
function clipOf(rig: RigSpec, setUp: SetUp, truth: { pitchDeg: number; rollDeg: number }) {
  const [setUpRig, action] = [poseRig(rig, 'set-up'), poseRig(rig, 'crouch')];
  const resolved = resolveSetUp(rig, setUp);
  const plain = { ...action, learnt: [] };
  const { rotation } = poseStrut(resolved, setUpRig, plain).worldFromCamera;
  const real = multiplyRotations(
    rotationFromPanTiltRoll({ panDeg: 0, tiltDeg: truth.pitchDeg, rollDeg: truth.rollDeg }),
    rotation,
  );
  const { panDeg } = panTiltRollFromRotation(real);
  const mark = (deg: number) => {
    const a = (deg * Math.PI) / 180;
    return projectDirectionToPixel(resolved.lens, rotate(inverseRotation(real), [Math.cos(a), 0, Math.sin(a)]))!;
  };
  const result = correctFromClip(
    resolved,
    { setUpRig, actionRig: action },
    { left: mark(panDeg - 25), right: mark(panDeg + 25) },
    0.4,
  );
  if (result.kind !== 'correction') throw new Error(result.because);
  return result;
}

it('is told in a sentence, with how many clips stand behind it', () => {
  const words = (...lessons: Lesson[]) => learntWords(tiltLearnt(lessons, chest));
  expect(words()).toBeNull();
  expect(words(lesson(), lesson())).toMatch(/from 2 clips: .* 5\.\d° \(± 0\.7°\) higher than drawn\. /);
  expect(words(lesson({ pitchDeg: -4, rollDeg: -3 }))).toMatch(
    /from 1 clip: .* lower than drawn and leans 2\.\d° to the left/,
  );
  expect(words(lesson({ spotId: 'chest-low' }))).toMatch(/from 1 clip of the same part or mount/);
  expect(words(lesson(), lesson({ machineId: 'motorcycle' }))).toMatch(
    /from 1 clip here and 1 of the same part or mount/,
  );
});

describe('what moving clips teach of how much a place shakes', () => {
  const place = { ...chest, groundId: 'gravel' };
  const shake = (over: Partial<ShakeLesson> = {}): ShakeLesson => ({ ...place, ratio: 1.6, used: true, ...over });

  it('begins as unsure as the sampled range is, of the logarithm 10 to 90 % over 2 · 1.28', () => {
    const question = shakeQuestionOf(shotQuestion(ridgeLoop(), ridgeLoop().shots[0]!));
    const sizes = shakeDraws(question, 60)
      .map(({ jump, jelly }) => Math.log(Math.hypot(jump, jelly)))
      .sort((a, b) => a - b);
    const sampled = (sizes[53]! - sizes[5]!) / (2 * 1.2816);
    const { sd } = shakeLearnt([], place).log;
    expect(sd / sampled).toBeGreaterThan(0.6);
    expect(sd / sampled).toBeLessThan(1.7);
  });

  it('nothing at first; then the more the nearer, and never more than was measured', () => {
    expect(learntBands([], place)).toEqual([]);
    expect(shakeLearnt([shake({ used: false })], place).ratio).toBe(1);
    const ratios = [{}, { groundId: 'setts' }, { spotId: 'chest-low' }, { machineId: 'motorcycle' }].map(
      (over) => shakeLearnt([shake()], { ...place, ...over }).ratio,
    );
    expect(ratios[0]).toBeLessThan(1.6);
    expect(ratios[0]).toBeGreaterThan(ratios[1]!);
    expect(ratios[2]).toBeGreaterThan(ratios[3]!);
    expect(ratios[3]).toBeGreaterThan(1);
    const strut = 'tube-clamp';
    const on = (place: object) =>
      shakeLearnt([shake({ strut })], { ...place, strut } as typeof place & ShakeLesson).ratio;
    expect(on(place)).toBeCloseTo(ratios[0]!, 9);
    expect(on({ machineId: 'kayak', partId: 'deck', spotId: 'bow', groundId: 'lake' })).toBeGreaterThan(1);
  });

  it('is told in a sentence, and is not said to count where it changes nothing', () => {
    const words = (...lessons: ShakeLesson[]) => shakeWords(shakeLearnt(lessons, place));
    expect(words()).toBeNull();
    expect(words(shake())).toMatch(/from 1 clip: it shakes 1\.5\d times as much .* Counted in everywhere\.$/);
    expect(words(shake({ ratio: 1.02 }))).toMatch(
      /it shakes as much as the model says \(0\.\d\d to 1\.\d\d times\)\.$/,
    );
    expect(learntBands([shake({ ratio: 1.02 })], place)).toEqual([]);
  });

  it('twice as much and half as much are the same lesson the other way', () => {
    const [more, less] = [2, 0.5].map((ratio) => shakeLearnt([shake({ ratio })], place).ratio);
    expect(more! * less!).toBeCloseTo(1, 9);
  });

  it('after three clips the prediction is within a third, for 30 riders whom nobody told it (before: for 18)', () => {
    const random = seededNumbers(8);
    const even = (limit: number) => (random() * 2 - 1) * limit;
    const off = Array.from({ length: 30 }, () => {
      const truth = even(0.7);
      const lessons = Array.from({ length: 3 }, () => shake({ ratio: Math.exp(truth + even(0.25)) }));
      return { before: Math.abs(truth), after: Math.abs(shakeLearnt(lessons, place).log.mean - truth) };
    });
    const within = (of: 'before' | 'after') => off.filter((one) => one[of] < Math.log(4 / 3)).length;
    expect(within('before')).toBeLessThan(20);
    expect(within('after')).toBe(30);
  });

  it('what was learnt goes into the shake of the shot, where no log speaks for the spot', () => {
    const [spot] = placedSpots(bikeRig()).filter((placed) => placed.spot.id === 'chin-bar');
    const { machineId } = ridgeLoop().carriers[0]!.rig;
    const outing = ridgeLoop();
    const [carrier] = outing.carriers;
    const lesson_ = {
      machineId,
      partId: spot!.spot.partId,
      spotId: 'chin-bar',
      strut: strutOf(outing.shots[0]!.setUp),
      groundId: carrier!.ride.groundId,
      ratio: 2,
      used: true,
    };
    const clip = {
      id: 'm',
      at: '2027-02-14T09:00:00Z',
      seconds: 10,
      jumpPx: 1,
      jellyPx: 1,
      rollDeg: 0,
      modelJumpPx: 1,
      modelJellyPx: 1,
      lesson: lesson_,
    };
    const taught = { ...outing, shots: outing.shots.map((s) => ({ ...s, shakeClips: [clip] })) };
    const jump = (o: Outing) => shakeOf(shakeQuestionOf({ ...shotQuestion(o, o.shots[0]!) })).jump;
    expect(jump(taught) / jump(outing)).toBeCloseTo(shakeLearnt([lesson_], lesson_).ratio, 1);
  });
});

describe('from clip to lesson to picture', () => {
  const rig = bikeRig();
  const setUp = plainAt('chest', 25, {}, rig);
  const { partId } = resolveSetUp(rig, setUp).placed.spot;
  const taught = (pitchDeg: number, rollDeg: number): RigSpec => ({
    ...rig,
    learnt: [{ partId, spotId: 'chest', pitchDeg, rollDeg } satisfies LearntTurn],
  });

  it('a clip tells how the camera stands against the model, whatever was learnt before it', () => {
    for (const known of [rig, taught(3, -1), taught(-8, 2)]) {
      const { lesson: told } = clipOf(known, setUp, { pitchDeg: 5, rollDeg: -2 });
      expect(told!.pitchDeg).toBeCloseTo(5, 6);
      expect(told!.rollDeg).toBeCloseTo(-2, 6);
    }
  });

  it('once it is learnt, the level that is worked out brings the horizon where it was wanted: nothing is left to correct', () => {
    const known = taught(5, 0);
    const tiltDeg = solveTiltForHorizon(
      resolveSetUp(known, setUp),
      poseRig(known, 'set-up'),
      poseRig(known, 'crouch'),
      0.4,
    )!;
    const set = { ...setUp, angles: { ...setUp.angles, tiltDeg } };
    expect(clipOf(known, set, { pitchDeg: 5, rollDeg: 0 }).tiltByDeg).toBeCloseTo(0, 4);
    // In the set-up stance, where the level is read, nothing is turned.
    const [plain, learnt] = [rig, known].map((r) => {
      const stand = poseRig(r, 'set-up');
      return poseStrut(resolveSetUp(r, set), stand, stand).worldFromCamera.rotation;
    });
    expect(learnt).toEqual(plain);
  });

  it('after three clips the tilt of this rider is known within 1°, for 30 riders whom nobody told it (mean error before, about 4°)', () => {
    const random = seededNumbers(41);
    // Not the model's own spread: even between two ends, as the stand-in camera's riders.
    const even = (limit: number) => (random() * 2 - 1) * limit;
    const errors = Array.from({ length: 30 }, () => {
      const truth = { pitchDeg: even(9), rollDeg: even(4) };
      const lessons = Array.from({ length: 3 }, () => {
        const clip = clipOf(rig, setUp, { pitchDeg: truth.pitchDeg + even(1.2), rollDeg: truth.rollDeg + even(0.8) });
        return lesson({ partId, ...clip.lesson });
      });
      const learnt = tiltLearnt(lessons, { ...chest, partId });
      return { before: Math.abs(truth.pitchDeg), after: Math.abs(learnt.pitchDeg.mean - truth.pitchDeg) };
    });
    const mean = (of: 'before' | 'after') => errors.reduce((sum, e) => sum + e[of], 0) / errors.length;
    expect(mean('before')).toBeGreaterThan(3);
    expect(mean('after')).toBeLessThan(0.6);
    expect(errors.filter(({ after }) => after < 1).length).toBeGreaterThanOrEqual(29);
  });
});

describe('whose lessons', () => {
  const base = ridgeLoop();
  const clip = (id: string, over: Partial<Lesson> = {}) => ({
    id, at: `2027-02-1${id}T09:00:00Z`, marks: { left: [0.1, 0.5], right: [0.9, 0.5] } as const, measuredTiltDeg: 0, measuredRollDeg: 0,
    tiltByDeg: 0, rollByDeg: 0, applied: true, lesson: lesson({ machineId: base.carriers[0]!.rig.machineId, ...over }),
  }); // prettier-ignore
  const outing = (id: string, riderName: string, ...clips: ReturnType<typeof clip>[]): Outing => ({
    ...base, id, riderName, carriers: structuredClone(base.carriers), shots: [{ ...base.shots[0]!, clips }],
  }); // prettier-ignore

  it('earlier lessons of the same rider are there to be taken over, of nobody else', () => {
    const mine = outing('mine', 'Runa', clip('4'));
    const others = [
      outing('a', ' runa ', clip('1'), clip('2')),
      outing('b', 'Ina', clip('3')),
      outing('c', '', clip('5')),
    ];
    expect(lessonsElsewhere(mine, others).tilts.map(({ id }) => id)).toEqual(['1', '2']);
    expect(lessonsElsewhere({ ...mine, riderName: '' }, others)).toEqual({ tilts: [], shakes: [] });
    const taken = { ...mine, lessons: lessonsElsewhere(mine, others).tilts };
    expect(lessonsElsewhere(taken, others).tilts).toEqual([]);
    expect(lessonsOf(taken).map(({ id }) => id)).toEqual(['1', '2', '4']);
  });

  it('a lesson is laid aside, counted again and forgotten wherever it lies; the clip stays', () => {
    const earlier = { id: 'x', at: '2027-02-10T09:00:00Z', ...lesson() };
    const own = { ...outing('a', 'Runa', clip('1'), clip('2')), lessons: [earlier] };
    const used = (o: Outing) => lessonsOf(o).map((l) => [l.id, l.used]);
    expect(used(withLesson(own, '2', 'laid aside'))).toEqual([
      ['x', true],
      ['1', true],
      ['2', false],
    ]);
    expect(used(withLesson(withLesson(own, 'x', 'laid aside'), 'x', 'used'))).toEqual(used(own));
    const without = withLesson(withLesson(own, '1', 'forgotten'), 'x', 'forgotten');
    expect(used(without)).toEqual([['2', true]]);
    expect(without.shots[0]!.clips).toHaveLength(2);
  });

  it('the rig of a shot carries what was learnt; what is switched off or was never there changes nothing', () => {
    const [plain, taught, off] = [
      outing('a', ''),
      outing('b', '', clip('1')),
      outing('c', '', clip('1', { used: false })),
    ];
    const rigs = [plain, taught, off].map((o) => rigOfShot(o, o.shots[0]!));
    expect(rigs.map(({ learnt }) => learnt?.length)).toEqual([undefined, 2, undefined]);
    expect(rigs[1]!.learnt).toEqual(learntTurns([clip('1').lesson], rigs[1]!.machineId));
    expect(rigOfShot(taught, taught.shots[0]!)).toBe(rigs[1]);
  });
});
