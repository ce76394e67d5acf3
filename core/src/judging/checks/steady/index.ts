import { FIGURE_SCALES } from '../../../physics/shaking/figures/figures';
import { modeWords, mountModes } from '../../../physics/shaking/mount/mountModel';
import type { ShakeSpectra } from '../../../physics/shaking/picture/shakeSpectra';
import { shakeCause } from '../../../physics/shaking/whole/cause';
import type { Shake, ShakePx } from '../../../physics/shaking/whole/shakeOf';
import { shakeDraws, steadierIn100 } from '../../../physics/shaking/whole/shakeDraws';
import { shakeRanges } from '../../../physics/shaking/whole/shakeRange';
import { findingsOf, worstFirst } from '../../../words/check/result';
import type { ResolvedSetUp } from '../../../posing/strut/resolvedSetUp';
import type { Check } from '../../check/check';
import { shakeQuestionOf, type ShotScene } from '../../scene/shotScene';
import { gimbalInWind, windFinding, type GimbalInWind } from './gimbalInWind';
import { judgeSteady, LANDING_NOTICED_PX, type SteadyEvidence } from './judgeSteady';
import { steadyAttempts } from './steadyAttempts';
import { steadyTerm } from './steadyTerm';

/** How steady a shot is and why; plain data. */
export interface SteadyReport
  extends
    SteadyEvidence,
    Pick<
      Shake,
      'contributions' | 'ways' | 'totalPx' | 'stiffPx' | 'rollDeg' | 'accelerationMS2' | 'exposureS' | 'readoutS'
    > {
  readonly modes: readonly { readonly words: string; readonly frequencyHz: number; readonly dampingRatio: number }[];
  /** Densities for charts and the moving preview; only when asked for. */
  readonly spectra: ShakeSpectra | null;
  /** Null without a gimbal, or out of the wind. */
  readonly wind: GimbalInWind | null;
  /** How far a damper sags under the camera, metres; 0 without one. */
  readonly sagM: number;
}

/** Cases that two set-ups are compared in: what is uncertain in both falls out, so that few are enough. */
const COMPARED = 50;

const drawnOf = new WeakMap<ShotScene, readonly ShakePx[]>();

/** Drawn once a scene: the present one is held against every mend. */
function drawn(scene: ShotScene): readonly ShakePx[] {
  const known = drawnOf.get(scene) ?? shakeDraws(shakeQuestionOf(scene.question), COMPARED);
  drawnOf.set(scene, known);
  return known;
}

/** Pixels of a picture as it is recorded, turned as its body is. */
function recordedPx({ mode: { lens }, setUp }: ResolvedSetUp): readonly [number, number] {
  return setUp.mounting.startsWith('portrait') ? [lens.heightPx, lens.widthPx] : [lens.widthPx, lens.heightPx];
}

/** Of a hundred cases; what is better in hardly more than half of them is no advice. Common practice, no source. */
const LEAST_SURE = 60;

export const steady: Check<SteadyReport> = {
  id: 'steady',
  name: 'Steady',
  question: 'How much does the picture jump, wobble and blur on this ground?',
  units: ['px', '°', 'm', 'g', 'km/h'],
  limits: [
    { what: 'jump that spoils a shot', value: FIGURE_SCALES.jump.spoilt, unit: 'px', source: 'common practice' },
    { what: 'jelly that spoils a shot', value: FIGURE_SCALES.jelly.spoilt, unit: 'px', source: 'common practice' },
    { what: 'blur that spoils a shot', value: FIGURE_SCALES.blur.spoilt, unit: 'px', source: 'common practice' },
    { what: 'swing at a landing that is seen', value: LANDING_NOTICED_PX, unit: 'px', source: 'estimate' },
  ],
  report(scene, { ranges, spectra }) {
    const { scene: shaking, shake, landing } = scene.shaken();
    const { jump, jelly, blur, contributions, ways, totalPx, stiffPx } = shake;
    const { rollDeg, accelerationMS2, exposureS, readoutS, runsOut, spring } = shake;
    return {
      px: { jump, jelly, blur },
      ranges: ranges ? shakeRanges(shakeQuestionOf(scene.question)) : null,
      cause: shakeCause(scene.question.rig, shaking, shake),
      contributions,
      modes: mountModes(shake.mount).map((mode) => ({
        words: modeWords(shaking.resolved, mode),
        frequencyHz: mode.frequencyHz,
        dampingRatio: mode.dampingRatio,
      })),
      spectra: spectra ? shake.spectra : null,
      ways,
      sagM: shake.mount.sagM,
      totalPx,
      kept: shaking.resolved.stabiliser.crop.value,
      recordedPx: recordedPx(shaking.resolved),
      stiffPx,
      rollDeg,
      accelerationMS2,
      exposureS,
      readoutS,
      runsOut,
      landing,
      spring,
      wind: gimbalInWind(scene),
    };
  },
  judge(found, { intent }) {
    const judged = judgeSteady(found, intent.shakingBorne, (intent.feel ?? 0) > 0.5);
    return found.wind ? worstFirst('steady', [...findingsOf(judged), windFinding(found.wind)]) : judged;
  },
  searchTerm: steadyTerm,
  surely(before, after) {
    const cases = steadierIn100(drawn(before), drawn(after));
    return cases < LEAST_SURE ? null : `steadier in ${cases} of 100 cases`;
  },
  mend: steadyAttempts,
};
