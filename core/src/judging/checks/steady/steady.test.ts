import { link, shakeAt } from '../../../../testing/shakes';
import { advisedReport } from '../../advice/advisedReport';
import { foundBy, shotReport } from '../../report/shotReport';
import { findingsOf } from '../../../words/check/result';
import { offsetAt, previewMotion } from '../../../physics/shaking/whole/previewMotion';
import { shakeOf } from '../../../physics/shaking/whole/shakeOf';
import { FIGURE_SCALES, figureWord, unsteadiness } from '../../../physics/shaking/figures/figures';

const shaky = shakeAt(
  'buggy',
  'cage-front',
  { stabiliserId: 'standard', links: [link('stand-off-hook', 0.03), link('long-arm', 0.28)] },
  { groundId: 'rooty-trail', speedMps: 10 },
);
const asked = { ...shaky, intentId: 'clear-ahead', horizonAt: null };

describe('a camera on a hook and a long arm', () => {
  const advised = advisedReport(asked, { only: ['steady'], spectra: true });
  const report = foundBy(advised, 'steady');
  const [check] = advised.checks;

  it('is stopped, with the piece that swings, its frequency and its share', () => {
    expect(check!.verdict).toBe('stop');
    expect(report.cause.resonance).toMatch(/hook swings/);
    const [worst] = findingsOf(check!);
    expect(worst!.because).toMatch(
      /% of it from rooty trail, most at [\d.]+ Hz, where the 30 mm stand-off hook swings/,
    );
    expect(worst!.because).toMatch(/may be [\d.]+ px to [\d.]+ px \(estimate; widest: /);
    expect(worst!.unit).toBe('px');
    expect(advised.mends.some(({ setUp }) => setUp?.links.length === 0)).toBe(true);
  });

  it('gets steadier by every mend, and is stopped no more after the best', () => {
    const [best] = advised.mends;
    const was = unsteadiness(shakeOf(shaky, { coarse: true }));
    for (const mend of advised.mends.filter((m) => m.setUp && !m.elsewhere))
      expect(unsteadiness(shakeOf({ ...shaky, setUp: mend.setUp! }, { coarse: true }))).toBeLessThan(was);
    expect(shotReport({ ...asked, setUp: best!.setUp! }, { only: ['steady'] }).checks[0]!.verdict).not.toBe('stop');
  });

  it('two other places at most are named, and what is steady gets no mend', () => {
    expect(advised.mends.filter((m) => m.elsewhere).length).toBeLessThanOrEqual(2);
    const still = { ...shakeAt('beside-the-course', 'tripod'), intentId: 'clear-ahead', horizonAt: null };
    expect(advisedReport(still, { only: ['steady'] }).mends).toEqual([]);
  });

  it('shares of the sources add up to the whole, and the strut’s share is what a stiff one would lack', () => {
    for (const figure of ['jump', 'jelly', 'blur'] as const) {
      const sum = Math.hypot(...report.contributions.map((c) => c[figure]));
      expect(sum).toBeCloseTo(report.px[figure], 9);
    }
    expect(report.cause.strutShare).toBeCloseTo(1 - (report.stiffPx / report.totalPx) ** 2, 9);
    expect(report.ways.up + report.ways.sideways + report.ways.round).toBeCloseTo(1, 9);
  });

  it('is plain data', () => {
    expect(structuredClone(report)).toEqual(report);
  });

  it('moves in the preview as much as it says: between pictures the jump, within one the jelly', () => {
    const motion = previewMotion(report.spectra!, report.ways);
    const rms = (values: number[]) => Math.sqrt(values.reduce((sum, v) => sum + v * v, 0) / values.length);
    const times = Array.from({ length: 4000 }, (_, i) => i * 0.0317);
    const between = Math.hypot(
      ...[motion.up, motion.sideways, motion.round].map((w) => rms(times.map((t) => offsetAt(w, t, t)))),
    );
    expect(between / report.px.jump).toBeGreaterThan(0.75);
    expect(between / report.px.jump).toBeLessThan(1.3);
    const within = (d: number) => rms(times.map((t) => offsetAt(motion.up, t, t + d) - offsetAt(motion.up, t, t)));
    expect(within(0)).toBe(0);
    expect(within(0.007)).toBeGreaterThan(within(0.002));
  });
});

it('says in words what people call it', () => {
  expect(figureWord('jelly', 0.1)).toBe('firm');
  expect(figureWord('jelly', FIGURE_SCALES.jelly.spoilt + 0.1)).toBe('jelly');
  expect(figureWord('jump', 100)).toBe('jumping all over');
});

it('smoothing what is calm already is told with what it costs; what shakes is not', () => {
  const finding = (spotId: string, machineId: string, over: object) => {
    const asked = {
      ...shakeAt(machineId, spotId, { stabiliserId: 'strong', ...over }),
      intentId: 'clear-ahead',
      horizonAt: null,
    };
    const [check] = shotReport(asked, { only: ['steady'] }).checks;
    return check && 'findings' in check ? check.findings.find((f) => f.id === 'smoothing') : undefined;
  };
  expect(finding('tripod', 'beside-the-course', {})!.because).toMatch(
    /slow and easy, and costs \d+ % of the picture’s width/,
  );
  expect(finding('tripod', 'beside-the-course', { stabiliserId: 'off' })).toBeUndefined();
  expect(finding('cage-front', 'buggy', {})).toBeUndefined();
});

it('a mend says in how many of 100 cases it is steadier, in most of them', () => {
  const { mends } = advisedReport(asked, { only: ['steady'] });
  const sure = mends
    .filter((m) => m.check === 'steady')
    .map((m) => Number(/steadier in (\d+) of 100 cases/.exec(m.text)?.[1]));
  expect(sure.length).toBeGreaterThan(0);
  for (const n of sure) expect(n).toBeGreaterThan(50);
});

it.each([
  ['level', 'cage-camera', 85, 'm'],
  ['upright', 'cage-camera', 0, '°'],
  ['under a thumb camera', 'thumb-camera', 85, 'g'],
])('a spring arm %s is told by a figure with a limit that fits its verdict', (_, cameraId, bendDeg, unit) => {
  const setUp = { cameraId, modeId: 'wide', stabiliserId: 'off', links: [link('spring-arm', 0.3, bendDeg)] };
  const question = { ...shakeAt('coupe', 'bonnet', setUp), intentId: 'clear-ahead', horizonAt: null };
  const [check] = shotReport(question, { only: ['steady'] }).checks;
  const told = findingsOf(check!).find(({ id }) => id === 'spring-arm')!;
  expect(told).toMatchObject({ label: 'spring arm', unit });
  expect(told.limit.some((end) => end !== null)).toBe(true);
  expect(told.verdict === 'good').toBe(told.margin >= 0);
});
