import type { OwnKit } from '../../words/kit/ownKit';
import type { OutingCarrier } from './records/carrierRecord';
import type { Outing } from './records/outingRecord';
import type { Shot } from './records/shotRecord';

const same = (a: unknown, b: unknown): boolean => a === b || JSON.stringify(a) === JSON.stringify(b);

/** Three states of one thing: as both knew it, as it is here, as it is there. */
interface Three<T> {
  readonly base: T;
  readonly mine: T;
  readonly theirs: T;
}

/** What was changed here holds, else what is there. */
const value = <T>({ base, mine, theirs }: Three<T>): T => (same(base, mine) ? theirs : mine);

/** Field by field; of the fields that are named the given way, all others whole. */
function fields<T extends object>(
  three: Three<T>,
  inner: { readonly [Key in keyof T]?: (of: Three<T[Key]>) => T[Key] } = {},
): T {
  const { base, mine, theirs } = three;
  if (same(base, theirs)) return mine;
  if (same(base, mine)) return theirs;
  const keys = new Set([...Object.keys(mine), ...Object.keys(theirs)]) as Set<string & keyof T>;
  const merged: Partial<T> = {};
  for (const key of keys) {
    const of = { base: base[key], mine: mine[key], theirs: theirs[key] };
    const kept = (inner[key] ?? value)(of as Three<T[typeof key]>);
    if (kept !== undefined) merged[key] = kept;
  }
  return merged as T;
}

interface Entry {
  readonly id: string;
}

/**
 * Entries of a list by their ids, in the order of whoever moved them, else of theirs. What one side took out is gone unless the other
 * side changed it since.
 */
function entries<T extends Entry>(
  { base, mine, theirs }: Three<readonly T[]>,
  merge: (of: Three<T>) => T,
): readonly T[] {
  if (same(base, theirs)) return mine;
  if (same(base, mine)) return theirs;
  const by = (list: readonly T[]) => new Map(list.map((entry) => [entry.id, entry]));
  const [was, here, there] = [by(base), by(mine), by(theirs)];
  const kept = (id: string): T | undefined => {
    const [old, own, other] = [was.get(id), here.get(id), there.get(id)];
    if (own && other) return merge({ base: old ?? other, mine: own, theirs: other });
    const left = own ?? other;
    return old && same(old, left) ? undefined : left;
  };
  const order = (list: readonly T[]) => list.filter((entry) => was.has(entry.id)).map((entry) => entry.id);
  const moved = !same(
    order(base).filter((id) => here.has(id)),
    order(mine),
  );
  const [first, second] = moved ? [mine, theirs] : [theirs, mine];
  const ids = first.map((entry) => entry.id);
  // What only the other side has comes after what it follows there.
  second.forEach((entry, i) => {
    if (ids.includes(entry.id)) return;
    const before = second.slice(0, i).findLast((earlier) => ids.includes(earlier.id));
    ids.splice(before ? ids.indexOf(before.id) + 1 : 0, 0, entry.id);
  });
  return ids.map(kept).filter((entry) => entry !== undefined);
}

const whole = <T extends Entry>(of: Three<readonly T[]>): readonly T[] => entries(of, value);

/** Texts that were ticked or added on either side and taken away on none. */
const texts = ({ base, mine, theirs }: Three<readonly string[]>): readonly string[] =>
  [...new Set([...theirs, ...mine])].filter(
    (one) => !base.includes(one) || (mine.includes(one) && theirs.includes(one)),
  );

/** Pulls of either side, in the order of their times. */
const pulls = ({ base, mine, theirs }: Three<Shot['pullTests']>): Shot['pullTests'] => {
  const all = new Map([...theirs, ...mine].map((pull) => [JSON.stringify(pull), pull]));
  const has = (list: Shot['pullTests'], key: string) => list.some((pull) => JSON.stringify(pull) === key);
  return [...all]
    .filter(([key]) => !has(base, key) || (has(mine, key) && has(theirs, key)))
    .map(([, pull]) => pull)
    .sort((a, b) => a.at.localeCompare(b.at));
};

const maybeWhole = <T extends Entry>({
  base,
  mine,
  theirs,
}: Three<readonly T[] | undefined>): readonly T[] | undefined =>
  mine || theirs ? whole({ base: base ?? [], mine: mine ?? [], theirs: theirs ?? [] }) : undefined;

// A set-up is one thing: half of one and half of another may be neither.
const shot = (of: Three<Shot>): Shot =>
  fields(of, { clips: whole, shakeClips: maybeWhole, log: whole, acknowledged: texts, pullTests: pulls });

const carrier = (of: Three<OutingCarrier>): OutingCarrier =>
  fields(of, {
    rig: (rig) =>
      fields(rig, {
        fit: (fit) => fields(fit),
        ownSpots: ({ base, mine, theirs }) => whole({ base: base ?? [], mine: mine ?? [], theirs: theirs ?? [] }),
      }),
    ride: (ride) => fields(ride),
    spotLogs: whole,
  });

const ticks = ({ base, mine, theirs }: Three<readonly string[] | undefined>) =>
  texts({ base: base ?? [], mine: mine ?? [], theirs: theirs ?? [] });
const plan = ({ base, mine, theirs }: Three<Outing['plan']>): Outing['plan'] =>
  fields<NonNullable<Outing['plan']>>(
    { base: base ?? {}, mine: mine ?? {}, theirs: theirs ?? {} },
    { packed: ticks, done: ticks },
  );

const kit = (of: Three<OwnKit>): OwnKit => fields(of, { cameras: whole, links: whole, bases: whole });

/**
 * Two changes of one outing in one: by shot, carrier and field. Where both changed the same field, what was done here holds.
 * @param base as both sides knew it
 */
export function mergeOutings(base: Outing, mine: Outing, theirs: Outing): Outing {
  if (mine === base || same(base, mine)) return theirs;
  if (same(base, theirs)) return mine;
  const merged = fields<Outing>(
    { base, mine, theirs },
    {
      carriers: (of) => entries(of, carrier),
      shots: (of) => entries(of, shot),
      ownKit: kit,
      plan,
      changedAt: () => (mine.changedAt > theirs.changedAt ? mine.changedAt : theirs.changedAt),
    },
  );
  // A carrier that one side took out while the other filmed from it stays.
  const missing = new Set(merged.shots.map((s) => s.carrierId));
  for (const { id } of merged.carriers) missing.delete(id);
  const back = [...mine.carriers, ...theirs.carriers, ...base.carriers].filter(({ id }) => missing.delete(id));
  return back.length > 0 ? { ...merged, carriers: [...merged.carriers, ...back] } : merged;
}
