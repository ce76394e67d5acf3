import { idOf } from './candidateOf';
import type { Sketch } from './spotted';

/** Best first; equals by what they are made of, so that the order is always the same. */
export const byScore = (a: Pick<Sketch, 'score' | 'resolved'>, b: Pick<Sketch, 'score' | 'resolved'>): number =>
  b.score - a.score || idOf(a.resolved.setUp).localeCompare(idOf(b.resolved.setUp));
