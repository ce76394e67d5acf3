import type { CheckResult } from '../../words/check/result';
import { steadyMends, type SteadyMend } from '../advice/steadyMends';
import { steadyCheck } from '../checks/steady/steadyCheck';
import { resolveRig } from '../../posing/lookup/resolveRig';
import { shakeCause, type ShakeCause } from '../../physics/shaking/whole/cause';
import { landingOf, type Landing } from '../../physics/shaking/whole/landing';
import { modeWords, mountModes } from '../../physics/shaking/mount/mountModel';
import { usualRide } from '../../posing/lookup/grounds';
import { shakeIn, type Contribution, type Shake, type ShakePx } from '../../physics/shaking/whole/shakeOf';
import { shakeScene, type ShakeQuestion } from '../../physics/shaking/whole/shakeScene';
import type { ShakeSpectra } from '../../physics/shaking/picture/shakeSpectra';
import { shakeRanges, type FigureRange } from '../../physics/shaking/whole/shakeRange';
import type { Figure } from '../../physics/shaking/figures/figures';
import type { ShotQuestion } from '../../words/shot/shotQuestion';

/** How steady a shot is and why; plain data. */
export interface SteadyReport {
  readonly check: CheckResult;
  readonly px: ShakePx;
  readonly ranges: Readonly<Record<Figure, FigureRange>> | null;
  readonly cause: ShakeCause;
  readonly contributions: readonly Contribution[];
  readonly modes: readonly { readonly words: string; readonly frequencyHz: number; readonly dampingRatio: number }[];
  /** Densities for charts and the moving preview; only when asked for. */
  readonly spectra: ShakeSpectra | null;
  readonly ways: Shake['ways'];
  /** How far a damper sags under the camera, metres; 0 without one. */
  readonly sagM: number;
  readonly totalPx: number;
  readonly stiffPx: number;
  readonly rollDeg: number;
  readonly accelerationMS2: number;
  readonly exposureS: number;
  readonly readoutS: number;
  readonly runsOut: Shake['runsOut'];
  readonly landing: Landing | null;
  readonly mends: readonly SteadyMend[];
}

/** What shaking needs to know of a shot; its ride as the machine usually is, where none is told. */
export const shakeQuestionOf = ({ rig, setUp, actionStanceId, ride, measured }: ShotQuestion): ShakeQuestion => ({
  rig,
  setUp,
  actionStanceId,
  ride: ride ?? usualRide(resolveRig(rig).machine),
  ...(measured && measured.length > 0 ? { measured } : {}),
});

/** @param deep with ranges and mends, about ten times slower @param spectra with densities */
export function steadyReport(
  question: ShotQuestion,
  { deep, spectra = false }: { deep: boolean; spectra?: boolean },
): SteadyReport {
  const asked = shakeQuestionOf(question);
  const scene = shakeScene(asked);
  const shake = shakeIn(scene);
  const cause = shakeCause(asked.rig, scene, shake);
  const landing = landingOf(asked.rig, scene, shake);
  const ranges = deep ? shakeRanges(asked) : null;
  const mends = deep ? steadyMends(asked) : [];
  const {
    jump,
    jelly,
    blur,
    contributions,
    ways,
    totalPx,
    stiffPx,
    rollDeg,
    accelerationMS2,
    exposureS,
    readoutS,
    runsOut,
  } = shake;
  return {
    check: steadyCheck({ shake, cause, ranges, mends, landing }),
    px: { jump, jelly, blur },
    ranges,
    cause,
    contributions,
    modes: mountModes(shake.mount).map((mode) => ({
      words: modeWords(scene.resolved, mode),
      frequencyHz: mode.frequencyHz,
      dampingRatio: mode.dampingRatio,
    })),
    spectra: spectra ? shake.spectra : null,
    ways,
    sagM: shake.mount.sagM,
    totalPx,
    stiffPx,
    rollDeg,
    accelerationMS2,
    exposureS,
    readoutS,
    runsOut,
    landing,
    mends,
  };
}
