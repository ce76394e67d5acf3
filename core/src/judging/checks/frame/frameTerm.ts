import { mostSeenFrom } from '../../../physics/framing/whereFrom';
import { feelWords } from '../../../physics/framing/speedFeel';
import { slopeShown } from '../../../physics/framing/slopeShown';
import { clamp } from '../../../mathematics/units/angle';
import { poseStrut } from '../../../posing/strut/kinematics';
import type { Finding, Verdict } from '../../../words/check/result';
import type { SearchTerm } from '../../check/check';
import type { ShotScene } from '../../scene/shotScene';
import { frameScore } from './frameScore';
import { barred } from './barred';
import { wrongSideOfCabin } from './wrongSideOfCabin';
import { judgeFrame } from './judgeFrame';
import { MISSED_IN_SEAM } from './seam';
import { neverWhole } from './viewpoint';

/** The speed feel, as a factor of what the eyes see, that counts as calm and as fast. Common practice, no source. */
const CALM_FEEL = 0.6;
const FAST_FEEL = 4;

/** A part is lost where the seam takes this much of it; only these are missed. Estimate 0.2 to 0.5. */
const SEAM_TAKES = 0.3;

/** Where a speed feel lies between calm (0) and fast (1), by its logarithm. */
const feelOnScale = (speedFeel: number): number =>
  clamp(Math.log(Math.max(speedFeel, 1e-6) / CALM_FEEL) / Math.log(FAST_FEEL / CALM_FEEL), 0, 1);

/** What a view that must stay is worth on a head. Estimate 0.7 to 0.95. */
const LOOKS_ABOUT = 0.8;

/** The verdict that the check itself gives, but for what only warns. */
function verdictOf(scene: ShotScene, bar: Finding | null): Verdict {
  if (bar) return 'stop';
  const { verdict } = judgeFrame(scene.framed(), scene.intent, null, scene.zone);
  return verdict === "can't say" ? 'good' : verdict;
}

/** The picture against what is asked, and how fast it feels. */
export const frameTerm: SearchTerm = {
  cost: 'cheap',
  atPlace(scene) {
    const wrong = wrongSideOfCabin(scene);
    return wrong && { check: 'frame', because: wrong.because, mend: wrong.mend!.text };
  },
  aboutPlace({ intent, resolved, carrier }) {
    const ends = Math.max(0, ...intent.wants.map((want) => want.ends ?? 0));
    const [action] = carrier.ridden;
    if (ends === 0 || !action) return null;
    const { position } = poseStrut(resolved, carrier.setUpRig, action.rig).worldFromCamera;
    const because = neverWhole(mostSeenFrom(action.rig, position), ends);
    return because === null ? null : { check: 'frame', because, mend: 'farther out' };
  },
  pictureStops: (scene) => verdictOf(scene, barred(scene)) === 'stop',
  judge(scene) {
    const { intent, carrier } = scene;
    const framed = scene.framed();
    const bar = barred(scene);
    const looksAbout = intent.fixedView === true && scene.zone === 'head';
    const picture = frameScore(framed, intent) * (looksAbout ? LOOKS_ABOUT : 1);
    const { weightedSpeedFeel: speedFeel } = framed;
    const missed = speedFeel === null || intent.feel === null ? null : Math.abs(intent.feel - feelOnScale(speedFeel));
    return {
      verdict: verdictOf(scene, bar),
      // What cannot stand there at all is no answer, not even where nothing else is one.
      rejection: bar && { check: 'frame', because: bar.because, mend: bar.mend?.text ?? null },
      terms: [
        {
          id: 'picture',
          value: picture,
          text: `shows ${Math.round(picture * 100)} % of what is asked${looksAbout ? ', and goes along with every look' : ''}`,
        },
        {
          id: 'feel',
          value: missed === null ? 0 : 1 - missed,
          text: speedFeel === null ? 'no ground in sight' : `${feelWords(speedFeel)} the speed that the eyes see`,
        },
      ],
      facts: {
        shares: framed.weightedShares,
        speedFeel,
        slopeShown: slopeShown(
          framed.stances,
          (stanceId) => carrier.ridden.find((posed) => posed.stance.id === stanceId)?.rig.ground,
        ),
        inSeam: (framed.stances.find((s) => s.stanceId === framed.actionStanceId)?.stitched ?? [])
          .filter(({ group, within }) => within >= SEAM_TAKES && MISSED_IN_SEAM.includes(group))
          .map(({ name }) => name),
      },
    };
  },
};
