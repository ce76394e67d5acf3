import { ridgeLoop } from '../../../testing/outings';
import { joinOutings, originOf } from './joinOutings';
import type { Outing } from './records/outingRecord';
import type { Shot } from './records/shotRecord';

const first = ridgeLoop();
const shotOf = (id: string, over: Partial<Shot> = {}): Shot => ({ ...first.shots[0]!, id, name: id, ...over });
const base: Outing = { ...first, changedAt: '2027-02-19T08:00:00Z', shots: ['a', 'b'].map((id) => shotOf(id)) };
const entry = (id: string) =>
  ({ id, at: `2027-02-19T1${id}:00:00Z`, done: true, usable: 'yes', held: 'held', note: '' }) as const;
const later = (outing: Outing): Outing => ({ ...outing, changedAt: '2027-02-20T08:00:00Z' });

it('shots, log entries and ticks that either copy has are all there', () => {
  const mine: Outing = {
    ...base,
    shots: [shotOf('a', { log: [entry('1')], acknowledged: ['x'] }), shotOf('b'), shotOf('mine')],
    plan: { packed: ['tape'] },
  };
  const theirs = later({
    ...base,
    id: 'other',
    shots: [shotOf('a', { log: [entry('2')], acknowledged: ['y'] }), shotOf('theirs'), shotOf('b')],
    plan: { packed: ['wipe'] },
  });
  for (const joined of [joinOutings(mine, theirs), { ...joinOutings(theirs, mine), id: mine.id }]) {
    expect(joined.id).toBe(mine.id);
    expect(joined.shots.map(({ id }) => id).sort()).toEqual(['a', 'b', 'mine', 'theirs']);
    const [a] = joined.shots.filter(({ id }) => id === 'a');
    expect(a!.log.map(({ id }) => id).sort()).toEqual(['1', '2']);
    expect([...a!.acknowledged].sort()).toEqual(['x', 'y']);
    expect([...joined.plan!.packed!].sort()).toEqual(['tape', 'wipe']);
  }
});

it('of a field that differs what was changed last counts, on whichever side it is', () => {
  const old = { ...base, place: 'Quay', shots: [shotOf('a', { seconds: 5 }), shotOf('b')] };
  const recent = later({ ...base, place: 'Harbour', shots: [shotOf('a', { seconds: 9 }), shotOf('b')] });
  for (const joined of [joinOutings(old, recent), joinOutings(recent, old)])
    expect([joined.place, joined.shots[0]!.seconds]).toEqual(['Harbour', 9]);
});

it('a copy of itself changes nothing', () => {
  const full = { ...base, shots: [shotOf('a', { log: [entry('1')] }), shotOf('b')], plan: { packed: ['tape'] } };
  expect(joinOutings(full, structuredClone(full))).toEqual(full);
});

it('a copy is known by the shots that it shares, whatever its id and name', () => {
  const less = { ...base, id: 'less', shots: [shotOf('b'), shotOf('z')] };
  const none = { ...base, id: 'none', shots: [shotOf('y')] };
  const copy = { ...base, id: 'new', name: 'Renamed' };
  expect(originOf(copy, [none, less, base])).toBe(base);
  expect(originOf(copy, [none])).toBeUndefined();
});
