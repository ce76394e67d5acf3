import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import ICAL from 'ical.js';
import { dayPlans, parseOuting } from '@strut-spot/core';
import { calendarOf } from '.';

const parsed = parseOuting(readFileSync(join(__dirname, '../../demo/skerra.json'), 'utf8'));
if (!parsed.ok) throw new Error(parsed.problems.join());
const skerra = parsed.value;
const plans = dayPlans(skerra);

/** Read back by another package than writes it. */
const eventsOf = (text: string) =>
  new ICAL.Component(ICAL.parse(text) as never).getAllSubcomponents('vevent').map((event) => new ICAL.Event(event));

it('one entry a block, each with its own id, in order, as a reader of RFC 5545 finds them', () => {
  const events = eventsOf(calendarOf(skerra, plans));
  const blocks = plans.flatMap((plan) => plan.blocks);
  expect(events).toHaveLength(blocks.length);
  expect(new Set(events.map((event) => event.uid)).size).toBe(blocks.length);
  events.forEach((event, i) => {
    const minutes = (event.endDate.toJSDate().getTime() - event.startDate.toJSDate().getTime()) / 60_000;
    expect(minutes).toBeCloseTo(blocks[i]!.to - blocks[i]!.from, -0.5);
  });
  expect(events.filter((event) => event.summary.startsWith('Film: '))).toHaveLength(
    blocks.filter((b) => b.kind === 'film').length,
  );
});

it('times are those of the place’s clock: an hour earlier in UTC where the clock is an hour ahead; without a place they float', () => {
  const first = (outing: typeof skerra) => eventsOf(calendarOf(outing, plans))[0]!.startDate;
  const ahead = { ...skerra, where: { ...skerra.where!, timeZone: 'Etc/GMT-1' } };
  const hours = (first(skerra).toJSDate().getTime() - first(ahead).toJSDate().getTime()) / 3_600_000;
  expect(hours).toBeCloseTo(1, 9);
  const { where, ...nowhere } = skerra;
  void where;
  const floating = first(nowhere);
  expect(floating.zone).toBe(ICAL.Timezone.localTimezone);
  expect([floating.year, floating.month, floating.day]).toEqual([2027, 2, 19]);
  expect(floating.hour * 60 + floating.minute).toBe(plans[0]!.blocks[0]!.from);
});
