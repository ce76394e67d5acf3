import { NO_OWN_KIT } from '../../words/kit/ownKit';
import { mergeOutings } from './mergeOutings';
import type { Outing } from './records/outingRecord';

interface Entry {
  readonly id: string;
}

const inBoth = <T extends Entry>(list: readonly T[], other: readonly Entry[]): readonly T[] =>
  list.filter(({ id }) => other.some((entry) => entry.id === id));

/** What both certainly started from, where nobody kept that: the earlier one's fields, without what has been gathered since. */
function commonGround(earlier: Outing, later: Outing): Outing {
  return {
    ...earlier,
    ownKit: NO_OWN_KIT,
    carriers: inBoth(earlier.carriers, later.carriers).map((carrier) => ({
      ...carrier,
      spotLogs: [],
      rig: { ...carrier.rig, ownSpots: [] },
    })),
    shots: inBoth(earlier.shots, later.shots).map((shot) => ({
      ...shot,
      clips: [],
      ...(shot.shakeClips ? { shakeClips: [] } : {}),
      log: [],
      acknowledged: [],
      pullTests: [],
    })),
    ...(earlier.plan ? { plan: { ...earlier.plan, packed: [], done: [] } } : {}),
  };
}

/**
 * Two copies of one outing in one, where what they were copied from is not at hand: every shot, carrier, piece, clip, log entry and tick that
 * either has; of a field that differs, what the copy says that was changed last. The result has the id of the first.
 */
export function joinOutings(mine: Outing, theirs: Outing): Outing {
  const other = { ...theirs, id: mine.id };
  const [later, earlier] = mine.changedAt >= other.changedAt ? [mine, other] : [other, mine];
  return mergeOutings(commonGround(earlier, later), later, earlier);
}

/** Of several outings the one that another is a copy of: it shares most of its shots. Undefined where none shares any. */
export function originOf(copy: Outing, outings: readonly Outing[]): Outing | undefined {
  const shared = (outing: Outing): number =>
    inBoth(outing.shots, copy.shots).length + (outing.id === copy.id ? 0.5 : 0);
  return outings.filter((outing) => shared(outing) > 0).sort((a, b) => shared(b) - shared(a))[0];
}
