import { ADD_ONS, CAMERAS } from '../../../catalog/index.generated';
import { shotAt } from '../../../outcomes/ask';
import { advisedReport } from '../../judging/advice/advisedReport';
import { foundBy, shotReport } from '../../judging/report/shotReport';
import { findingsOf, type CheckId } from '../../words/check/result';
import type { ShotQuestion } from '../../words/shot/shotQuestion';
import { resolveSetUp } from '../strut/resolveSetUp';
import { goesOn, wearing } from './wearing';

const camera = (id: string) => CAMERAS.find((c) => c.id === id)!;
const addOn = (id: string) => ADD_ONS.find((a) => a.id === id)!;
const on = (cameraId: string, ...ids: string[]) => wearing(camera(cameraId), ids.map(addOn));
const withOn = (question: ShotQuestion, ...addOnIds: string[]): ShotQuestion => ({
  ...question,
  setUp: { ...question.setUp, addOnIds },
});
const told = (question: ShotQuestion, check: CheckId, id: string) =>
  findingsOf(shotReport(question, { only: [check] }).checks[0]!).find((finding) => finding.id === id);

it('each goes on some camera of the catalogue and not on every one; bare is bare, and the same pieces are one camera', () => {
  for (const one of ADD_ONS) {
    const taken = CAMERAS.filter((c) => goesOn(one, c)).length;
    expect([one.id, taken > 0, taken < CAMERAS.length]).toEqual([one.id, true, true]);
  }
  expect(on('cube-camera')).toBe(camera('cube-camera'));
  expect(on('cube-camera', 'clear-housing')).toBe(on('cube-camera', 'clear-housing'));
});

it('a housing adds its walls and mass, shuts out water, filters and cables, and keeps the warmth in', () => {
  const [bare, shut] = [camera('cube-camera'), on('cube-camera', 'clear-housing')];
  expect(shut.bodyM.map((side, i) => side - bare.bodyM[i]!)).toEqual(
    [0.012, 0.012, 0.012].map((m) => expect.closeTo(m, 9)),
  );
  expect(shut.massKg.value - bare.massKg.value).toBeCloseTo(0.09, 9);
  expect([shut.lasting.water, shut.lasting.fed, shut.filterFittings]).toEqual(['dips', 'none', []]);
  expect(on('cube-camera', 'clear-housing', 'close-up-lens').name).toBe(shut.name);
  const kayak = shotAt('kayak', 'fore-deck', 'look-back-at-the-face');
  const warm = (question: ShotQuestion) => foundBy(shotReport(question, { only: ['last'] }), 'last').warm.riding;
  expect(warm(withOn(kayak, 'clear-housing')).endC).toBeGreaterThan(warm(kayak).endC + 3);
});

it('+4 dioptres are sharp up to 25 cm, and from 13.6 cm where the lens was from 30 cm: 1/u = D + 1/u′ (thin lenses in contact, Hecht, Optics)', () => {
  const near = on('cube-camera', 'close-up-lens');
  expect(near.sharpToM).toBeCloseTo(0.25, 9);
  expect(near.closestFocusM.value).toBeCloseTo(1 / (4 + 1 / 0.3), 9);
});

it('0.65 times the focal length makes 92.1° of 68° (tan 34° / 0.65), and the same picture size', () => {
  const [bare, wide] = [camera('phone').modes[0]!, on('phone', 'wide-lens').modes[0]!];
  expect(bare.lens.fovDeg).toBe(68);
  expect(wide.lens.fovDeg).toBeCloseTo(92.1, 1);
  expect(wide.lens.widthPx).toBe(bare.lens.widthPx);
});

it('a close-up lens spoils a view of the way ahead, and taking it off mends that', () => {
  const ahead = withOn(shotAt('mountain-bike', 'chest', 'hands-and-trail'), 'close-up-lens');
  expect(told(ahead, 'frame', 'focus-far')!.verdict).toBe('stop');
  expect(told(withOn(ahead), 'frame', 'focus-far')).toBeUndefined();
  const off = advisedReport(ahead, { only: ['frame'] }).mends.find(({ id }) => id === 'no-close-up')!;
  expect(off.setUp!.addOnIds).toBeUndefined();
});

it('a phone jumps out of spring jaws on a rough trail; out of jaws with a lock it does not', () => {
  const bar = shotAt('mountain-bike', 'handlebar', 'clear-ahead', {
    setUp: { cameraId: 'phone', modeId: 'main', stabiliserId: 'standard' },
  });
  const head = (question: ShotQuestion) =>
    foundBy(shotReport(question, { only: ['steady', 'hold'] }), 'hold').interfaces.find(({ id }) => id === 'head')!;
  const [spring, locked] = [head(bar), head(withOn(bar, 'locking-cradle'))];
  expect(spring.worst.mode).toMatch(/jump out of its jaws/);
  expect(spring.margin).toBeLessThan(1);
  expect(spring.worst.limit).toBe(30);
  expect(locked.worst.mode).not.toMatch(/jump out/);
});

it('a hood keeps a sun beside the picture off the glass, and does not come into the picture', () => {
  const bare = shotAt('coupe', 'dash', 'clear-ahead', {
    setUp: { cameraId: 'compact', modeId: 'wide', stabiliserId: 'off' },
  });
  const shown = (question: ShotQuestion) =>
    foundBy(shotReport(question, { only: ['frame'] }), 'frame').weightedShares.own;
  expect(shown(withOn(bare, 'lens-hood'))).toBeLessThan(0.01);
  const hooded = resolveSetUp(bare.rig, withOn(bare, 'lens-hood').setUp).camera;
  expect([camera('compact').shadesFromDeg, hooded.shadesFromDeg]).toEqual([undefined, 10]);
  const veils = (question: ShotQuestion) =>
    [0, 20, 40, 60, 80, 100].map((headingDeg) => {
      const moment = { latDeg: 61, lonDeg: -7, timeZone: 'UTC', date: '2027-02-19', at: '15:00', headingDeg };
      return told({ ...question, moment }, 'light', 'veil') ? 1 : 0;
    });
  const outside = shotAt('coupe', 'bonnet', 'clear-ahead', {
    setUp: { cameraId: 'compact', modeId: 'wide', stabiliserId: 'off' },
  });
  const count = (of: readonly number[]) => of.reduce((a, b) => a + b, 0);
  expect(count(veils(withOn(outside, 'lens-hood')))).toBeLessThanOrEqual(count(veils(outside)));
});

it('what does not go on a camera stops the shot, is left out of every figure, and is told to be taken off', () => {
  const wrong = withOn(shotAt('kayak', 'fore-deck', 'look-back-at-the-face'), 'locking-cradle');
  expect(told(wrong, 'last', 'add-on-fits')!.because).toMatch(/phone cradle.*does not go on a cube camera/);
  expect(resolveSetUp(wrong.rig, wrong.setUp).camera.massKg).toBe(camera('cube-camera').massKg);
  const mend = advisedReport(wrong, { only: ['last'] }).mends.find(({ id }) => id === 'no-add-on')!;
  expect(told({ ...wrong, setUp: mend.setUp! }, 'last', 'add-on-fits')).toBeUndefined();
});
