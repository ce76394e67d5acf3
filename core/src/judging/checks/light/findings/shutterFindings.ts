import { exposureWords, longestExposureS } from '../../../../physics/light/exposure';
import { steadyExposureS } from '../../../../physics/light/lampFlicker';
import { LAMP, streakDeg, takingS } from '../../../../physics/light/streaks';
import type { Finding } from '../../../../words/check/result';
import type { ShotScene } from '../../../scene/shotScene';
import type { LightAt } from '../found/lightFound';
import { DARK_BELOW_DEG, FLICKER_SWING, SLICES } from '../limits';
import { filterWords } from './words';

const minutesWords = (seconds: number): string =>
  seconds < 90 ? `${Math.round(seconds)} s` : `${(seconds / 60).toFixed(seconds < 600 ? 1 : 0)} min`;

/** Lights drawn out: whether the shutter stays open long enough for it, how long a streak gets, and how long the film takes. */
function streakFinding({ exposureS, sun }: LightAt, { intent, resolved, ride, question }: ShotScene): Finding | null {
  if (!intent.exposedS) return null;
  const [least, most] = intent.exposedS;
  const { mode, setUp } = resolved;
  const longest = longestExposureS(mode.framesPerSecond);
  const margin = Math.min(exposureS - least, most - exposureS);
  // Lamps are lit, but at the hour that is told the sun is up.
  const byDay = margin >= 0 && sun !== null && sun.heightDeg > DARK_BELOW_DEG;
  const taking = takingS(question.seconds ?? intent.seconds, mode.framesPerSecond);
  const because = !mode.stills
    ? `film at ${mode.framesPerSecond} pictures a second opens for ${exposureWords(longest)} at most: stills at intervals draw lights out`
    : exposureS < least
      ? `the shutter opens for ${exposureWords(exposureS)}: ${setUp.shutterS === undefined ? 'it is too light yet, streaks begin at night' : 'held so short'}, from ${exposureWords(least)} on`
      : byDay
        ? `at ${question.moment?.at} the sky is still bright: lamps are drawn out after dark`
        : `open for ${exposureWords(exposureS)} a lamp ${LAMP.asideM} m beside the way is drawn over ${Math.round(streakDeg(ride.speedMps, exposureS))}°; ${Math.round(question.seconds ?? intent.seconds)} s of film take ${minutesWords(taking)} of ride`;
  return {
    id: 'streaks',
    label: 'streaks of light',
    verdict: byDay ? 'watch' : margin >= 0 ? 'good' : 'stop',
    value: exposureS,
    unit: 's',
    limit: [least, most],
    margin,
    because,
    mend:
      margin >= 0
        ? byDay
          ? { text: 'an hour after sunset' }
          : null
        : {
            text: mode.stills ? 'after dark, or with an ND filter' : 'a camera and mode that take stills at intervals',
          },
  };
}

function bladesFinding({ blades, exposureS }: LightAt): Finding | null {
  if (!blades) return null;
  const { name, slices, blurred, passesHz } = blades;
  const sliced = slices > SLICES.from && blurred < SLICES.blurredBy;
  return {
    id: 'blades',
    label: 'blades that turn',
    verdict: sliced ? 'watch' : 'good',
    value: blurred * 100,
    unit: '%',
    limit: [SLICES.blurredBy * 100, null],
    margin: (blurred - SLICES.blurredBy) * 100,
    because: sliced
      ? `the ${name}'s blades pass ${Math.round(passesHz)} times a second, ${slices.toFixed(1)} while a picture is read: they come out cut and bent`
      : `the ${name}'s blades are blurred over ${Math.round(blurred * 100)} % of the way from one to the next`,
    mend: sliced
      ? {
          text: `a shutter of ${exposureWords(1 / passesHz)} or longer: ${filterWords(Math.log2(1 / passesHz / exposureS))}, or less light; or the blades out of the picture`,
        }
      : null,
  };
}

function flickerFinding({ flicker, exposureS }: LightAt, { resolved: { mode } }: ShotScene): Finding | null {
  if (!flicker) return null;
  const { lampHz, swing, bands, wanderHz } = flicker;
  const seen = swing > FLICKER_SWING;
  const steadyS = steadyExposureS(lampHz / 2, mode.framesPerSecond);
  const still = wanderHz < 0.5;
  return {
    id: 'flicker',
    label: 'flicker of lamps',
    verdict: seen ? 'watch' : 'good',
    value: swing * 100,
    unit: '%',
    limit: [null, FLICKER_SWING * 100],
    margin: (FLICKER_SWING - swing) * 100,
    because: seen
      ? `lamps on the mains flicker ${lampHz} times a second; at ${exposureWords(exposureS)} about ${Math.round(swing * 100)} % of it is left (estimate): ${
          bands < 1
            ? `the picture pulses ${Math.round(wanderHz)} times a second`
            : `${bands.toFixed(1)} bands ${still ? 'that stand' : 'that wander'} across it`
        }`
      : `at ${exposureWords(exposureS)} the flicker of lamps on the mains evens out`,
    mend: seen
      ? {
          text:
            steadyS === null
              ? `fewer than ${lampHz} pictures a second, and a shutter of 1/${lampHz} s`
              : `a shutter of ${exposureWords(steadyS)}: whole waves of ${lampHz} a second`,
        }
      : null,
  };
}

/** What the time of exposure makes of what moves or flickers. */
export const shutterFindings = (found: LightAt, scene: ShotScene): readonly (Finding | null)[] => [
  streakFinding(found, scene),
  bladesFinding(found),
  flickerFinding(found, scene),
];
