import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ridgeLoop } from '../../../testing/outings';
import { clockOf, dateAfter } from '../../physics/light/clock';
import { plainSetUp, standardCamera } from '../../posing/strut/plainSetUp';
import { parseOuting } from '../../showing/formats/outingJson/parseOuting';
import { rigOfCarrier } from '../outing/outing';
import type { Outing } from '../outing/records/outingRecord';
import type { Shot } from '../outing/records/shotRecord';
import { dayPlans } from './dayPlan';
import { packedGrams, packList } from './packList';
import { storyOf } from './story';
import { STORIES } from './stories';
import { eveningBefore } from './tasks';
import { INTENTS } from '../../../catalog/index.generated';

const parsed = parseOuting(readFileSync(join(__dirname, '../../../../web/src/demo/skerra.json'), 'utf8'));
if (!parsed.ok) throw new Error(parsed.problems.join());
const skerra = parsed.value;

const base = ridgeLoop();
const rig = rigOfCarrier(base, base.carriers[0]!);
const at = (id: string, spotId: string, over: Partial<Shot> = {}): Shot => ({
  ...base.shots[0]!,
  id,
  name: id,
  setUp: plainSetUp(rig, spotId, standardCamera())!,
  ...over,
});
const day = (shots: readonly Shot[]): Outing => ({ ...base, shots });

describe('the order of a day', () => {
  const there = ['chest', 'handlebar', 'chest', 'handlebar', 'chest'];
  const mixed = day(there.map((spotId, i) => at(`${spotId}-${i}`, spotId)));

  it('keeps a mount in place for all that is filmed from it, and tells the minutes that this saves', () => {
    const [plan] = dayPlans(mixed);
    const spots = plan!.order.map((id) => id.replace(/-\d$/, ''));
    expect(spots.filter((spot, i) => spot !== spots[i - 1])).toHaveLength(2);
    expect(plan!.rigMin).toBeLessThan(plan!.asListed.rigMin - 10);
    expect(plan!.why.join(' ')).toMatch(/\d+ min less of rigging/);
  });

  it('an order of one’s own is kept, with what it costs', () => {
    const order = mixed.shots.map((shot) => shot.id);
    const [plan] = dayPlans(mixed, { order });
    expect(plan!.order).toEqual(order);
    expect(plan!.rigMin).toBe(plan!.asListed.rigMin);
  });

  it('blocks follow each other without a gap; every shot is rigged before it is filmed', () => {
    for (const plan of dayPlans(skerra)) {
      plan.blocks.slice(1).forEach((block, i) => expect(block.from).toBeCloseTo(plan.blocks[i]!.to, 9));
      const filmed = plan.blocks.filter((b) => b.kind === 'film').flatMap((b) => b.shotIds);
      expect(filmed).toEqual(plan.order);
      for (const block of plan.blocks.filter((b) => b.kind === 'rig')) expect(block.steps.length).toBeGreaterThan(0);
    }
  });

  it('a shot that the tide leaves an hour for is done within it, and another after it where that was said', () => {
    const only = { from: '11:00', to: '12:00', why: 'tide' };
    const [first, second, ...rest] = mixed.shots;
    const tidal = day([{ ...first!, after: rest[0]!.id }, { ...second!, only }, ...rest]);
    const [plan] = dayPlans(tidal);
    const filmed = plan!.blocks.find((b) => b.kind === 'film' && b.shotIds.includes(second!.id))!;
    expect(filmed.from).toBeGreaterThanOrEqual(11 * 60 - 1e-9);
    expect(filmed.to).toBeLessThanOrEqual(12 * 60 + 1e-9);
    expect(plan!.order.indexOf(first!.id)).toBeGreaterThan(plan!.order.indexOf(rest[0]!.id));
    expect(plan!.misplaced).toBe(0);
    expect(plan!.why.join(' ')).toMatch(/only from 11:00 to 12:00 \(tide\).*after/);
    // In an order of one's own that turns it round it is told.
    const turned = dayPlans(tidal, { order: mixed.shots.map((shot) => shot.id) })[0]!;
    expect(turned.misplaced).toBe(1);
    expect(turned.why.join(' ')).toMatch(/before what should come first/);
  });

  it('what takes longer has slack of a tenth of the work, and none of it makes a shot late', () => {
    const long = day(Array.from({ length: 30 }, (_, i) => at(`s${i}`, there[i % 5]!, { seconds: 90 })));
    const [free] = dayPlans(long);
    const minutes = (kind: string, { blocks }: typeof free & object) =>
      blocks.filter((b) => b.kind === kind).reduce((sum, b) => sum + b.to - b.from, 0);
    const work = free!.rigMin + free!.filmMin;
    expect(minutes('slack', free!)).toBeGreaterThan(work * 0.05);
    expect(minutes('slack', free!)).toBeLessThan(work * 0.15);
    expect(minutes('rest', free!)).toBeGreaterThan(0);
    // The last lap must begin when the best order is ready for it, not later: neither rest nor slack may come before it.
    const last = free!.blocks.filter((b) => b.kind === 'film').at(-1)!;
    const pauses = free!.blocks.filter((b) => (b.kind === 'rest' || b.kind === 'slack') && b.to <= last.from);
    const readyMin = last.from - pauses.reduce((sum, b) => sum + b.to - b.from, 0);
    const only = { from: '00:00', to: clockOf(readyMin + (last.to - last.from) + 2), why: 'lift' };
    const bound = dayPlans(day(long.shots.map((s) => ({ ...s, only }))))[0]!;
    expect(bound.lateMin).toBe(0);
    const filmed = bound.blocks.filter((b) => b.kind === 'film').at(-1)!;
    expect(clockOf(filmed.to) <= only.to).toBe(true);
    expect(minutes('rest', bound)).toBe(0);
  });

  it('a battery that does not last is changed before a lap, or on the way where one is not enough', () => {
    const long = day(mixed.shots.map((shot) => ({ ...shot, use: { hours: 0.9, start: 'running' as const } })));
    const [plan] = dayPlans(long);
    const full = plan!.blocks.filter(
      (b) => b.kind === 'rig' && b.steps.some((s) => /a full battery into/.test(s.words)),
    );
    expect(full.length).toBeGreaterThan(0);
    // The day begins with a full one.
    expect(plan!.blocks.findIndex((b) => b.kind === 'film')).toBeLessThan(plan!.blocks.indexOf(full[0]!));
    const hours = dayPlans(day([{ ...mixed.shots[0]!, use: { hours: 5, start: 'running' } }]))[0]!;
    expect(
      hours.blocks
        .find((b) => b.kind === 'film')!
        .steps.map((s) => s.words)
        .join(),
    ).toMatch(/\d batteries more on the way, at a stop/);
    const fed = dayPlans(day([{ ...mixed.shots[0]!, use: { hours: 5, start: 'running', feed: 'power bank' } }]))[0]!;
    expect(fed.blocks.find((b) => b.kind === 'film')!.steps).toEqual([]);
  });

  it('shots begin at their own hours where those bind; freed, the day is shorter', () => {
    const bound = dayPlans(skerra);
    for (const block of bound.flatMap((plan) => plan.blocks).filter((b) => b.kind === 'film')) {
      const shot = skerra.shots.find((s) => s.id === block.shotIds[0])!;
      const [h, m] = shot.hour!.at.split(':').map(Number);
      expect(Math.abs(block.from - (h! * 60 + m!))).toBeLessThan(90);
    }
    const long = (plans: typeof bound) =>
      plans.reduce((sum, { blocks }) => sum + blocks.at(-1)!.to - blocks[0]!.from, 0);
    expect(long(dayPlans(skerra, { freeHours: true }))).toBeLessThan(long(bound) - 60);
  });

  it('two cameras at two places are filmed in one lap, one camera in two', () => {
    const both = day([at('a', 'chest'), at('b', 'handlebar')]);
    expect(dayPlans(both, { counts: { 'cube-camera': 2 } })[0]!.laps).toBe(1);
    expect(dayPlans(both, { counts: { 'cube-camera': 1 } })[0]!.laps).toBe(2);
    expect(dayPlans(both)[0]!.laps).toBe(2);
  });

  it('a pass-by costs more than a shot on board, and is told', () => {
    const [plan] = dayPlans(skerra);
    expect(plan!.why.join(' ')).toMatch(/pass-by costs \d\d min/);
  });

  it('days are planned apart, each with its own shots', () => {
    const two = day([
      at('a', 'chest', { hour: { day: 1, at: '10:00', headingDeg: null } }),
      at('b', 'chest', { hour: { day: 3, at: '10:00', headingDeg: null } }),
    ]);
    expect(dayPlans(two).map((p) => [p.day, p.order])).toEqual([
      [1, ['a']],
      [3, ['b']],
    ]);
  });

  it('sixty shots are planned', () => {
    const many = day(Array.from({ length: 60 }, (_, i) => at(`s${i}`, there[i % 5]!, { seconds: 5 + (i % 20) })));
    expect(dayPlans(many)[0]!.order).toHaveLength(60);
  });
});

it('a date so many days on: over the ends of months, years and a leap day (proleptic Gregorian calendar)', () => {
  expect(dateAfter('2027-02-27', 2)).toBe('2027-03-01');
  expect(dateAfter('2028-02-27', 2)).toBe('2028-02-29');
  expect(dateAfter('2027-12-31', 1)).toBe('2028-01-01');
  expect(dateAfter('2027-01-01', 365 * 4 + 1)).toBe('2031-01-01');
  expect(dateAfter('2027-05-05', 0)).toBe('2027-05-05');
});

describe('what goes along', () => {
  it('every piece once, with grams that add up; pads stay where they are stuck, so each place takes one', () => {
    const list = packList(skerra);
    expect(new Set(list.map((item) => item.id)).size).toBe(list.length);
    expect(packedGrams(list)).toBe(list.reduce((sum, item) => sum + (item.grams ?? 0), 0));
    for (const id of ['tethers', 'scale', 'wipes']) expect(list.some((item) => item.id === id)).toBe(true);
    for (const shot of skerra.shots) expect(list.some((item) => item.pieceId === shot.setUp.cameraId)).toBe(true);
  });

  it('the evening begins with what needs the night', () => {
    const stuck = skerra.shots.some((shot) => /pad/.test(shot.setUp.baseId));
    const tasks = eveningBefore(skerra);
    expect(tasks.some((task) => task.id === 'stick')).toBe(stuck);
    expect(tasks.find((task) => task.id === 'charge')!.words).toMatch(/Charge: .* (min|h) with 2 batteries at once/);
    expect(eveningBefore(day([]))).toEqual([]);
  });
});

describe('the story', () => {
  it('names what is missing, with a kind of shot for it, and nothing once it is there', () => {
    const one = storyOf(day([at('a', 'chest')]));
    expect(one.missing.map((gap) => gap.intentId)).toEqual(
      expect.arrayContaining(['look-back-at-the-face', 'pass-by', 'machine-at-work']),
    );
    expect(storyOf(skerra).missing.map((gap) => gap.intentId)).not.toContain('pass-by');
    for (const { missing } of [one, storyOf(skerra)])
      for (const gap of missing) expect(INTENTS.some((i) => i.id === gap.intentId)).toBe(true);
  });

  it('low and high, ahead and back are told by where the lens stands and looks', () => {
    const { shots } = storyOf(day([at('a', 'helmet-top'), at('b', 'chest'), at('c', 'boot')]));
    expect(shots.map((s) => s.height)).toEqual(['middle', 'middle', 'low']);
    expect(storyOf(skerra).shots.some((s) => s.looking === 'back')).toBe(true);
  });

  it('three minutes of film take more to be filmed; a log says how much better than habit', () => {
    const plain = storyOf({ ...skerra, film: { seconds: 180 } });
    expect(plain.filmedS).toBeGreaterThan(plain.seconds * 2);
    const entry = { id: 'e', at: '2027-02-14T11:00:00Z', done: true, usable: 'yes', held: 'held', note: '' } as const;
    const logged = { ...skerra, shots: skerra.shots.map((shot) => ({ ...shot, log: [entry] })) };
    expect(storyOf(logged)).toMatchObject({ fromLog: true, usableShare: 1 });
  });

  it('every story names kinds of shots that there are, five rows or so, and no two are alike', () => {
    for (const { rows } of STORIES) {
      expect(rows.length).toBeGreaterThanOrEqual(4);
      for (const { intentIds } of rows) for (const id of intentIds) expect(INTENTS.some((i) => i.id === id)).toBe(true);
    }
    expect(new Set(STORIES.map((s) => JSON.stringify(s.rows))).size).toBe(STORIES.length);
  });
});
