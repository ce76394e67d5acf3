import { exposureWords, isoWords, longestExposureS } from '../../../physics/light/exposure';
import { LAMP, streakDeg, takingS } from '../../../physics/light/streaks';
import { worstFirst, type CheckResult, type Finding, type Verdict } from '../../../words/check/result';
import type { LightWish } from '../../../words/shot/ask';
import type { ShotScene } from '../../scene/shotScene';
import { BACK_LIT_DEG, type LightFound } from './lightFound';
import { WISH_WORDS, wishMet } from './lightWish';
import { SHADOW } from './limits';
import type { SunMet } from './sunMet';

/** Of the ride with the sun in the picture: any of it is told; over the second, where it was to stay out, the shot is spoilt. Common practice, no source. */
export const MET = { watch: 0, stop: 0.5 } as const;
/** Wishes of which dark faces and a bright edge are part. */
const INTO_THE_SUN: readonly LightWish[] = ['behind', 'silhouette'];
/** Stops of gain over what still looks good: beyond the second noise is all that is left. Common practice, no source. */
export const DARK_STOPS = { watch: 0, stop: 2 } as const;
/** Stops too much where the shutter is held: beyond the second the picture is white. Common practice, no source. */
export const BRIGHT_STOPS = { watch: 0.5, stop: 2 } as const;
/** Share of a wish that counts as come true. */
const WISHED = 0.5;
/** Nearer the picture's edge than that the sun on the glass is worth a hood, degrees. Common practice, no source. */
export const VEIL_DEG = 15;
/** Stops by which the ground may come out too dark beside the sky. Common practice, no source. */
export const GROUND_STOPS = 0.9;
const percent = (share: number): string => (share < 0.01 ? 'less than 1 %' : `${Math.round(share * 100)} %`);
const stops = (n: number): string => `${n.toFixed(1)} ${Math.abs(n - 1) < 0.05 ? 'stop' : 'stops'}`;
const over = (value: number, { watch, stop }: { readonly watch: number; readonly stop: number }): Verdict => {
  if (value > stop) return 'stop';
  return value > watch ? 'watch' : 'good';
};

export const sunWords = ({ stanceNames }: SunMet): string =>
  stanceNames.length > 0 ? `the sun looks in: ${stanceNames.join(', ')}` : 'the sun stays out of the picture';

function sunFinding({ met }: LightFound, { ask, question: { moment } }: ShotScene): Finding | null {
  if (!met) return null;
  // Many like it in the picture: it spoils a shot only where it was to be kept out.
  const out = ask.sun !== undefined || ask.light === 'out';
  const liked = ask.light === 'in' || INTO_THE_SUN.includes(ask.light!);
  const seen = met.share > MET.watch && !liked ? 'watch' : 'good';
  const verdict = out ? over(met.share, MET) : seen;
  return {
    id: 'sun',
    label: 'sun in the picture',
    verdict,
    value: met.share * 100,
    unit: '%',
    limit: [null, MET.watch * 100],
    margin: (MET.watch - met.share) * 100,
    because: `${sunWords(met)}${ask.sun && moment?.headingDeg == null ? ', as it was told to stand' : ''}`,
    mend:
      verdict === 'good' ? null : { text: 'ride it the other way, or at an hour that the Light sheet shows as clear' },
  };
}

/** What was wished of the light and how far it comes true: a place that misses it is told, none is turned away for it. */
function wishFinding(found: LightFound, { ask }: ShotScene): Finding | null {
  // Kept out is judged above.
  if (!ask.light || ask.light === 'out') return null;
  const met = wishMet(found, ask.light);
  if (met === null) return null;
  const good = met >= WISHED;
  return {
    id: 'wish',
    label: WISH_WORDS[ask.light],
    verdict: good ? 'good' : 'watch',
    value: met * 100,
    unit: '%',
    limit: [WISHED * 100, null],
    margin: (met - WISHED) * 100,
    because: good ? 'as it was asked for' : `asked for, and not so from here at that hour on that way`,
    mend: good ? null : { text: 'another heading or hour, or a place that looks the other way' },
  };
}

function veilFinding({ met }: LightFound): Finding | null {
  if (!met || met.veiledShare === 0) return null;
  const near = met.veiledFromDeg < VEIL_DEG;
  return {
    id: 'veil',
    label: 'sun on the glass',
    verdict: near ? 'watch' : 'good',
    value: met.veiledFromDeg,
    unit: '°',
    limit: [VEIL_DEG, null],
    margin: met.veiledFromDeg - VEIL_DEG,
    because: near
      ? `the sun stands ${met.veiledFromDeg.toFixed(0)}° outside the picture and shines on the lens for ${percent(met.veiledShare)} of the ride: a veil over the colours, drops and dust light up`
      : `the sun shines on the lens from ${met.veiledFromDeg.toFixed(0)}° outside the picture: a clean lens bears it`,
    mend: near ? { text: 'wipe the lens, shade it with a hood, or turn it a little away' } : null,
  };
}

const minutesWords = (seconds: number): string =>
  seconds < 90 ? `${Math.round(seconds)} s` : `${(seconds / 60).toFixed(seconds < 600 ? 1 : 0)} min`;

/** Lights drawn out: whether the shutter stays open long enough for it, how long a streak gets, and how long the film takes. */
function streakFinding({ exposureS }: LightFound, { intent, resolved, ride, question }: ShotScene): Finding | null {
  if (!intent.exposedS) return null;
  const [least, most] = intent.exposedS;
  const { mode, setUp } = resolved;
  const longest = longestExposureS(mode.framesPerSecond);
  const margin = Math.min(exposureS - least, most - exposureS);
  const taking = takingS(question.seconds ?? intent.seconds, mode.framesPerSecond);
  const because = !mode.stills
    ? `film at ${mode.framesPerSecond} pictures a second opens for ${exposureWords(longest)} at most: stills at intervals draw lights out`
    : exposureS < least
      ? `the shutter opens for ${exposureWords(exposureS)}: ${setUp.shutterS === undefined ? 'it is too light yet, streaks begin at night' : 'held so short'}, from ${exposureWords(least)} on`
      : `open for ${exposureWords(exposureS)} a lamp ${LAMP.asideM} m beside the way is drawn over ${Math.round(streakDeg(ride.speedMps, exposureS))}°; ${Math.round(question.seconds ?? intent.seconds)} s of film take ${minutesWords(taking)} of ride`;
  return {
    id: 'streaks',
    label: 'streaks of light',
    verdict: margin >= 0 ? 'good' : 'stop',
    value: exposureS,
    unit: 's',
    limit: [least, most],
    margin,
    because,
    mend:
      margin >= 0
        ? null
        : {
            text: mode.stills
              ? 'after dark, or grey glass before the lens'
              : 'a camera and mode that take stills at intervals',
          },
  };
}

function exposureFinding({ iso, exposureS }: LightFound, { resolved }: ShotScene): Finding {
  const { camera, setUp } = resolved;
  const dark = Math.log2(iso / camera.poorIso.value);
  const bright = Math.log2(100 / iso);
  const held = setUp.shutterS !== undefined;
  const shutter = exposureWords(exposureS);
  if (bright > BRIGHT_STOPS.watch) {
    const nd = 2 ** Math.ceil(bright);
    return {
      id: 'too-bright',
      label: 'too much light',
      verdict: over(bright, BRIGHT_STOPS),
      value: bright,
      unit: 'stops',
      limit: [null, BRIGHT_STOPS.watch],
      margin: BRIGHT_STOPS.watch - bright,
      because: `${stops(bright)} too much light at ${shutter}: what is bright turns white`,
      mend: { text: `a grey filter of factor ${nd} (ND${nd})${held ? ', or a shorter shutter' : ''}` },
    };
  }
  const verdict = over(dark, DARK_STOPS);
  return {
    id: 'too-dark',
    label: 'enough light',
    verdict,
    value: Math.max(0, dark),
    unit: 'stops',
    limit: [null, DARK_STOPS.watch],
    margin: DARK_STOPS.watch - dark,
    because:
      verdict === 'good'
        ? `${shutter} at ${isoWords(iso)}`
        : `${shutter} takes ${isoWords(iso)}; this camera's picture is poor from about ${isoWords(camera.poorIso.value)}: ${stops(dark)} too dark`,
    mend:
      verdict === 'good'
        ? null
        : {
            text:
              (setUp.ndStops ?? 0) > 0
                ? 'take the grey filter off'
                : 'an earlier hour, half the pictures a second, or a camera with a bigger sensor',
          },
  };
}

/** Only where the way or the ground is what the shot is about: behind a face or a far craft it may be dark. */
function groundFinding({ groundOffStops }: LightFound, { intent }: ShotScene): Finding | null {
  const wanted = intent.wants.some(
    ({ of, share }) => share[0] > 0 && of.groups?.some((group) => group === 'way' || group === 'ground'),
  );
  if (!wanted) return null;
  const low = -groundOffStops;
  const verdict: Verdict = low > GROUND_STOPS ? 'watch' : 'good';
  return {
    id: 'ground-dark',
    label: 'way ahead beside the sky',
    verdict,
    value: low,
    unit: 'stops',
    limit: [null, GROUND_STOPS],
    margin: GROUND_STOPS - low,
    because:
      verdict === 'watch'
        ? `so much sky makes the automatic exposure darken the way ahead by ${stops(low)} (estimate)`
        : `the automatic exposure keeps the way ahead within ${stops(Math.abs(low))} (estimate)`,
    mend:
      verdict === 'watch'
        ? {
            text: 'tilt lower, or lock the exposure on the way; minus one stop keeps the sky for those who lift the shadows afterwards',
          }
        : null,
  };
}

function shadowFinding({ shadow }: LightFound): Finding | null {
  if (!shadow) return null;
  const seen = shadow.share > SHADOW.share || shadow.ofCamera > SHADOW.ofCamera;
  return {
    id: 'own-shadow',
    label: 'own shadow in the picture',
    verdict: seen ? 'watch' : 'good',
    value: shadow.share * 100,
    unit: '%',
    limit: [null, SHADOW.share * 100],
    margin: (SHADOW.share - shadow.share) * 100,
    because:
      shadow.share === 0
        ? 'it falls outside of the picture'
        : `${percent(shadow.share)} of the picture lies in your own shadow${shadow.ofCamera > 0 ? `, ${percent(shadow.ofCamera)} in the camera's and strut's` : ''}`,
    mend: seen ? { text: 'film from the other side, ride it the other way, or wait for a higher sun' } : null,
  };
}

/** Sliced or bent blades show from about half a pass on, until a blade is blurred over a good part of the way to the next. Common practice, no source. */
export const SLICES = { from: 0.5, blurredBy: 0.8 } as const;

function bladesFinding({ blades, exposureS }: LightFound): Finding | null {
  if (!blades) return null;
  const { name, slices, blurred, passesHz } = blades;
  const sliced = slices > SLICES.from && blurred < SLICES.blurredBy;
  const nd = 2 ** Math.ceil(Math.log2(1 / passesHz / exposureS));
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
          text: `a shutter of ${exposureWords(1 / passesHz)} or longer: a grey filter of factor ${nd} (ND${nd}), or less light; or the blades out of the picture`,
        }
      : null,
  };
}

const LIT_WORDS = {
  front: 'the sun is at the camera’s back: what it looks at is lit from the front, flat and clear',
  side: 'the sun stands to the side: light and shade give it shape',
  behind: 'the sun is behind what it looks at: back light, outlines glow and faces are dark',
} as const;

function litFinding({ lit, toSunDeg }: LightFound, { intent, ask }: ShotScene): Finding | null {
  if (!lit || toSunDeg === null) return null;
  const face = intent.role === 'face';
  const dark = lit === 'behind' && face && !INTO_THE_SUN.includes(ask.light!);
  return {
    id: 'lit',
    label: 'from the lens to the sun',
    verdict: dark ? 'watch' : 'good',
    value: toSunDeg,
    unit: '°',
    limit: [face ? BACK_LIT_DEG : 0, 180],
    margin: toSunDeg - (face ? BACK_LIT_DEG : 0),
    because: dark ? 'the sun is behind the face: it comes out dark' : LIT_WORDS[lit],
    mend: dark ? { text: 'ride it the other way, or lock the exposure on the face' } : null,
  };
}

export function judgeLight(found: LightFound, scene: ShotScene): CheckResult {
  const findings = [
    sunFinding(found, scene),
    wishFinding(found, scene),
    streakFinding(found, scene),
    exposureFinding(found, scene),
    shadowFinding(found),
    veilFinding(found),
    groundFinding(found, scene),
    litFinding(found, scene),
    bladesFinding(found),
  ];
  return worstFirst(
    'light',
    findings.flatMap((finding) => finding ?? []),
  );
}
