import { BLOCK_NAMES, dateAfter, instantOf, type DayPlan, type Outing } from '@strut-spot/core';
import { createEvents, type DateArray, type EventAttributes } from 'ics';

/** Minutes after midnight of a day, as the calendar takes them. */
const floating = (date: string, minutes: number): DateArray => {
  const days = Math.floor(minutes / 1440);
  const [year, month, day] = dateAfter(date, days).split('-').map(Number) as [number, number, number];
  const left = Math.round(minutes - days * 1440);
  return [year, month, day, Math.floor(left / 60), left % 60];
};

const clock = (minutes: number): string => {
  const left = Math.round(minutes) % 1440;
  return `${String(Math.floor(left / 60)).padStart(2, '0')}:${String(left % 60).padStart(2, '0')}`;
};

/**
 * The days of an outing as a calendar (RFC 5545), one entry a block. Where the outing says where it is, the times are instants of that place's
 * time zone; else they float: the same hour on whatever clock reads them.
 * @throws Error with the package's own reason
 */
export function calendarOf(outing: Outing, plans: readonly DayPlan[]): string {
  const zone = outing.where?.timeZone;
  const momentOf = (date: string, minutes: number): DateArray | number =>
    zone
      ? instantOf(dateAfter(date, Math.floor(Math.round(minutes) / 1440)), clock(minutes), zone)
      : floating(date, minutes);
  const nameOf = (id: string) => outing.shots.find((shot) => shot.id === id)?.name ?? id;
  const events = plans.flatMap((plan) => {
    const date = dateAfter(outing.date, plan.day - 1);
    return plan.blocks.map((block, i): EventAttributes => {
      const shots = block.shotIds.map(nameOf).join(', ');
      const title = `${BLOCK_NAMES[block.kind]}${shots && block.kind !== 'wait' ? `: ${shots}` : ''}`;
      return {
        uid: `${outing.id}-${plan.day}-${i}@strut-spot`,
        productId: 'strut-spot',
        calName: outing.name,
        title,
        description: [block.words, ...block.steps.map((step) => step.words)].join('\n'),
        location: outing.place,
        start: momentOf(date, block.from),
        end: momentOf(date, block.to),
        ...(zone
          ? {
              startInputType: 'utc' as const,
              startOutputType: 'utc' as const,
              endInputType: 'utc' as const,
              endOutputType: 'utc' as const,
            }
          : {
              startInputType: 'local' as const,
              startOutputType: 'local' as const,
              endInputType: 'local' as const,
              endOutputType: 'local' as const,
            }),
      };
    });
  });
  const { error, value } = createEvents(events);
  if (error || !value) throw error ?? new Error('nothing was written');
  return value;
}
