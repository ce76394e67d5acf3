/** What is proposed for the light: each way out is taken, and the trouble that it is proposed for must be less. */
import { shotAt } from '../../../../outcomes/ask';
import { kitWith } from '../../../posing/lookup/kit';
import { minutesOf } from '../../../physics/light/clock';
import { sunOf } from '../../../physics/light/sunCourse';
import { shotReport } from '../../report/shotReport';
import { shotScene } from '../../scene/shotScene';
import { findingsOf } from '../../../words/check/result';
import type { SetUp } from '../../../words/setUp/setUp';
import type { Moment } from '../../../words/shot/moment';
import type { ShotQuestion } from '../../../words/shot/shotQuestion';
import { DARK_BELOW_DEG } from './limits';
import { attemptsAt } from './lightAttempts';

const checked = (question: ShotQuestion) => shotReport(question, { only: ['light'] }).checks[0]!;
const told = (question: ShotQuestion, id: string) => findingsOf(checked(question)).find((f) => f.id === id);
const attempts = (question: ShotQuestion) => attemptsAt(shotScene(question), checked(question));
const ids = (question: ShotQuestion) => attempts(question).map(({ id }) => id);
/** The question with one of its ways out taken. @throws where it is not proposed */
function after(question: ShotQuestion, id: string): ShotQuestion {
  const found = attempts(question).find((attempt) => attempt.id === id);
  if (!found) throw new Error(`"${id}" is not among ${ids(question).join(', ')}`);
  const { setUp, hour } = found;
  return {
    ...question,
    ...(setUp && { setUp }),
    ...(hour && question.moment && { moment: { ...question.moment, ...hour } }),
  };
}
const lit = (lightId: string, setUp: Partial<SetUp> = {}, over: Partial<ShotQuestion> = {}): ShotQuestion => ({
  ...shotAt('mountain-bike', 'chest', 'hands-and-trail', { setUp, ride: { lightId: lightId as never } }),
  ...over,
});

const cage: Partial<SetUp> = (() => {
  const { id, modes, stabilisers } = kitWith().cameras.find((camera) => camera.id === 'cage-camera')!;
  return { cameraId: id, modeId: modes[0]!.id, stabiliserId: stabilisers[0]!.id };
})();

describe('too dark', () => {
  const stops = (question: ShotQuestion) => told(question, 'too-dark')?.value ?? -Infinity;
  const dim = lit('street-night', { ndStops: 4, isoMost: 400, shutterS: 1 / 500 });

  it('each setting that takes light away is proposed to be given up, and giving it up lets more in', () => {
    expect(ids(dim)).toEqual(expect.arrayContaining(['no-grey', 'automatic', 'gain']));
    for (const id of ['no-grey', 'automatic', 'gain'])
      expect([id, stops(after(dim, id)) < stops(dim)]).toEqual([id, true]);
    const bare = after(after(after(dim, 'no-grey'), 'automatic'), 'gain').setUp;
    expect([bare.ndStops, bare.shutterS, bare.isoMost]).toEqual([undefined, undefined, undefined]);
  });

  it('a lens that was stopped down is opened again', () => {
    const stopped = lit('street-night', { ...cage, apertureN: 11, isoMost: 800 });
    expect(stops(after(stopped, 'open'))).toBeLessThan(stops(stopped));
  });

  it('fewer pictures a second let more in, with the same lens', () => {
    const fast = lit('street-night', { modeId: 'action', stabiliserId: 'off', isoMost: 400 });
    const slower = ids(fast).filter((id) => id.startsWith('mode-'));
    expect(slower.length).toBeGreaterThan(0);
    for (const id of slower) expect([id, stops(after(fast, id)) < stops(fast)]).toEqual([id, true]);
  });

  it('nothing of that is proposed by day', () => {
    expect(ids(lit('bright-sun')).filter((id) => ['no-grey', 'automatic', 'gain', 'open'].includes(id))).toEqual([]);
  });
});

describe('too bright', () => {
  const held = { shutterS: 1 / 50 };
  const white = (question: ShotQuestion) => told(question, 'too-bright')?.value ?? 0;

  it('at a held shutter takes a filter that the camera takes, or leaves the shutter to it', () => {
    const sunny = lit('bright-sun', held);
    const grey = ids(sunny).find((id) => id.startsWith('nd-'))!;
    expect(white(sunny)).toBeGreaterThan(1);
    expect(white(after(sunny, grey))).toBeLessThan(0.5);
    expect(white(after(sunny, 'automatic'))).toBeLessThan(white(sunny));
  });

  it('a lens that can be stopped down is, as far as it goes and no farther', () => {
    const sunny = lit('hazy-sun', { ...cage, shutterS: 1 / 200 });
    const stopped = ids(sunny).includes('stop-down') ? after(sunny, 'stop-down') : null;
    expect(stopped).not.toBeNull();
    expect(stopped!.setUp.apertureN).toBeLessThanOrEqual(16);
    expect(white(stopped!)).toBeLessThan(white(sunny));
    expect(ids(lit('bright-sun', held))).not.toContain('stop-down');
  });

  it('a camera that takes no filter is offered none, and goes without the one that it was given', () => {
    const ball = { cameraId: 'two-lens-360', modeId: 'reframed', stabiliserId: 'sphere' };
    expect(ids(lit('bright-sun', { ...ball, ...held })).filter((id) => id.startsWith('nd-'))).toEqual([]);
    const wrong = lit('bright-sun', { ...ball, ndStops: 4, polariser: true });
    const { setUp } = after(wrong, 'no-filter');
    expect([setUp.ndStops, setUp.polariser]).toEqual([undefined, undefined]);
    expect(told({ ...wrong, setUp }, 'filter-fits')).toBeUndefined();
  });
});

describe('exposure', () => {
  const open = (setUp: Partial<SetUp> = {}, lightId: 'bright-sun' | 'sunset' = 'bright-sun'): ShotQuestion =>
    shotAt('road-bike', 'helmet-top', 'clear-ahead', { ride: { lightId }, setUp });
  const dark = (question: ShotQuestion) => Math.abs(told(question, 'ground-dark')?.value ?? 0);

  it('so much sky is left out lower down, and does not count once the exposure is locked', () => {
    const up = open();
    expect(told(up, 'ground-dark')!.verdict).toBe('watch');
    const lower = after(up, 'lower');
    expect(lower.setUp.angles.tiltDeg).toBe(up.setUp.angles.tiltDeg - 6);
    expect(dark(lower)).toBeLessThan(dark(up));
    expect(dark(after(up, 'lock'))).toBeLessThan(0.1);
  });

  it('a sky that comes out white is exposed less', () => {
    const white = open({ exposureLock: true }, 'sunset');
    const sky = told(white, 'sky-white');
    expect(sky?.verdict).toBe('watch');
    const less = after(white, 'minus-one');
    expect(less.setUp.compensation).toBe(-1);
    expect(told(less, 'sky-white')?.value ?? 0).toBeLessThan(sky!.value);
  });

  it('a lock that light changes under is undone, and one that would help is set', () => {
    let tried = 0;
    for (const lightId of ['under-trees', 'broken-clouds'] as const)
      for (const exposureLock of [true, false]) {
        const question = lit(lightId, exposureLock ? { exposureLock } : {});
        const change = ids(question).find((id) => id === (exposureLock ? 'unlock' : 'lock'));
        if (told(question, 'changes')?.verdict !== 'watch') continue;
        tried++;
        expect([lightId, exposureLock, change]).toEqual([lightId, exposureLock, exposureLock ? 'unlock' : 'lock']);
        expect(told(after(question, change!), 'changes')?.value ?? 0).toBeLessThan(told(question, 'changes')!.value);
      }
    expect(tried).toBeGreaterThanOrEqual(2);
  });
});

describe('the hour', () => {
  const winter: Moment = { latDeg: 50, lonDeg: 0, timeZone: 'UTC', date: '2027-02-14', at: '16:00', headingDeg: 60 };

  it('is moved within those in which it can be filmed, nearest first, and the way may be turned round', () => {
    const low = lit('bright-sun', {}, { moment: { ...winter, headingDeg: 235, only: { from: '14:00', to: '17:00' } } });
    const hours = attempts(low).filter(({ hour }) => hour?.at !== undefined);
    expect(hours.length).toBeGreaterThan(0);
    for (const { hour } of hours) {
      expect(minutesOf(hour!.at!)).toBeGreaterThanOrEqual(14 * 60);
      expect(minutesOf(hour!.at!)).toBeLessThanOrEqual(17 * 60);
    }
    const efforts = hours.map(({ effort }) => effort);
    expect(efforts.slice(0, 2)).toEqual([...efforts.slice(0, 2)].sort((a, b) => a - b));
    const turned = attempts(low).find(({ id }) => id.startsWith('way-'));
    expect(turned?.hour?.headingDeg).toBe(55);
  });

  it('streaks in daylight wait for the first dark hour of the evening, and moving pictures become stills', () => {
    const question = (modeId: string): ShotQuestion => ({
      ...shotAt('coupe', 'bonnet', 'night-streaks', {
        setUp: { cameraId: 'cube-camera', modeId, stabiliserId: 'off' },
        ride: { lightId: 'bright-sun' },
      }),
      moment: { ...winter, at: '14:00' },
    });
    const still = question('stills');
    const { at } = after(still, 'after-dark').moment!;
    expect(sunOf({ ...winter, at }).heightDeg).toBeLessThanOrEqual(DARK_BELOW_DEG);
    const before = {
      ...winter,
      at: `${String(Math.floor((minutesOf(at) - 10) / 60)).padStart(2, '0')}:${String((minutesOf(at) - 10) % 60).padStart(2, '0')}`,
    };
    expect(sunOf(before).heightDeg).toBeGreaterThan(DARK_BELOW_DEG);
    const moving = after(question('wide'), 'mode-stills');
    expect([moving.setUp.modeId, moving.setUp.stabiliserId]).toEqual(['stills', 'off']);
  });
});
