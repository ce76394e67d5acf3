import type { ShakeCause } from '../../../physics/shaking/whole/cause';
import type { Landing } from '../../../physics/shaking/whole/landing';
import { hertzWords } from '../../../physics/shaking/mount/mountModel';
import { STEEP_DEG } from '../../../physics/shaking/mount/springArm';
import { ESTIMATE_GROUP_NAMES } from '../../../physics/shaking/ends/rangeEnds';
import type { Shake } from '../../../physics/shaking/whole/shakeOf';
import type { FigureRange } from '../../../physics/shaking/whole/shakeRange';
import {
  FIGURE_SCALES,
  FIGURES,
  figureVerdict,
  figureWord,
  pxWords,
  type Figure,
} from '../../../physics/shaking/figures/figures';
import { worstFirst, type CheckResult, type Finding } from '../../../words/check/result';

/** What is judged; ranges are null while they are not computed. */
export interface SteadyEvidence {
  readonly px: Readonly<Record<Figure, number>>;
  readonly runsOut: Shake['runsOut'];
  readonly cause: ShakeCause;
  readonly ranges: Readonly<Record<Figure, FigureRange>> | null;
  readonly landing: Landing | null;
  readonly spring: Shake['spring'];
  /** Everything without a stabiliser, pixels rms; and of the angle what the stabiliser keeps, 1 = all. */
  readonly totalPx: number;
  readonly kept: number;
  /** Pixels of the picture as it is recorded, across and down. */
  readonly recordedPx: readonly [across: number, down: number];
}

const LABELS: Readonly<Record<Figure, string>> = {
  jump: 'jump, picture to picture',
  jelly: 'jelly, line to line',
  blur: 'blur of shaking',
};

/** A landing that swings the picture further than this is seen. Estimate 20 to 80 px. */
export const LANDING_NOTICED_PX = 40;

/** Lines of the film as it is shown; what has fewer is enlarged to it. Common practice (high definition, ITU-R BT.709). */
const DELIVERED_LINES = 1080;

/** What moves by less without a stabiliser is as steady as people are used to. Estimate 7 to 12 px. */
const EASY_PX = 10;
/** A stabiliser that keeps less of the width smooths hard. Common practice, no source. */
const FIRM_KEEPS = 0.85;

/**
 * How steady is the picture? Figures are pixels rms of a 1080-line picture; see docs/models.md, Steady.
 * @param borne so many times the shaking that spoils another shot is borne by this one @param fast whether it should feel fast and raw
 */
export function judgeSteady(
  { px, runsOut, cause, ranges, landing, spring, totalPx, kept, recordedPx }: SteadyEvidence,
  borne = 1,
  fast = false,
): CheckResult {
  const findings: Finding[] = FIGURES.map((figure) => figureFinding(figure, { px, cause, ranges }, borne));
  if (runsOut) {
    const { name, neededDeg, reachDeg } = runsOut;
    findings.push({
      id: 'reach',
      label: 'stabiliser’s reach',
      verdict: 'watch',
      value: neededDeg,
      unit: '°',
      limit: [null, reachDeg],
      margin: reachDeg - neededDeg,
      because: `${name} runs out: slow movement needs ${neededDeg.toFixed(1)}° each way (three times its rms), it can go ${reachDeg.toFixed(1)}°`,
      mend: null,
    });
  }
  if (kept < 1 && totalPx < (kept < FIRM_KEEPS ? EASY_PX : FIGURE_SCALES.jump.noticed)) {
    findings.push({
      id: 'smoothing',
      label: 'smoothing',
      verdict: fast && kept < FIRM_KEEPS ? 'watch' : 'good',
      value: totalPx,
      unit: 'px',
      limit: [EASY_PX, null],
      margin: totalPx - EASY_PX,
      because: `without the stabiliser it moves by ${pxWords(totalPx)}, which spoils nothing: smoothed like this it looks slow and easy, and costs ${Math.round((1 - kept) * 100)} % of the picture’s width`,
      mend: fast && kept < FIRM_KEEPS ? { text: 'a lighter setting of the stabiliser keeps the feel' } : null,
    });
  }
  if (kept < 1) {
    const [across, down] = recordedPx.map((pixels) => Math.round(pixels * kept)) as [number, number];
    const lines = Math.min(across, down);
    findings.push({
      id: 'pixels',
      label: 'pixels that are left',
      verdict: lines < DELIVERED_LINES ? 'watch' : 'good',
      value: lines,
      unit: 'px',
      limit: [DELIVERED_LINES, null],
      margin: lines - DELIVERED_LINES,
      because: `the stabiliser cuts ${recordedPx.join(' × ')} pixels down to ${across} × ${down} and enlarges them again${lines < DELIVERED_LINES ? `: fewer than the ${DELIVERED_LINES} lines that a film is shown with` : ''}`,
      mend: null,
    });
  }
  if (spring) findings.push(springFinding(spring));
  if (landing) {
    const { peakG, swingPx, ringsS } = landing;
    findings.push({
      id: 'landing',
      label: 'landing',
      verdict: swingPx > LANDING_NOTICED_PX ? 'watch' : 'good',
      value: swingPx,
      unit: 'px',
      limit: [null, LANDING_NOTICED_PX],
      margin: LANDING_NOTICED_PX - swingPx,
      because: `a landing of at most ${peakG.toFixed(1)} g swings the picture by up to ${pxWords(swingPx)} for ${ringsS.toFixed(1)} s (upper end)`,
      mend: null,
    });
  }
  return worstFirst('steady', findings);
}

function springFinding({
  name,
  frequencyHz,
  carriedKg,
  carries,
  travelM,
  steepDeg,
  swingM,
  stuck,
}: NonNullable<Shake['spring']>): Finding {
  const kilograms = (kg: number) => `${kg.toFixed(1)} kg`;
  const centimetres = (m: number) => `${(m * 100).toFixed(m < 0.0995 ? 1 : 0)} cm`;
  const because = {
    'too light': `its spring can be turned down to ${kilograms(carries.low)}; ${kilograms(carriedKg)} leave it at its upper stop, where it is a plain arm`,
    'too heavy': `its spring can be turned up to ${kilograms(carries.high)}; ${kilograms(carriedKg)} press it onto its lower stop, where it is a plain arm`,
    'too steep': 'it springs only as far as it lies level; as steep as this it is a plain arm: bend it level',
    none:
      swingM > travelM
        ? `turned to carry ${kilograms(carriedKg)} it swings at about ${hertzWords(frequencyHz)} and would go ${centimetres(swingM)} either way (three times its rms); it can go ${centimetres(travelM)} and hits its stops`
        : `turned to carry ${kilograms(carriedKg)} it swings at about ${hertzWords(frequencyHz)}: up, down and aside it takes up what is faster, by ${centimetres(swingM)} of its ${centimetres(travelM)}; turning comes through`,
  }[stuck ?? 'none'];
  return {
    id: 'spring-arm',
    label: name,
    verdict: stuck || swingM > travelM ? 'watch' : 'good',
    ...(stuck === null
      ? { value: swingM, unit: 'm', limit: [null, travelM], margin: travelM - swingM }
      : stuck === 'too steep'
        ? { value: steepDeg, unit: '°', limit: [null, STEEP_DEG], margin: STEEP_DEG - steepDeg }
        : {
            value: carriedKg * 1000,
            unit: 'g',
            limit: [carries.low * 1000, carries.high * 1000],
            margin: 1000 * Math.min(carriedKg - carries.low, carries.high - carriedKg),
          }),
    because,
    mend: null,
  };
}

function figureFinding(
  figure: Figure,
  { px: all, cause, ranges }: Pick<SteadyEvidence, 'px' | 'cause' | 'ranges'>,
  borne: number,
): Finding {
  const px = all[figure];
  const range = ranges?.[figure] ?? null;
  const { noticed, spoilt } = FIGURE_SCALES[figure];
  const verdict = figureVerdict(figure, px, borne);
  const between = range
    ? `, may be ${pxWords(range.low)} to ${pxWords(range.high)} (estimate; widest: ${ESTIMATE_GROUP_NAMES[range.mostly]})${atWorst(figure, px, range, borne)}`
    : '';
  const why = figure === cause.figure ? `; ${causeWords(cause)}` : '';
  return {
    id: figure,
    label: LABELS[figure],
    verdict,
    value: px,
    unit: 'px',
    limit: [null, noticed],
    margin: noticed - px,
    because: `${figureWord(figure, px)}: ${pxWords(px)} rms of a 1080-line picture${between}; spoils ${borne === 1 ? 'a' : 'such a'} shot from ${pxWords(spoilt * borne)}${why}`,
    mend: null,
  };
}

/** The verdict at the worse end, where it differs. */
function atWorst(figure: Figure, px: number, { high }: FigureRange, borne: number): string {
  const worse = figureVerdict(figure, high, borne);
  return worse === figureVerdict(figure, px, borne) ? '' : `, at the worse end ${worse}`;
}

const SLOW_HZ = 2;

/** "86 % of it from rooty trail, most at 44 Hz: the strut rocks on its tube clamp" */
export const causeWords = ({ share, sourceName, frequencyHz, resonance, strutShare }: ShakeCause): string =>
  `${Math.round(share * 100)} % of it from ${sourceName}, ${resonance ? `most at ${hertzWords(frequencyHz)}, where ${resonance}` : frequencyHz < SLOW_HZ ? 'most of it slow, below 2 Hz' : `most at ${hertzWords(frequencyHz)}`}${strutShare > 0.3 ? `; the strut itself adds ${Math.round(strutShare * 100)} % of all shaking` : ''}`;
