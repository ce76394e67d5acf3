import { keepLatest } from '../../../mathematics/caching/keepLatest';
import type { EarlierLesson, EarlierShakeLesson } from '../../../words/learning/lesson';
import type { LearntTurn } from '../../../words/rig/rigSpec';
import type { Outing } from '../records/outingRecord';
import { learntTurns } from './tiltLearnt';

type Taught = Pick<Outing, 'shots' | 'lessons'>;
type Shaken = Pick<Outing, 'shots' | 'shakeLessons'>;

/** What the clips of an outing taught, oldest first. */
export const ownLessons = ({ shots }: Pick<Outing, 'shots'>): readonly EarlierLesson[] =>
  shots
    .flatMap(({ clips }) => clips.flatMap(({ id, at, lesson }) => (lesson ? [{ id, at, ...lesson }] : [])))
    .sort((a, b) => a.at.localeCompare(b.at));

/** All that an outing's rider has been taught: in earlier outings as far as it was taken over, then in this one. */
export const lessonsOf = (outing: Taught): readonly EarlierLesson[] => {
  const own = ownLessons(outing);
  const earlier = (outing.lessons ?? []).filter(({ id }) => !own.some((lesson) => lesson.id === id));
  return [...earlier, ...own];
};

const ownShakes = ({ shots }: Pick<Outing, 'shots'>): readonly EarlierShakeLesson[] =>
  shots
    .flatMap(({ shakeClips = [] }) =>
      shakeClips.flatMap(({ id, at, lesson }) => (lesson ? [{ id, at, ...lesson }] : [])),
    )
    .sort((a, b) => a.at.localeCompare(b.at));

/** The same of how much places shake. */
export const shakeLessonsOf = (outing: Shaken): readonly EarlierShakeLesson[] => {
  const own = ownShakes(outing);
  const earlier = (outing.shakeLessons ?? []).filter(({ id }) => !own.some((lesson) => lesson.id === id));
  return [...earlier, ...own];
};

const riderOf = ({ riderName }: Pick<Outing, 'riderName'>): string => riderName.trim().toLowerCase();

/** Lessons of other outings of the same rider, by name, that this one has not got yet. Nobody learns from who has no name. */
export function lessonsElsewhere(
  outing: Outing,
  others: readonly Outing[],
): { readonly tilts: readonly EarlierLesson[]; readonly shakes: readonly EarlierShakeLesson[] } {
  const rider = riderOf(outing);
  const same = rider === '' ? [] : others.filter((other) => other.id !== outing.id && riderOf(other) === rider);
  return {
    tilts: unknownOf(lessonsOf(outing), same.flatMap(ownLessons)),
    shakes: unknownOf(shakeLessonsOf(outing), same.flatMap(ownShakes)),
  };
}

function unknownOf<T extends { readonly id: string; readonly at: string }>(
  known: readonly T[],
  found: readonly T[],
): readonly T[] {
  const fresh = new Map(found.map((lesson) => [lesson.id, lesson]));
  for (const { id } of known) fresh.delete(id);
  return [...fresh.values()].sort((a, b) => a.at.localeCompare(b.at));
}

/** A machine's turns, by the lessons that they follow from. */
const latest = keepLatest<readonly LearntTurn[]>(40);
/** Asked for at every pose: the keys of an outing's lessons are put together once. */
const keys = new WeakMap<Outing['shots'], { readonly earlier: Outing['lessons']; readonly key: string }>();

function keyOfLessons(outing: Taught): string {
  const known = keys.get(outing.shots);
  if (known && known.earlier === outing.lessons) return known.key;
  const key = lessonsOf(outing)
    .filter(({ used }) => used)
    .map((l) => [l.machineId, l.partId, l.spotId, l.strut ?? '', l.pitchDeg, l.rollDeg].join(' '))
    .join('\n');
  keys.set(outing.shots, { earlier: outing.lessons, key });
  return key;
}

/** What a machine's rig carries of it; nothing where nobody was taught anything. The same lessons give the same list. */
export function learntOn(outing: Taught, machineId: string): { readonly learnt?: readonly LearntTurn[] } {
  const key = keyOfLessons(outing);
  return key === '' ? {} : { learnt: latest(`${machineId}\n${key}`, () => learntTurns(lessonsOf(outing), machineId)) };
}
