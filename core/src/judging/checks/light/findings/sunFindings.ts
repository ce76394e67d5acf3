import type { Finding } from '../../../../words/check/result';
import type { LightWish } from '../../../../words/shot/ask';
import type { ShotScene } from '../../../scene/shotScene';
import type { LightAt } from '../found/lightFound';
import { BACK_LIT_DEG, overWays, type SunOnWay } from '../found/sunOnWays';
import { WISH_WORDS, wishMet } from '../lightWish';
import { MET, SHADOW, VEIL_DEG } from '../limits';
import { compassWords, over, percent } from './words';

/** Wishes of which dark faces and a bright edge are part. */
const INTO_THE_SUN: readonly LightWish[] = ['behind', 'silhouette'];
/** Share of a wish that counts as come true. */
const WISHED = 0.5;
/** Of a ride every way with the face in back light: more of it is told as a trouble. Common practice, no source. */
const OFTEN_DARK = 0.5;

/** "on the way north and north-east", where something holds on some of several ways; nothing where there is one. */
function waysWords(ways: readonly SunOnWay[], holds: (way: SunOnWay) => boolean): string {
  const which = ways.filter(holds).flatMap(({ headingDeg }) => headingDeg ?? []);
  if (ways.length < 2 || which.length === 0 || which.length === ways.length) return '';
  return ` on the way ${which.map(compassWords).join(', ')}`;
}

export function sunWords(ways: readonly SunOnWay[]): string {
  const stances = new Set(ways.flatMap(({ met }) => met.stanceNames));
  return stances.size > 0
    ? `the sun looks in: ${[...stances].join(', ')}${waysWords(ways, ({ met }) => met.share > 0)}`
    : 'the sun stays out of the picture';
}

function sunFinding({ ways }: LightAt, { ask }: ShotScene): Finding | null {
  if (ways.length === 0) return null;
  const share = overWays(ways, ({ met }) => met.share);
  // Many like it in the picture: it spoils a shot only where it was to be kept out.
  const out = ask.sun !== undefined || ask.light === 'out';
  const liked = ask.light === 'in' || INTO_THE_SUN.includes(ask.light!);
  const seen = share > MET.watch && !liked ? 'watch' : 'good';
  const verdict = out ? over(share, MET) : seen;
  const told = ways.some(({ headingDeg }) => headingDeg === null);
  return {
    id: 'sun',
    label: 'sun in the picture',
    verdict,
    value: share * 100,
    unit: '%',
    limit: [null, MET.watch * 100],
    margin: (MET.watch - share) * 100,
    because: `${sunWords(ways)}${told ? ', as it was told to stand' : ''}`,
    mend:
      verdict === 'good'
        ? null
        : {
            text: `${ways.length > 1 ? 'film the stretches that go away from it' : 'ride it the other way'}, or at an hour that the Light sheet shows as clear`,
          },
  };
}

/** What was wished of the light and how far it comes true: a place that misses it is told, none is turned away for it. */
function wishFinding(found: LightAt, { ask }: ShotScene): Finding | null {
  // Kept out is judged above.
  if (!ask.light || ask.light === 'out') return null;
  const met = wishMet({ ways: found.ways, later: [] }, ask.light);
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

function veilFinding({ ways }: LightAt): Finding | null {
  const veiled = overWays(ways, ({ met }) => met.veiledShare);
  if (veiled === 0) return null;
  const fromDeg = Math.min(...ways.map(({ met }) => met.veiledFromDeg));
  const near = fromDeg < VEIL_DEG;
  return {
    id: 'veil',
    label: 'sun on the glass',
    verdict: near ? 'watch' : 'good',
    value: fromDeg,
    unit: '°',
    limit: [VEIL_DEG, null],
    margin: fromDeg - VEIL_DEG,
    because: near
      ? `the sun stands ${fromDeg.toFixed(0)}° outside the picture and shines on the lens for ${percent(veiled)} of the ride: a veil over the colours, drops and dust light up`
      : `the sun shines on the lens from ${fromDeg.toFixed(0)}° outside the picture: a clean lens bears it`,
    mend: near ? { text: 'wipe the lens, shade it with a hood, or turn it a little away' } : null,
  };
}

function shadowFinding({ ways }: LightAt): Finding | null {
  const cast = ways.flatMap((way) => (way.shadow ? [{ ...way, shadow: way.shadow }] : []));
  if (cast.length === 0) return null;
  const share = overWays(cast, ({ shadow }) => shadow!.share);
  const ofCamera = overWays(cast, ({ shadow }) => shadow!.ofCamera);
  const most = cast.reduce((a, b) => (b.shadow.share > a.shadow.share ? b : a));
  const seen = share > SHADOW.share || ofCamera > SHADOW.ofCamera;
  const one = cast.length === 1;
  return {
    id: 'own-shadow',
    label: 'own shadow in the picture',
    verdict: seen ? 'watch' : 'good',
    value: share * 100,
    unit: '%',
    limit: [null, SHADOW.share * 100],
    margin: (SHADOW.share - share) * 100,
    because:
      most.shadow.share === 0
        ? 'it falls outside of the picture'
        : `${one ? '' : 'on average '}${percent(share)} of the picture lies in your own shadow${ofCamera > 0 ? `, ${percent(ofCamera)} in the camera's and strut's` : ''}${one ? '' : `; up to ${percent(most.shadow.share)} on the way ${compassWords(most.headingDeg ?? 0)}`}`,
    mend: seen
      ? {
          text: one
            ? 'film from the other side, ride it the other way, or wait for a higher sun'
            : 'wait for a higher sun, or film the stretches that go toward it',
        }
      : null,
  };
}

const LIT_WORDS = {
  front: 'the sun is at the camera’s back: what it looks at is lit from the front, flat and clear',
  side: 'the sun stands to the side: light and shade give it shape',
  behind: 'the sun is behind what it looks at: back light, outlines glow and faces are dark',
} as const;

function litFinding({ ways }: LightAt, { intent, ask }: ShotScene): Finding | null {
  const [first] = ways;
  if (!first) return null;
  const face = intent.role === 'face';
  const behind = overWays(ways, ({ lit }) => (lit === 'behind' ? 1 : 0));
  const dark = behind > OFTEN_DARK && face && !INTO_THE_SUN.includes(ask.light!);
  const { toSunDeg } = first;
  const oftenDark = OFTEN_DARK * 100;
  const every = `back light for ${percent(behind)} of the ride, front light for ${percent(overWays(ways, ({ lit }) => (lit === 'front' ? 1 : 0)))}`;
  return {
    id: 'lit',
    label: 'angle to the sun',
    verdict: dark ? 'watch' : 'good',
    ...(ways.length > 1
      ? {
          value: behind * 100,
          unit: '%',
          limit: [null, face ? oftenDark : 100],
          margin: (face ? oftenDark : 100) - behind * 100,
        }
      : {
          value: toSunDeg,
          unit: '°',
          limit: [face ? BACK_LIT_DEG : 0, 180],
          margin: toSunDeg - (face ? BACK_LIT_DEG : 0),
        }),
    because: dark
      ? `the sun is behind the face${ways.length > 1 ? ` for ${percent(behind)} of the ride` : ''}: it comes out dark`
      : ways.length > 1
        ? every
        : LIT_WORDS[first.lit],
    mend: dark ? { text: 'ride it the other way, or lock the exposure on the face' } : null,
  };
}

/** Where the sun stands, and what it does to the picture. */
export const sunFindings = (found: LightAt, scene: ShotScene): readonly (Finding | null)[] => [
  sunFinding(found, scene),
  wishFinding(found, scene),
  shadowFinding(found),
  veilFinding(found),
  litFinding(found, scene),
];
