import { ridgeLoop } from '../../../../testing/outings';
import { shotQuestion } from '../../../deciding/outing/shotQuestion';
import type { Outing } from '../../../deciding/outing/records/outingRecord';
import type { Held, LogEntry } from '../../../deciding/outing/records/shotRecord';
import { findingsOf } from '../../../words/check/result';
import { shotReport } from '../../report/shotReport';
import { shotScene } from '../../scene/shotScene';
import { hold } from './index';
import { slipChance } from './slips';

const entry = (held: Held, i: number): LogEntry => ({
  id: `e${i}`, at: '2027-02-14T10:00:00Z', done: true, usable: 'yes', held, note: '',
}); // prettier-ignore
const logged = (...held: Held[]): Outing => {
  const outing = ridgeLoop();
  const [first, ...rest] = outing.shots;
  return { ...outing, shots: [{ ...first!, log: held.map(entry) }, ...rest.map((shot) => ({ ...shot, log: [] }))] };
};
const told = (outing: Outing, shot = outing.shots[0]!) =>
  findingsOf(shotReport(shotQuestion(outing, shot), { only: ['hold'] }).checks[0]!).find((f) => f.id === 'slips');

it('the chance is the mean of a beta distribution: one in twenty before anything is known, what was counted after many', () => {
  const chance = (takes: number, moved: number, lost = 0) => slipChance({ takes, moved, lost });
  expect(chance(0, 0)).toBeCloseTo(0.05, 9);
  // Beta(0.5 + 3, 9.5 + 7): mean 3.5/20.
  expect(chance(10, 3)).toBeCloseTo(3.5 / 20, 9);
  expect(chance(10_000, 2500)).toBeCloseTo(0.25, 3);
  expect(chance(3, 1, 1)).toBeGreaterThan(chance(3, 1));
  expect(chance(1, 1, 1)).toBeLessThanOrEqual(1);
});

it('what slipped is told by Hold where it slipped, with that base, and by nobody else', () => {
  expect(told(logged('held', 'held', 'held'))).toBeUndefined();
  const outing = logged('held', 'slipped', 'held');
  expect(told(outing)!).toMatchObject({ verdict: 'watch', value: expect.closeTo((100 * 1.5) / 13, 6) as number });
  expect(told(logged('slipped', 'lost', 'lost'))!.verdict).toBe('stop');
  const [shot] = outing.shots;
  expect(told(outing, { ...shot!, setUp: { ...shot!.setUp, baseId: 'magnetic-release' } })).toBeUndefined();
});

it('a search takes it into account: a place where it slipped holds less', () => {
  const held = (outing: Outing) =>
    hold.searchTerm.judge(shotScene(shotQuestion(outing, outing.shots[0]!))).terms.find(({ id }) => id === 'holds')!
      .value;
  const clean = held(logged());
  expect(held(logged('slipped', 'held'))).toBeCloseTo(clean * (1 - 1.5 / 12), 9);
  // Takes in which it held make it a little surer than one in twenty.
  expect(held(logged('held', 'held', 'held', 'held'))).toBeGreaterThan(held(logged('slipped', 'held', 'held', 'held')));
});
