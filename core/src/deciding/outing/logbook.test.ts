import { ridgeLoop } from '../../../testing/outings';
import { plainAt } from '../../../testing/rigs';
import { logRows, logTrends, movedBefore, nextTime } from './logbook';
import type { Outing } from './records/outingRecord';
import type { LogEntry } from './records/shotRecord';

const base = ridgeLoop();
let made = 0;
const entry = (over: Partial<LogEntry> = {}): LogEntry => ({
  id: `e${++made}`, at: `2027-02-14T10:${String(made).padStart(2, '0')}:00Z`, done: true, usable: 'yes', held: 'held', note: '', ...over,
}); // prettier-ignore
const outing = (spots: Readonly<Record<string, readonly LogEntry[]>>): Outing => ({
  ...base,
  shots: Object.entries(spots).map(([spotId, log]) => ({
    ...base.shots[0]!,
    id: spotId,
    name: spotId,
    setUp: plainAt(spotId),
    log,
  })),
});

it('every take stands with the names of what it was filmed with, the last one first', () => {
  const rows = logRows([outing({ chest: [entry({ note: 'first' })], 'helmet-top': [entry({ note: 'second' })] })]);
  expect(rows.map((row) => [row.entry.note, row.place])).toEqual([
    ['second', 'Helmet, top'],
    ['first', 'Chest'],
  ]);
  expect(rows[0]).toMatchObject({ camera: 'Cube camera', outing: 'Ridge loop' });
});

it('a take with pieces that are gone is called by their ids', () => {
  const [shot] = outing({ chest: [entry()] }).shots;
  const gone = { ...base, shots: [{ ...shot!, setUp: { ...shot!.setUp, cameraId: 'own-gone', spotId: 'own-lost' } }] };
  expect(logRows([gone])[0]).toMatchObject({ camera: 'own-gone', place: 'own-lost' });
});

it('shares by place: partly counts half, what was not filmed counts nothing', () => {
  const rows = logRows([
    outing({
      chest: [
        entry(),
        entry({ usable: 'partly', lens: 'drops' }),
        entry({ usable: 'no', held: 'slipped' }),
        entry({ done: false, usable: 'no' }),
      ],
      handlebar: [entry()],
    }),
  ]);
  const [chest, bar] = logTrends(rows, 'place');
  expect(chest).toMatchObject({ name: 'Chest', takes: 3, usable: 0.5 });
  expect(chest!.moved).toBeCloseTo(1 / 3, 12);
  expect(chest!.dirty).toBeCloseTo(1 / 3, 12);
  expect(bar).toMatchObject({ takes: 1, usable: 1, moved: 0 });
  expect(logTrends(rows, 'ground').map(({ takes }) => takes)).toEqual([4]);
});

it('a base that moved at its place before is told there, and nowhere else', () => {
  const both = outing({ chest: [entry({ held: 'slipped' }), entry()], 'helmet-top': [entry()] });
  expect(movedBefore(both, both.shots[0]!)).toMatch(/moved here in 1 of 2 takes: /);
  expect(movedBefore(both, both.shots[1]!)).toBeNull();
  const lost = outing({ chest: [entry({ held: 'lost' })] });
  expect(movedBefore(lost, lost.shots[0]!)).toMatch(/1 of 1 take, once it came off/);
});

it('what spoilt takes of one place again and again is told once, with what mends it; once or in few takes is chance', () => {
  const shaky = () => entry({ usable: 'no', whyNot: ['shaky'] });
  const told = nextTime(
    logRows([
      outing({
        handlebar: [shaky(), shaky(), entry({ usable: 'partly', whyNot: ['lens'] })],
        chest: [entry({ usable: 'no', whyNot: ['angle'] }), entry(), entry()],
        'helmet-top': [shaky(), shaky()],
      }),
    ]),
  );
  expect(told).toHaveLength(1);
  expect(told[0]).toMatch(/handlebar.*: shaky in 2 of 3 takes\. Next time .*Steady/i);
  const slipped = () => entry({ held: 'slipped' });
  expect(nextTime(logRows([outing({ chest: [slipped(), slipped(), entry()] })]))[0]).toMatch(
    /the camera moved in 2 of 3/,
  );
});
