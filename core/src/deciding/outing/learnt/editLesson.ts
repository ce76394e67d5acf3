import type { Outing } from '../records/outingRecord';

interface Numbered {
  readonly id: string;
}
interface Used {
  readonly used: boolean;
}
/** What is to become of a lesson: to count, not to count, or to be forgotten. */
export type LessonFate = 'used' | 'laid aside' | 'forgotten';

const fated = <T extends Used>(lesson: T, fate: LessonFate): T | undefined =>
  fate === 'forgotten' ? undefined : { ...lesson, used: fate === 'used' };

/** Of a list of clips the one whose lesson is meant; without it the clip stays. */
const inClips = <L extends Used, C extends Numbered & { readonly lesson?: L }>(
  clips: readonly C[],
  id: string,
  fate: LessonFate,
): readonly C[] =>
  clips.map((clip) => {
    if (clip.id !== id || !clip.lesson) return clip;
    const { lesson, ...rest } = clip;
    const left = fated(lesson, fate);
    return (left ? { ...rest, lesson: left } : rest) as C;
  });

const inList = <L extends Numbered & Used>(lessons: readonly L[], id: string, fate: LessonFate): readonly L[] =>
  lessons.flatMap((lesson) => (lesson.id === id ? (fated(lesson, fate) ?? []) : [lesson]));

/** A lesson switched on or off, or forgotten, wherever it lies: with the clip that taught it, or among those of earlier outings. */
export const withLesson = (outing: Outing, id: string, fate: LessonFate): Outing => ({
  ...outing,
  ...(outing.lessons ? { lessons: inList(outing.lessons, id, fate) } : {}),
  ...(outing.shakeLessons ? { shakeLessons: inList(outing.shakeLessons, id, fate) } : {}),
  shots: outing.shots.map((shot) => ({
    ...shot,
    clips: inClips(shot.clips, id, fate),
    ...(shot.shakeClips ? { shakeClips: inClips(shot.shakeClips, id, fate) } : {}),
  })),
});
