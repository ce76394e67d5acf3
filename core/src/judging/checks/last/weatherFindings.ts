import { goesUnder } from '../../../physics/holding/loads/dips';
import type { Dirt } from '../../../physics/lasting/onTheGlass';
import { USUAL_USE } from '../../../words/shot/use';
import type { Finding, Verdict } from '../../../words/check/result';
import type { ShotScene } from '../../scene/shotScene';
import { BREATH_BELOW_C, type LastFound } from './lastFound';
import { LOOK_MIN, SELDOM_MIN, type LensLooks } from './lensLooks';
import { durationWords } from '../../../mathematics/units/duration';

export function heatFinding({ warm, start }: LastFound, { question: { use, seconds }, intent }: ShotScene): Finding {
  const hot = warm.riding.endC > warm.limitC;
  const runMin = start === 'running' ? (use?.stintMin ?? USUAL_USE.stintMin) : (seconds ?? intent.seconds) / 60;
  const still = Number.isFinite(warm.still.limitMin)
    ? `recording in still air it switches off after about ${durationWords(warm.still.limitMin)}: stop it when you stop`
    : 'standing still it bears it too';
  const verdict: Verdict = hot ? (warm.riding.limitMin < runMin ? 'stop' : 'watch') : 'good';
  return {
    id: 'heat',
    label: 'warmth of its body',
    verdict,
    value: warm.riding.endC,
    unit: '°C',
    limit: [null, warm.limitC],
    margin: warm.limitC - warm.riding.endC,
    because: hot
      ? `under way it switches off after about ${durationWords(warm.riding.limitMin)}; ${still} (estimate)`
      : `under way it settles at ${Math.round(warm.riding.endC)} °C; ${still} (estimate)`,
    mend: hot
      ? { text: 'out of the sun or into the wind, takes in place of running through, fewer pictures a second' }
      : null,
  };
}

export function mistFindings({ mist }: LastFound, { ride }: ShotScene): Finding[] {
  const findings: Finding[] = [];
  if (mist.minutes > 0)
    findings.push({
      id: 'mist',
      label: 'mist on the lens',
      verdict: 'watch',
      value: mist.minutes,
      unit: 'min',
      limit: [null, 0],
      margin: -mist.minutes,
      because: `it comes out at ${Math.round(mist.glassC)} °C, and moisture settles on anything colder than ${Math.round(mist.dewC)} °C`,
      mend: { text: `unpack it ${durationWords(Math.max(1, mist.minutes))} before, or warm it in the hand, then wipe` },
    });
  if (mist.breath)
    findings.push({
      id: 'breath',
      label: 'breath on the lens',
      verdict: 'watch',
      value: ride.temperatureC,
      unit: '°C',
      limit: [BREATH_BELOW_C, null],
      margin: ride.temperatureC - BREATH_BELOW_C,
      because: `your breath comes by, and at ${Math.round(ride.temperatureC)} °C it settles on the glass`,
      mend: { text: 'breathe out past it, a water-repellent wipe, or a place to the side of the mouth' },
    });
  return findings;
}

export const CLEAN: Readonly<Record<Dirt['kind'], string>> = {
  mud: 'rinse mud off with water, then dab: never rub it dry',
  water: 'a water-repellent wipe before, a soft cloth in a dry pocket',
  spray: 'a water-repellent wipe before, a lick and a dip clear drops, fresh water against salt',
  wash: 'a lick or a dip just before each take: drops stay where the glass half dried',
  rain: 'a water-repellent wipe before, lens down between takes, a soft cloth in a dry pocket',
  snow: 'brush it off, never breathe on it, a cloth in a dry pocket',
  dust: 'blow it off before you wipe',
};

export function lensFinding({ dirt, lookMin }: LensLooks): Finding | null {
  const [worst] = dirt;
  if (!worst) return null;
  const often = lookMin < LOOK_MIN;
  return {
    id: 'lens',
    label: 'a clean lens',
    verdict: often ? 'watch' : 'good',
    value: lookMin,
    unit: 'min',
    limit: [LOOK_MIN, null],
    margin: lookMin - LOOK_MIN,
    because: `${
      worst.kind === 'dust' || worst.kind === 'wash'
        ? worst.from
        : `${worst.kind} from ${worst.from}`
            .replace(/^(rain|snow) from (rain|falling snow)$/, '$2')
            .replace(/^spray from spray$/, 'spray')
            .replace(/^snow from thrown snow$/, 'thrown snow')
    }: ${lookMin < SELDOM_MIN ? `look at the lens about every ${durationWords(lookMin)} (estimate, within a factor of three)` : 'hardly any, wipe it before you start (estimate)'}`,
    mend: often ? { text: CLEAN[worst.kind] } : null,
  };
}

const BEARS = ['none', 'splashes', 'rain', 'dips'] as const;
const SPRAY = BEARS.indexOf('rain');

/** What water comes to a camera there, by what it must bear. */
export function waterFinding(
  { shelter, lookMin, dirt }: Pick<LastFound, 'shelter' | 'lookMin' | 'dirt'>,
  { ride, machine, resolved }: ShotScene,
): Finding | null {
  if (shelter === 'closed') return null;
  const [needs, because] = ((): [number, string] => {
    if (goesUnder(machine)) return [3, 'it goes under with the board'];
    if (machine.world === 'water') return [2, 'spray comes over it'];
    if (ride.weatherId === 'rain') return [2, 'it rains on it'];
    if (ride.weatherId === 'snowfall') return [1, 'snow melts on it'];
    const wet = dirt.some((d) => d.kind === 'mud' || d.kind === 'water') && lookMin < 60;
    return wet ? [1, 'it is splashed'] : [0, ''];
  })();
  const bears = BEARS.indexOf(resolved.camera.lasting.water);
  const short = needs - bears;
  if (short <= 0) return null;
  // Spray comes again and again, and is salt on the sea: what bears a splash does not bear that.
  const drowns = short > 1 || (machine.world === 'water' && bears < SPRAY);
  return {
    id: 'water',
    label: 'water that it does not bear',
    verdict: drowns ? 'stop' : 'watch',
    value: short,
    unit: '',
    limit: [null, 0],
    margin: -short,
    because: `${because}; ${resolved.camera.name.toLowerCase()}: ${resolved.camera.weather}`,
    mend: { text: 'a camera that bears it, a waterproof case or a bag around its body, or a place under cover' },
  };
}
