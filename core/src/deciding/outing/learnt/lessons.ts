import { keepLatest } from '../../../mathematics/caching/keepLatest';
import type { EarlierLesson } from '../../../words/learning/lesson';
import type { LearntTurn } from '../../../words/rig/rigSpec';
import type { Outing } from '../records/outingRecord';
import { learntTurns } from './tiltLearnt';

type Taught = Pick<Outing, 'shots' | 'lessons'>;

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

const riderOf = ({ riderName }: Pick<Outing, 'riderName'>): string => riderName.trim().toLowerCase();

/** Lessons of other outings of the same rider, by name, that this one has not got yet. Nobody learns from who has no name. */
export function lessonsElsewhere(outing: Outing, others: readonly Outing[]): readonly EarlierLesson[] {
  const rider = riderOf(outing);
  if (rider === '') return [];
  const known = new Set(lessonsOf(outing).map(({ id }) => id));
  const found = new Map<string, EarlierLesson>();
  for (const other of others) {
    if (other.id === outing.id || riderOf(other) !== rider) continue;
    for (const lesson of ownLessons(other)) if (!known.has(lesson.id)) found.set(lesson.id, lesson);
  }
  return [...found.values()].sort((a, b) => a.at.localeCompare(b.at));
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
    .map((l) => [l.machineId, l.partId, l.spotId, l.pitchDeg, l.rollDeg].join(' '))
    .join('\n');
  keys.set(outing.shots, { earlier: outing.lessons, key });
  return key;
}

/** What a machine's rig carries of it; nothing where nobody was taught anything. The same lessons give the same list. */
export function learntOn(outing: Taught, machineId: string): { readonly learnt?: readonly LearntTurn[] } {
  const key = keyOfLessons(outing);
  return key === '' ? {} : { learnt: latest(`${machineId}\n${key}`, () => learntTurns(lessonsOf(outing), machineId)) };
}
