/** What it costs to get, in words: nobody's price list. */
export const COST_CLASSES = ['a few coins', 'a meal', 'a day out', 'a weekend', 'a holiday'] as const;
export type CostClass = (typeof COST_CLASSES)[number];
