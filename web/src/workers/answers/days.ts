import { dayPlans, eveningBefore, packList, powerOfDay, storyOf, type Outing } from '@strut-spot/core';

/** How many of a camera there are, by id; what is not named is there once. */
export type CameraCounts = Readonly<Record<string, number>>;
const camerasOf = (counts: CameraCounts) => (id: string) => counts[id] ?? 1;

/** What concerns all shots of an outing together. */
export const days = {
  /** Batteries and cards of all cameras over the outing. */
  powerOfDay: (outing: Outing) => powerOfDay(outing),

  story: (outing: Outing) => storyOf(outing),

  /** Order, timetable, pack list and the evening before. */
  day(outing: Outing, counts: CameraCounts) {
    const { order, freeHours = false } = outing.plan ?? {};
    const options = { freeHours, camerasOf: camerasOf(counts) };
    return {
      plans: dayPlans(outing, order ? { ...options, order } : options),
      // To be held against an order of one's own.
      best: order ? dayPlans(outing, options) : null,
      pack: packList(outing, camerasOf(counts)),
      evening: eveningBefore(outing),
    };
  },
};
