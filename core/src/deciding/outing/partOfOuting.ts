import { lessonsOf, shakeLessonsOf } from './learnt/lessons';
import type { Outing } from './records/outingRecord';

/** An outing with some of its shots, to be taken along: what they need, what was learnt, no track, no clips and no log. It can be joined with the whole again. */
export function partOfOuting(outing: Outing, shotIds: readonly string[]): Outing {
  const { track, lessons, shakeLessons, ...rest } = outing;
  void track;
  void lessons;
  void shakeLessons;
  const shots = outing.shots.filter(({ id }) => shotIds.includes(id));
  const used = new Set(shots.map(({ carrierId }) => carrierId));
  const carriers = outing.carriers.filter(({ id }) => used.has(id));
  const [learnt, shakes] = [lessonsOf(outing), shakeLessonsOf(outing)];
  return {
    ...rest,
    carriers: (carriers.length > 0 ? carriers : outing.carriers.slice(0, 1)).map((carrier) => ({
      ...carrier,
      // Logs are told by their bands; files that are not used say nothing.
      spotLogs: carrier.spotLogs.filter((log) => log.used),
    })),
    ...(learnt.length > 0 ? { lessons: learnt } : {}),
    ...(shakes.length > 0 ? { shakeLessons: shakes } : {}),
    shots: shots.map(({ stretch, shakeClips, ...shot }) => {
      void stretch;
      void shakeClips;
      return { ...shot, clips: [], log: [] };
    }),
  };
}
