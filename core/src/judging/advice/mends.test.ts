import { shotAt } from '../../../outcomes/ask';
import { shakeAt } from '../../../testing/shakes';
import { worseThan, type CheckResult, type Verdict } from '../../words/check/result';
import type { ShotQuestion } from '../../words/shot/shotQuestion';
import { shotReport } from '../report/shotReport';
import { advisedReport } from './advisedReport';
import type { ProvedMend } from './mends';
import { withMends } from './withMends';

const link = (linkId: string, lengthM: number) => ({ linkId, lengthM, bendDeg: 0, turnDeg: 0 });
const shot = (...at: Parameters<typeof shakeAt>): ShotQuestion => ({
  ...shakeAt(...at),
  intentId: 'clear-ahead',
  horizonAt: null,
});
const verdictsOf = (question: ShotQuestion) =>
  new Map(shotReport(question, { columns: 32 }).checks.map((c) => [c.check, c.verdict]));

describe.each([
  ['a long arm on a rough trail', shot('buggy', 'cage-front', { links: [link('long-arm', 0.28)] })],
  ['tape on the helmet', shot('mountain-bike', 'helmet-top', { links: [link('long-arm', 0.12)] })],
  ['a cube on the bars', shot('motorcycle', 'handlebar', { links: [link('stand-off-hook', 0.03)] })],
] as const)('mends for %s', (_, question) => {
  const { mends } = advisedReport(question);
  const now = verdictsOf(question);

  it('each is for a check that is not good, with what it costs', () => {
    for (const mend of mends) {
      expect([mend.id, now.get(mend.check) === 'good']).toEqual([mend.id, false]);
      expect(mend.costs.length).toBeGreaterThan(1);
      expect(mend.text).not.toMatch(/NaN|undefined/);
    }
  });

  it('taken, it makes no other check worse by a verdict, nor its own', () => {
    for (const mend of mends.filter((m) => m.setUp).slice(0, 5)) {
      const after = verdictsOf({ ...question, setUp: mend.setUp! });
      for (const [check, was] of now) {
        const is = after.get(check)!;
        if (is === "can't say" || was === "can't say") continue;
        // The full check may put a finding just over the border that the trial's rough one put just under it: one step, never to stop.
        const worse = worseThan(is as Verdict, was as Verdict);
        expect([mend.id, check, worse && is === 'stop']).toEqual([mend.id, check, false]);
      }
    }
  });
});

it('a chest camera worn too low for its shot is slid up before anything is bought, told once', () => {
  const low = shot('kayak', 'chest', { slideM: 0.13 });
  const { mends } = advisedReport({ ...low, intentId: 'hands-and-trail' }, { only: ['frame'] });
  const slid = mends.find(({ id }) => id.startsWith('slide-'))!;
  expect(slid.text).toMatch(/^slide it to \d+ cm below the collar: /);
  expect(mends.filter(({ id }) => id.startsWith('slide-'))).toHaveLength(1);
  expect(slid.setUp!.slideM).toBeLessThan(0.1);
  expect(slid.elsewhere).toBe(false);
});

it('a base that ends a stop is told though more sky comes into the picture, and with that', () => {
  const taped = shot('road-bike', 'helmet-side', { baseId: 'hook-and-loop-tape' });
  const now = verdictsOf(taped);
  expect([now.get('hold'), now.get('light')]).toEqual(['stop', 'good']);
  const bases = advisedReport(taped, { only: ['hold'] }).mends.filter(({ id }) => id.startsWith('base-'));
  expect(bases.length).toBeGreaterThan(0);
  for (const mend of bases) {
    const after = verdictsOf({ ...taped, setUp: mend.setUp! });
    expect(after.get('hold')).not.toBe('stop');
    // What it costs is said, and nothing is that it does not cost.
    expect([mend.id, /Light becomes watch/.test(mend.loses ?? '')]).toEqual([mend.id, after.get('light') === 'watch']);
  }
});

describe('beside the finding that decides', () => {
  const stop = (mend: object | null = null): CheckResult =>
    ({
      check: 'hold',
      verdict: 'stop',
      findings: [
        { id: 'f', mend },
        { id: 'g', mend: null },
      ],
    }) as never;
  const mend = { check: 'hold', text: 'a bolt', setUp: { spotId: 's' }, loses: null } as unknown as ProvedMend;
  const told = (result: CheckResult) => ('findings' in result ? result.findings[0]!.mend : null);

  it('stands the best that was proved, with what goes down with it', () => {
    expect(told(withMends([stop()], [mend])[0]!)).toEqual({ text: 'a bolt', setUp: { spotId: 's' } });
    const dear = { ...mend, loses: 'steady 0.4' } as ProvedMend;
    expect(told(withMends([stop()], [dear])[0]!)!.text).toBe('a bolt; but steady 0.4');
  });

  it('what tells a tilt keeps it; without a proof all stays; what is good needs none', () => {
    expect(told(withMends([stop({ text: 'tilt', tiltDeg: 3 })], [mend])[0]!)!.text).toBe('tilt');
    expect(withMends([stop()], [])).toEqual([stop()]);
    const good = { ...stop(), verdict: 'good' } as CheckResult;
    expect(withMends([good], [mend])).toEqual([good]);
    const unsaid: CheckResult = { check: 'light', verdict: "can't say", missing: 'the day' };
    expect(withMends([unsaid], [mend])).toEqual([unsaid]);
  });
});

it('another camera is among the mends of a picture that misses what is asked, and nothing is told that gains nothing', () => {
  const { mends } = advisedReport(shotAt('kayak', 'bow-deck', 'whole-craft'));
  expect(mends.map(({ text }) => text)).toEqual(
    expect.arrayContaining([expect.stringMatching(/^two-lens 360 camera, .*: shows \d+ % of what is asked/)]),
  );
  for (const { text } of mends) expect(text).not.toMatch(/Frame becomes stop$/);
  expect(mends.filter(({ id }) => id.startsWith('camera-'))).toHaveLength(1);
});

it('a phone that shakes on the bar: another camera first, then the chest, each with what it loses', () => {
  const { mends } = advisedReport(
    shotAt('road-bike', 'handlebar', 'clear-ahead', {
      setUp: { cameraId: 'phone', modeId: 'main', stabiliserId: 'standard' },
      ride: { groundId: 'gravel-road' },
    }),
  );
  const [first, second] = mends.filter(({ check }) => check === 'steady');
  expect(first!.setUp!.cameraId).not.toBe('phone');
  expect(second!.setUp!.spotId).toBe('chest');
  expect(second!.loses).toMatch(/(Frame|Hold) becomes watch/);
  expect(mends.map(({ text }) => text).join()).not.toMatch(/tripod/);
});

it('a heavy camera on tape is mended by a lighter one; another place that halves something else is none', () => {
  const { mends } = advisedReport(
    shotAt('road-bike', 'helmet-side', 'hands-and-trail', { setUp: { baseId: 'interlocking-tape' } }),
  );
  const hold = mends.filter(({ check }) => check === 'hold');
  expect(hold[0]!.setUp!.cameraId).toBe('thumb-camera');
  expect(mends.map(({ id }) => id)).not.toContain('spot-back');
});

it('a neck that bears the camera for too short is helped by a lighter one at the same place', () => {
  const { mends } = advisedReport(shotAt('beach-catamaran', 'helmet-top', 'clear-ahead'), { only: ['clear'] });
  const lighter = mends.find(({ finding }) => finding === 'neck')!;
  expect(lighter.setUp).toMatchObject({ cameraId: 'thumb-camera', spotId: 'helmet-top' });
  expect(lighter.text).toMatch(/mends it$/);
});

it('nobody is sent elsewhere to be stopped there: from the seat back no place without hands in the picture is a mend', () => {
  const question = shotAt('buggy', 'back', 'hands-and-trail');
  const elsewhere = advisedReport(question).mends.filter((mend) => mend.elsewhere);
  expect(elsewhere.length).toBeGreaterThan(0);
  for (const { id, check, setUp } of elsewhere) {
    const stops = [...verdictsOf({ ...question, setUp: setUp! })].filter(
      ([other, is]) => other !== check && is === 'stop',
    );
    expect([id, stops.map(([other]) => other)]).toEqual([id, []]);
  }
});
