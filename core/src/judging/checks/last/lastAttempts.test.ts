/** What is proposed for how long it lasts: each way out is taken, and the trouble that it is proposed for must be less. */
import { shotAt } from '../../../../outcomes/ask';
import { shotReport } from '../../report/shotReport';
import { shotScene } from '../../scene/shotScene';
import type { Attempt } from '../../check/check';
import { findingsOf } from '../../../words/check/result';
import type { ShotQuestion } from '../../../words/shot/shotQuestion';
import type { ShotUse } from '../../../words/shot/use';
import { kitWith } from '../../../posing/lookup/kit';
import { newAsk } from '../../../words/shot/ask';
import { attemptsAt } from './lastAttempts';

const checked = (question: ShotQuestion) => shotReport(question, { only: ['last'] }).checks[0]!;
const told = (question: ShotQuestion, id: string) => findingsOf(checked(question)).find((f) => f.id === id);
const attempts = (question: ShotQuestion) => attemptsAt(shotScene(question), checked(question));
const ids = (question: ShotQuestion) => attempts(question).map(({ id }) => id);
const taken = (question: ShotQuestion, { setUp, use }: Attempt): ShotQuestion => ({
  ...question,
  ...(setUp && { setUp }),
  ...(use && { use }),
});
/** The question with one of its ways out taken. @throws where it is not proposed */
function after(question: ShotQuestion, id: string): ShotQuestion {
  const found = attempts(question).find((attempt) => attempt.id === id);
  if (!found) throw new Error(`"${id}" is not among ${ids(question).join(', ')}`);
  return taken(question, found);
}

const shot = (machineId: string, spotId: string, use: ShotUse = {}, over: Parameters<typeof shotAt>[3] = {}) => ({
  ...shotAt(machineId, spotId, 'hands-and-trail', over),
  use,
});
const HUNGRY: ShotUse = { hours: 5, start: 'running', preRecord: true, screenOn: true };

it('nothing is proposed where nothing is wrong', () => {
  expect(ids(shot('mountain-bike', 'chest'))).toEqual([]);
});

describe('batteries', () => {
  const long = shot('mountain-bike', 'chest', HUNGRY);
  const needed = (question: ShotQuestion) => told(question, 'batteries')?.value ?? 0;

  it('last longer by each of what is proposed for them', () => {
    const before = needed(long);
    expect(before).toBeGreaterThan(2);
    const proposed = ids(long);
    expect(proposed).toEqual(expect.arrayContaining(['no-pre', 'dark', 'by-remote', 'by-voice', 'bank']));
    const left = new Map(attempts(long).map((attempt) => [attempt.id, needed(taken(long, attempt))]));
    for (const [id, then] of left) expect([id, then <= before]).toEqual([id, true]);
    expect(left.get('bank')).toBeLessThan(before);
  });

  it('keeping what was before the press costs while it waits for it', () => {
    const waiting = shot('mountain-bike', 'chest', { ...HUNGRY, start: 'remote', takes: 12 });
    expect(needed(after(waiting, 'no-pre'))).toBeLessThan(needed(waiting));
    expect(needed(after(after(waiting, 'no-pre'), 'off'))).toBeLessThan(needed(after(waiting, 'no-pre')));
  });

  it('what is done already is not proposed again', () => {
    expect(ids(after(long, 'no-pre'))).not.toContain('no-pre');
    expect(ids(after(long, 'dark'))).not.toContain('dark');
    const started = shot('mountain-bike', 'chest', { ...HUNGRY, start: 'remote' });
    expect(ids(started)).not.toContain('by-voice');
  });

  it('a mode that draws less shows as much: the same lens, moving pictures for moving pictures', () => {
    const fast = shot('mountain-bike', 'chest', HUNGRY, { setUp: { cameraId: 'cube-camera', modeId: 'action' } });
    const { camera, mode } = shotScene(fast).resolved;
    const cooler = attempts(fast).filter(({ id }) => id.startsWith('mode-'));
    for (const { setUp } of cooler) {
      const other = camera.modes.find((m) => m.id === setUp!.modeId)!;
      expect(other.lens.fovDeg).toBe(mode.lens.fovDeg);
      expect(other.stills).toBe(mode.stills);
      expect(other.powerW.value).toBeLessThan(mode.powerW.value);
    }
    expect(cooler.length).toBeGreaterThan(0);
  });

  it('a machine with an engine feeds it, a bicycle has nothing to feed it with', () => {
    expect(ids(shot('motorcycle', 'chest', HUNGRY))).toContain('machine');
    expect(ids(long)).not.toContain('machine');
  });

  it('a camera that neither takes current nor hears a remote is offered neither', () => {
    const barrel = shot('mountain-bike', 'chest', HUNGRY, {
      setUp: { cameraId: 'barrel-camera', modeId: 'wide', stabiliserId: 'off' },
    });
    expect(ids(barrel).filter((id) => id.startsWith('by-'))).toEqual([]);
  });
});

describe('a voice', () => {
  const talking = (use: ShotUse): ShotQuestion => ({
    ...shotAt('mountain-bike', 'helmet-top', 'hands-and-trail', { ride: { speedMps: 11 } }),
    ask: { ...newAsk('hands-and-trail', 'c'), talking: true },
    use,
  });

  it('is heard better with foam, and best by a recorder at the collar', () => {
    const bare = talking({ foam: false });
    const db = (question: ShotQuestion) => told(question, 'talk')!.value;
    expect(ids(bare)).toEqual(expect.arrayContaining(['foam', 'recorder']));
    expect(db(after(bare, 'foam'))).toBeGreaterThan(db(bare));
    expect(db(after(bare, 'recorder'))).toBeGreaterThan(db(after(bare, 'foam')));
    expect(ids(talking({ foam: false, recorder: true }))).not.toContain('recorder');
  });
});

describe('water', () => {
  it('a housing keeps dry what is to stay dry, where there is one for it', () => {
    const cameras = ['thumb-camera', 'barrel-camera', 'phone', 'cage-camera'].map((cameraId) => {
      const camera = kitWith().cameras.find(({ id }) => id === cameraId)!;
      const setUp = { cameraId, modeId: camera.modes[0]!.id, stabiliserId: camera.stabilisers[0]!.id };
      return shot('surfboard', 'chest', {}, { setUp });
    });
    const housed = cameras.filter((question) => ids(question).some((id) => id.startsWith('add-')));
    expect(housed.map(({ setUp }) => setUp.cameraId)).toContain('thumb-camera');
    // A housing of one size goes round no full-size camera.
    expect(housed.map(({ setUp }) => setUp.cameraId)).not.toContain('cage-camera');
    for (const question of housed) {
      const add = ids(question).find((id) => id.startsWith('add-'))!;
      expect(told(question, 'water')!.verdict).not.toBe('good');
      expect(told(after(question, add), 'water')?.verdict ?? 'good').toBe('good');
    }
  });

  it('an open door lets it in: batteries in place of the cable shut it', () => {
    const fed = shot('mountain-bike', 'chest', { feed: 'power bank' }, { ride: { weatherId: 'rain' } });
    expect(told(fed, 'door')!.verdict).toBe('watch');
    const unfed = after(fed, 'unfed');
    expect([told(unfed, 'door'), unfed.use!.feed]).toEqual([undefined, undefined]);
  });
});

it('what does not fit the camera goes off again, and what fits stays', () => {
  const odd = shot('mountain-bike', 'chest', {}, { setUp: { cameraId: 'two-lens-360', modeId: 'reframed' } });
  const question = { ...odd, setUp: { ...odd.setUp, addOnIds: ['lens-hood'] } };
  expect(told(question, 'add-on-fits')!.verdict).not.toBe('good');
  const without = after(question, 'no-add-on');
  expect([told(without, 'add-on-fits'), without.setUp.addOnIds]).toEqual([undefined, undefined]);
});
