/** Facts of the trade as outcomes of the whole chain. Each is common practice, no source. */
import { INTENTS } from '../../../catalog/index.generated';
import { bikeRig, plainAt } from '../../../testing/rigs';
import { rankSpots } from '../../deciding/search/rankSpots';
import { standardCamera } from '../../posing/strut/plainSetUp';
import { foundBy, shotReport } from './shotReport';
import { frameSetUp } from '../../physics/framing/frameSetUp';

const rig = bikeRig();
const hands = INTENTS.find((intent) => intent.id === 'hands-and-trail')!;
const question = (spotId: string, tiltDeg: number, over = {}) => ({
  rig,
  setUp: plainAt(spotId, tiltDeg, over),
  intentId: hands.id,
  actionStanceId: 'crouch',
  horizonAt: null,
});
const inCrouch = (spotId: string, tiltDeg: number, over = {}) =>
  frameSetUp(rig, plainAt(spotId, tiltDeg, over), 'crouch').stances.find((s) => s.stanceId === 'crouch')!;

describe('a chest camera levelled while standing', () => {
  const report = shotReport(question('chest', 0));
  const { measures } = foundBy(report, 'frame').stances.find((s) => s.stanceId === 'crouch')!;

  it('films the bike and the near ground in the crouch, and almost no sky', () => {
    expect(measures.shares.sky).toBeLessThan(0.03);
    expect(measures.shares.machine + measures.shares.ground + measures.shares.hands).toBeGreaterThan(0.5);
  });

  it('is stopped by the frame check, with the tilt that mends it', () => {
    const [check] = report.checks;
    expect(check!.verdict).toBe('stop');
    const horizon = 'findings' in check! ? check.findings.find((f) => f.id === 'horizon')! : null;
    expect(horizon!.mend!.text).toMatch(/^tilt up \d+°$/);
    expect(horizon!.mend!.tiltDeg!).toBeGreaterThan(35);
  });

  it('tilted by the solved angle shows the hands in the lower half and the horizon in its band', () => {
    const mended = shotReport(question('chest', foundBy(report, 'frame').solved!.tiltDeg));
    const { horizon, parts } = foundBy(mended, 'frame').stances.find((s) => s.stanceId === 'crouch')!.measures;
    expect(horizon.heightFraction).toBeGreaterThan(hands.horizonBand![0]);
    expect(horizon.heightFraction).toBeLessThan(hands.horizonBand![1]);
    const bar = parts.find((p) => p.id === 'bar')!;
    expect(bar.share).toBeGreaterThan(0.005);
    expect(bar.centroidV).toBeGreaterThan(0.5);
    expect(mended.checks[0]!.verdict).not.toBe('stop');
  });
});

it('the top of the helmet shows no bars, the chin bar does', () => {
  const tall = { modeId: 'tallest' };
  const bars = (spotId: string, mode = tall as object) => {
    const { parts } = inCrouch(spotId, -11, mode).measures;
    return parts.filter((p) => ['bar', 'grips', 'levers', 'stem'].includes(p.id)).reduce((sum, p) => sum + p.share, 0);
  };
  // In the tallest picture there is a grip's end in a corner of it, in the ordinary wide one nothing at all.
  expect(bars('helmet-top')).toBeLessThan(0.0015);
  expect(bars('chin-bar')).toBeGreaterThan(0.01);
  expect(bars('helmet-top', {})).toBe(0);
});

it('the lower the mount, the faster it feels (common practice, no source)', () => {
  const feel = ['helmet-top', 'chin-bar', 'boot'].map((spotId) => inCrouch(spotId, -20).speedFeel!);
  expect(feel[0]!).toBeLessThan(feel[1]!);
  expect(feel[1]!).toBeLessThan(feel[2]!);
});

it('the upright 9:16 picture shows more of the height', () => {
  const across = shotReport(question('chest', 48));
  const upright = shotReport(question('chest', 48, { mounting: 'portrait-left' }));
  expect(upright.fieldOfViewDeg.vertical).toBeGreaterThan(across.fieldOfViewDeg.vertical * 1.5);
  expect(upright.fieldOfViewDeg.vertical).toBeCloseTo(across.fieldOfViewDeg.horizontal, 9);
});

it('a stabiliser cuts the angle of view', () => {
  const off = shotReport(question('chest', 48));
  const strong = shotReport(question('chest', 48, { stabiliserId: 'strong' }));
  expect(strong.fieldOfViewDeg.horizontal).toBeLessThan(off.fieldOfViewDeg.horizontal * 0.85);
});

it('asked for hands and trail, chest and chin bar come before the top of the helmet and the frame', () => {
  const order = rankSpots(rig, hands, standardCamera(), 'crouch').map((r) => r.spotId);
  for (const good of ['chest', 'chin-bar']) {
    for (const poor of ['helmet-top', 'handlebar', 'head-tube-side', 'under-saddle']) {
      expect(order.indexOf(good)).toBeLessThan(order.indexOf(poor));
    }
  }
});

it('a fixed mount on the bars turns with them, one on the frame does not', () => {
  const pan = (spotId: string) =>
    frameSetUp(rig, plainAt(spotId, 0), 'crouch', 16).stances.map((s) => s.measures.horizon.rollDeg);
  // In the lean stance both roll with the bike; the bars' turn adds to it.
  expect(Math.abs(pan('handlebar')[4]! - pan('head-tube-side')[4]!)).toBeGreaterThan(0.5);
});
