import { ridgeLoop } from '../../../testing/outings';
import { seededNumbers } from '../../mathematics/numbers/seededNumbers';
import { mergeOutings } from './mergeOutings';
import type { Outing } from './records/outingRecord';
import type { Shot } from './records/shotRecord';

const first = ridgeLoop();
const shotOf = (id: string, over: Partial<Shot> = {}): Shot => ({ ...first.shots[0]!, id, name: id, ...over });
const base: Outing = { ...first, shots: ['a', 'b', 'c', 'd'].map((id) => shotOf(id)) };
const withShot = (outing: Outing, id: string, over: Partial<Shot>): Outing => ({
  ...outing,
  shots: outing.shots.map((s) => (s.id === id ? { ...s, ...over } : s)),
});
const names = ({ shots }: Outing) => shots.map((s) => s.id).join('');

it('a side that changed nothing adds nothing', () => {
  const changed = withShot({ ...base, name: 'New' }, 'b', { seconds: 99 });
  expect(mergeOutings(base, changed, base)).toBe(changed);
  expect(mergeOutings(base, base, changed)).toBe(changed);
  expect(mergeOutings(base, changed, changed)).toEqual(changed);
  expect(mergeOutings(base, structuredClone(base), changed)).toEqual(changed);
});

it('changes of different shots, and of different fields of one shot, are both kept', () => {
  const mine = withShot(withShot(base, 'a', { note: 'mine' }), 'b', { seconds: 7 });
  const theirs = withShot(withShot({ ...base, place: 'Quay' }, 'b', { name: 'theirs' }), 'c', { note: 'also' });
  const merged = mergeOutings(base, mine, theirs);
  expect(merged.place).toBe('Quay');
  expect(merged.shots.map((s) => [s.name, s.note, s.seconds])).toEqual([
    ['a', 'mine', base.shots[0]!.seconds],
    ['theirs', base.shots[1]!.note, 7],
    ['c', 'also', base.shots[2]!.seconds],
    ['d', base.shots[3]!.note, base.shots[3]!.seconds],
  ]);
});

it('where both changed the same field, what was done here holds; a set-up is taken whole', () => {
  const { setUp } = base.shots[0]!;
  const mine = withShot(base, 'a', { setUp: { ...setUp, modeId: 'mine' } });
  const theirs = withShot(base, 'a', { setUp: { ...setUp, cameraId: 'theirs' } });
  expect(mergeOutings(base, mine, theirs).shots[0]!.setUp).toEqual({ ...setUp, modeId: 'mine' });
});

it('shots that either side added are there, in their places', () => {
  const added = (outing: Outing, at: number, id: string) => ({
    ...outing,
    shots: outing.shots.toSpliced(at, 0, shotOf(id)),
  });
  expect(names(mergeOutings(base, added(base, 1, 'x'), added(base, 4, 'y')))).toBe('axbcdy');
  expect(names(mergeOutings(base, added(base, 0, 'x'), added(base, 0, 'y')))).toMatch(/^(xy|yx)abcd$/);
});

it('whoever moved shots gives their order', () => {
  const moved = { ...base, shots: [...base.shots].reverse() };
  const noted = withShot(base, 'c', { note: 'n' });
  expect(names(mergeOutings(base, moved, noted))).toBe('dcba');
  expect(names(mergeOutings(base, noted, moved))).toBe('dcba');
});

it('what one side took out is gone, unless the other changed it since', () => {
  const without = { ...base, shots: base.shots.filter((s) => s.id !== 'b') };
  expect(names(mergeOutings(base, without, withShot(base, 'a', { note: 'n' })))).toBe('acd');
  expect(names(mergeOutings(base, withShot(base, 'a', { note: 'n' }), without))).toBe('acd');
  expect(names(mergeOutings(base, without, withShot(base, 'b', { note: 'kept' })))).toContain('b');
});

it('log entries, ticks and pulls of both sides come together', () => {
  const entry = (id: string) =>
    ({ id, at: `2027-02-14T1${id}:00:00Z`, done: true, usable: 'yes', held: 'held', note: '' }) as const;
  const pull = (newton: number) => ({ at: `2027-02-14T10:00:${newton}Z`, newton, held: true });
  const start = withShot(base, 'a', { acknowledged: ['old', 'off'], log: [entry('1')] });
  const mine = withShot(start, 'a', {
    acknowledged: ['old', 'mine'],
    log: [entry('1'), entry('2')],
    pullTests: [pull(10)],
  });
  const theirs = withShot(start, 'a', {
    acknowledged: ['old', 'off', 'theirs'],
    log: [entry('1'), entry('3')],
    pullTests: [pull(20)],
  });
  const [merged] = mergeOutings(start, mine, theirs).shots;
  expect(merged!.log.map((e) => e.id).sort()).toEqual(['1', '2', '3']);
  expect([...merged!.acknowledged].sort()).toEqual(['mine', 'old', 'theirs']);
  expect(merged!.pullTests.map((p) => p.newton)).toEqual([10, 20]);
});

it('measures and ride of a carrier are joined field by field', () => {
  const carrier = base.carriers[0]!;
  const of = (over: object) => ({ ...base, carriers: [{ ...carrier, ...over }] });
  const mine = of({
    rig: { ...carrier.rig, fit: { ...carrier.rig.fit, reach: 0.4 } },
    ride: { ...carrier.ride, speedMps: 3 },
  });
  const theirs = of({ rig: { ...carrier.rig, statureM: 1.9 }, ride: { ...carrier.ride, windMps: 8 } });
  const [merged] = mergeOutings(base, mine, theirs).carriers;
  expect(merged!.rig).toMatchObject({ statureM: 1.9, fit: { reach: 0.4 } });
  expect(merged!.ride).toMatchObject({ speedMps: 3, windMps: 8 });
});

it('a carrier that one side took out while the other filmed from it stays', () => {
  const second = { ...base.carriers[0]!, id: 'second' };
  const both = { ...base, carriers: [...base.carriers, second] };
  const without = base;
  const used = { ...both, shots: [...both.shots, shotOf('e', { carrierId: 'second' })] };
  const merged = mergeOutings(both, without, used);
  expect(merged.shots.at(-1)!.carrierId).toBe('second');
  expect(merged.carriers.map((c) => c.id)).toContain('second');
});

it('the last date of change is the later one', () => {
  const mine = { ...base, name: 'm', changedAt: '2027-03-01T00:00:00Z' };
  const theirs = { ...base, place: 't', changedAt: '2027-04-01T00:00:00Z' };
  expect(mergeOutings(base, mine, theirs)).toMatchObject({ name: 'm', place: 't', changedAt: '2027-04-01T00:00:00Z' });
});

it('over random edits nothing that only one side changed is lost', () => {
  const random = seededNumbers(7);
  for (let round = 0; round < 300; round++) {
    let [mine, theirs] = [base, base];
    const [mineAt, theirsAt] = [new Map<string, string>(), new Map<string, string>()];
    for (let i = 0; i < 6; i++) {
      const id = 'abcd'[Math.floor(random() * 4)]!;
      const field = random() < 0.5 ? 'name' : 'note';
      const text = `${round}.${i}`;
      if (random() < 0.5) [mine] = [withShot(mine, id, { [field]: text }), mineAt.set(id + field, text)];
      else [theirs] = [withShot(theirs, id, { [field]: text }), theirsAt.set(id + field, text)];
    }
    const merged = mergeOutings(base, mine, theirs);
    for (const s of merged.shots) {
      for (const field of ['name', 'note'] as const) {
        const wanted =
          mineAt.get(s.id + field) ?? theirsAt.get(s.id + field) ?? base.shots.find((b) => b.id === s.id)![field];
        expect(s[field]).toBe(wanted);
      }
    }
  }
});

it('how the time is spent is one field of a shot and of a carrier: whoever set it keeps it, and taking it back is a change too', () => {
  const mine = withShot(base, 'a', { stanceShares: { crouch: 0.7 } });
  const [carrier, ...others] = base.carriers;
  const theirs: Outing = {
    ...withShot(base, 'b', { stanceShares: { crouch: 0.1 } }),
    carriers: [{ ...carrier!, rig: { ...carrier!.rig, stanceShares: { crouch: 0.3 } } }, ...others],
  };
  const merged = mergeOutings(base, mine, theirs);
  expect(merged.shots.map((s) => s.stanceShares?.crouch)).toEqual([0.7, 0.1, undefined, undefined]);
  expect(merged.carriers[0]!.rig.stanceShares).toEqual({ crouch: 0.3 });
  const { stanceShares, ...plain } = merged.shots[0]!;
  void stanceShares;
  const back: Outing = { ...merged, shots: [plain, ...merged.shots.slice(1)] };
  expect(mergeOutings(merged, back, { ...merged, note: 'also' }).shots[0]).not.toHaveProperty('stanceShares');
});

it('place and hour come in from either side, and are taken out again', () => {
  const where = { latDeg: 50, lonDeg: -3, timeZone: 'UTC' };
  const mine: Outing = { ...base, where };
  const theirs = withShot(base, 'b', { hour: { at: '16:20', headingDeg: 210 } });
  const merged = mergeOutings(base, mine, theirs);
  expect(merged.where).toEqual(where);
  expect(merged.shots.find((s) => s.id === 'b')!.hour).toEqual({ at: '16:20', headingDeg: 210 });
  const { where: gone, ...nowhere } = merged;
  expect(gone).toEqual(where);
  expect(mergeOutings(merged, nowhere as Outing, { ...merged, note: 'also' })).not.toHaveProperty('where');
});

it('what two people ticked while packing is all ticked; an order of one of them holds', () => {
  const both = mergeOutings(
    { ...base, plan: { packed: ['scale'] } },
    { ...base, plan: { packed: ['scale', 'wipes'], order: ['b', 'a'] } },
    { ...base, plan: { packed: ['ties'], done: ['charge'] } },
  );
  expect(both.plan).toEqual({ packed: ['ties', 'wipes'], done: ['charge'], order: ['b', 'a'] });
  expect(mergeOutings(base, { ...base, name: 'A' }, { ...base, note: 'B' }).plan).toBeUndefined();
});
