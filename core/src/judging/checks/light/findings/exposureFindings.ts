import { filterStopsOf } from '../../../../physics/light/exposing';
import { exposureWords, isoWords } from '../../../../physics/light/exposure';
import { WHITE_STOPS } from '../../../../physics/light/metering';
import type { Finding, Verdict } from '../../../../words/check/result';
import { METERING_WORDS, type Metering } from '../../../../words/kit/metering';
import { lightById } from '../../../../words/ride/lights';
import type { ShotScene } from '../../../scene/shotScene';
import type { LightAt } from '../found/lightFound';
import { BRIGHT_STOPS, CHANGES_STOPS, DARK_STOPS, GROUND_STOPS, SKY_WHITE } from '../limits';
import { filterWords, over, percent, stops } from './words';

function exposureFinding({ iso, exposureS, darkStops, brightStops }: LightAt, { resolved }: ShotScene): Finding {
  const { camera, setUp } = resolved;
  const held = setUp.shutterS !== undefined;
  const shutter = exposureWords(exposureS);
  if (brightStops > BRIGHT_STOPS.watch) {
    const fits = camera.filterFittings.length > 0;
    return {
      id: 'too-bright',
      label: 'too much light',
      verdict: over(brightStops, BRIGHT_STOPS),
      value: brightStops,
      unit: 'stops',
      limit: [null, BRIGHT_STOPS.watch],
      margin: BRIGHT_STOPS.watch - brightStops,
      because: `${stops(brightStops)} too much light at ${shutter}: what is bright turns white`,
      mend: {
        text: [
          ...(fits ? [filterWords(brightStops)] : []),
          ...(held ? ['a shorter shutter'] : []),
          ...(camera.apertureToN === undefined ? [] : ['a smaller opening']),
        ].join(', or '),
      },
    };
  }
  const grain = Math.log2(iso / camera.poorIso.value);
  const dark = Math.max(0, grain) + darkStops;
  const verdict = over(dark, DARK_STOPS);
  const capped = darkStops > 0.05;
  return {
    id: 'too-dark',
    label: 'enough light',
    verdict,
    value: dark,
    unit: 'stops',
    limit: [null, DARK_STOPS.watch],
    margin: DARK_STOPS.watch - (capped ? dark : grain),
    because:
      verdict === 'good'
        ? `${shutter} at ${isoWords(iso)}`
        : capped
          ? `${shutter} at ${isoWords(iso)}, ${setUp.isoMost === undefined ? 'the most that it has' : 'the most that it may take'}: the picture comes out ${stops(darkStops)} dark${grain > 0 ? `, and poor from ${isoWords(camera.poorIso.value)} on` : ''}`
          : `${shutter} takes ${isoWords(iso)}; this camera's picture is poor from about ${isoWords(camera.poorIso.value)}: ${stops(dark)} too dark`,
    mend:
      verdict === 'good'
        ? null
        : {
            text:
              (setUp.ndStops ?? 0) > 0
                ? 'take the ND filter off'
                : capped && setUp.isoMost !== undefined && grain <= 0
                  ? 'let it take more gain: noise is easier to bear than black'
                  : 'an earlier hour, half the pictures a second, or a camera with a bigger sensor',
          },
  };
}

const TOO_MUCH_SKY: Readonly<Record<Metering, string>> = {
  whole: 'so much sky',
  middle: 'so much sky in its middle',
};

/** Only where the way or the ground is what the shot is about: behind a face or a far craft it may be dark. */
function groundFinding(
  { groundOffStops }: LightAt,
  { intent, resolved: { setUp, camera } }: ShotScene,
): Finding | null {
  const wanted = intent.wants.some(
    ({ of, share }) => share[0] > 0 && of.groups?.some((group) => group === 'way' || group === 'ground'),
  );
  if (!wanted) return null;
  const low = -groundOffStops;
  const verdict: Verdict = low > GROUND_STOPS ? 'watch' : 'good';
  const byHand = setUp.compensation
    ? `, ${stops(Math.abs(setUp.compensation))} ${setUp.compensation > 0 ? 'more' : 'less'} by hand`
    : '';
  return {
    id: 'ground-dark',
    label: 'exposure of the way ahead',
    verdict,
    value: low,
    unit: 'stops',
    limit: [null, GROUND_STOPS],
    margin: GROUND_STOPS - low,
    because: setUp.exposureLock
      ? `locked on the way ahead${byHand}: it comes out ${low > 0.05 ? `${stops(low)} dark` : 'as bright as it should'}`
      : verdict === 'watch'
        ? `${TOO_MUCH_SKY[camera.metering]} makes the automatic exposure darken the way ahead by ${stops(low)}${byHand} (estimate)`
        : `the automatic exposure, which looks at ${METERING_WORDS[camera.metering]}, keeps the way ahead within ${stops(Math.abs(low))}${byHand} (estimate)`,
    mend:
      verdict === 'watch'
        ? {
            text: 'tilt lower, or lock the exposure on the way; minus one stop keeps the sky for those who lift the shadows afterwards',
          }
        : null,
  };
}

/** A sky that turns white takes its clouds along. */
function skyFinding({ skyOffStops }: LightAt, { framed, resolved: { setUp } }: ShotScene): Finding | null {
  const share = framed().weightedShares.sky;
  if (share < SKY_WHITE.share) return null;
  const white = skyOffStops - WHITE_STOPS;
  const verdict: Verdict = white > SKY_WHITE.stops ? 'watch' : 'good';
  return {
    id: 'sky-white',
    label: 'highlights of the sky',
    verdict,
    value: white,
    unit: 'stops',
    limit: [null, SKY_WHITE.stops],
    margin: SKY_WHITE.stops - white,
    because:
      verdict === 'watch'
        ? `the sky, ${percent(share)} of the picture, lies ${stops(white)} over white${setUp.exposureLock ? ', since the exposure is locked on the way' : ''}: its clouds are lost (estimate)`
        : `the sky stays ${stops(Math.max(0, -white))} below white (estimate)`,
    mend: verdict === 'watch' ? { text: 'minus one stop, or a lower tilt' } : null,
  };
}

const PACE_WORDS = {
  quick: {
    free: 'sun and shade change every few metres: an automatic exposure pumps after them',
    locked: 'locked: spots of sun turn white, nothing pumps',
  },
  slow: {
    free: 'sun comes and goes: the automatic follows within a second or two',
    locked: 'locked: with the next cloud the picture is that much too dark, in the next gap too bright',
  },
  'at the mouth': {
    free: 'at the mouth of a tunnel the picture is black, or white, for a second until the automatic has followed',
    locked: 'locked: inside the tunnel, or outside of it, there is nothing to be seen',
  },
} as const;

/** Light that goes up and down on the way. */
function changesFinding(_: LightAt, { ride, resolved: { setUp } }: ShotScene): Finding | null {
  const { changes } = lightById(ride.lightId);
  if (!changes) return null;
  const locked = setUp.exposureLock === true;
  const bad = { quick: !locked, slow: locked, 'at the mouth': true }[changes.pace];
  const off = bad ? changes.stops.value : 0;
  return {
    id: 'changes',
    label: 'light that changes',
    verdict: bad ? 'watch' : 'good',
    value: off,
    unit: 'stops',
    limit: [null, CHANGES_STOPS],
    margin: CHANGES_STOPS - off,
    because: `${PACE_WORDS[changes.pace][locked ? 'locked' : 'free']} (${stops(changes.stops.value)}, estimate)`,
    mend: !bad
      ? null
      : {
          text: {
            quick: 'lock the exposure on the way in half shade before the take',
            slow: 'leave the exposure to the camera',
            'at the mouth':
              'two takes, one outside and one inside, or lamps inside; let it follow and cut at the mouth',
          }[changes.pace],
        },
  };
}

/** Glass that does not go before this lens. */
function filterFinding(_: LightAt, { resolved: { camera, setUp } }: ShotScene): Finding | null {
  if (!(setUp.ndStops || setUp.polariser) || camera.filterFittings.length > 0) return null;
  return {
    id: 'filter-fits',
    label: 'filter',
    verdict: 'stop',
    value: filterStopsOf(setUp),
    unit: 'stops',
    limit: [null, 0],
    margin: -filterStopsOf(setUp),
    because: `no filter goes before the lens of a ${camera.name.toLowerCase()}`,
    mend: { text: 'take it off the list, or take another camera' },
  };
}

/** How bright the picture comes out. */
export const exposureFindings = (found: LightAt, scene: ShotScene): readonly (Finding | null)[] => [
  exposureFinding(found, scene),
  groundFinding(found, scene),
  skyFinding(found, scene),
  changesFinding(found, scene),
  filterFinding(found, scene),
];
