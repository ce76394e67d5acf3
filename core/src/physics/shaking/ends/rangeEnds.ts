import { type RangeEnd, usual } from '../../../words/sourced/ends';

/** Figures that are uncertain together, each group on its own. */
export const ESTIMATE_GROUPS = ['ground', 'path', 'lines', 'stiffness', 'damping', 'stabiliser', 'shutter'] as const;
export type EstimateGroup = (typeof ESTIMATE_GROUPS)[number];
export type RangeEnds = Readonly<Record<EstimateGroup, RangeEnd>>;

export const USUAL_ENDS: RangeEnds = {
  ground: usual,
  path: usual,
  lines: usual,
  stiffness: usual,
  damping: usual,
  stabiliser: usual,
  shutter: usual,
};

/** What each group of figures is called where a range is explained. */
export const ESTIMATE_GROUP_NAMES: Readonly<Record<EstimateGroup, string>> = {
  ground: 'how rough it is',
  path: 'how carrier and body pass it on',
  lines: 'engine, wheels and own movement',
  stiffness: 'stiffness of the strut',
  damping: 'damping of the strut',
  stabiliser: 'what the stabiliser leaves',
  shutter: 'exposure and readout',
};
