import {
  learntWords,
  lessonsElsewhere,
  lessonsOf,
  placedSpots,
  resolveRig,
  tiltLearnt,
  tiltWords,
  type EarlierLesson,
  type Outing,
} from '@strut-spot/core';
import { format, parseISO } from 'date-fns';
import { FileDown, Trash2 } from 'lucide-react';
import { unparse } from 'papaparse';
import { Link } from 'react-router';
import { download, fileNameOf } from '../../devices/download';
import { useOuting } from '../../state/OutingProvider';
import { useShot } from '../../state/useShot';
import { useStoredOutings } from '../../storage/outings';
import { IconAction } from '../../ui/IconAction';

/** A lesson edited, or taken out, wherever it lies: with the clip that taught it, or among those of earlier outings. */
function withLesson(outing: Outing, id: string, edit: (lesson: EarlierLesson) => EarlierLesson | null): Outing {
  return {
    ...outing,
    ...(outing.lessons
      ? { lessons: outing.lessons.flatMap((lesson) => (lesson.id === id ? (edit(lesson) ?? []) : [lesson])) }
      : {}),
    shots: outing.shots.map((shot) =>
      shot.clips.some((clip) => clip.id === id)
        ? {
            ...shot,
            clips: shot.clips.map(({ lesson, ...clip }) => {
              if (clip.id !== id || !lesson) return { ...clip, ...(lesson ? { lesson } : {}) };
              const edited = edit({ id, at: clip.at, ...lesson });
              return { ...clip, ...(edited ? { lesson: { ...lesson, used: edited.used } } : {}) };
            }),
          }
        : shot,
    ),
  };
}

/** What test clips taught: of this spot in a sentence, and each clip, to be switched off or forgotten. */
export function LearntPanel() {
  const { outing, change } = useOuting();
  const { shot, rig } = useShot();
  const stored = useStoredOutings() ?? [];
  const lessons = lessonsOf(outing);
  const others = stored.flatMap((one) => (one.kind === 'readable' && one.deletedAt === null ? [one.outing] : []));
  const elsewhere = lessonsElsewhere(outing, others);
  const spot = placedSpots(rig).find((placed) => placed.spot.id === shot.setUp.spotId)?.spot;
  const words =
    spot && learntWords(tiltLearnt(lessons, { machineId: rig.machineId, partId: spot.partId, spotId: spot.id }));
  if (lessons.length === 0 && elsewhere.length === 0) return null;

  const nameOf = ({ id, machineId, spotId }: EarlierLesson): string => {
    const from = outing.shots.find(({ clips }) => clips.some((clip) => clip.id === id));
    const machine = resolveRig({ machineId, fit: {}, wornIds: [], statureM: 1.75 }).machine.name.toLowerCase();
    return from ? from.name : `${spotId.replaceAll('-', ' ')}, ${machine}`;
  };
  const save = () =>
    download(
      `${fileNameOf(outing.name)}-learnt.csv`,
      unparse(
        lessons.map(({ at, machineId, partId, spotId, pitchDeg, rollDeg, used }) => ({
          at,
          rider: outing.riderName,
          carrier: machineId,
          part: partId,
          spot: spotId,
          higher_deg: pitchDeg,
          right_side_lower_deg: rollDeg,
          counted: used ? 'yes' : 'no',
        })),
      ),
      'text/csv',
    );

  return (
    <section aria-labelledby="learnt">
      <div className="flex items-end justify-between border-b border-hair-strong">
        <h2 id="learnt" className="caption">
          Learnt
        </h2>
        {lessons.length > 0 && (
          <IconAction
            name="Save as CSV"
            label="Save what was learnt as CSV"
            icon={<FileDown size={15} aria-hidden />}
            onClick={save}
          />
        )}
      </div>
      {words && (
        <p className="py-1" data-testid="learnt-words">
          {words}
        </p>
      )}
      <ul>
        {lessons.map((lesson) => {
          const name = nameOf(lesson);
          const from = outing.shots.find(({ clips }) => clips.some((clip) => clip.id === lesson.id));
          return (
            <li key={lesson.id} className="flex items-center gap-2 border-b border-hair py-1">
              <input
                type="checkbox"
                className="size-5 shrink-0"
                checked={lesson.used}
                aria-label={`Count in the clip of ${name}, ${format(parseISO(lesson.at), 'd MMM HH:mm')}`}
                onChange={(event) => {
                  const used = event.target.checked;
                  change((o) => withLesson(o, lesson.id, (one) => ({ ...one, used })));
                }}
              />
              <div className={`min-w-0 flex-1 leading-tight ${lesson.used ? '' : 'text-ink-2 line-through'}`}>
                {from ? (
                  <Link className="underline underline-offset-2" to={`/outing/${outing.id}/shot/${from.id}/clip`}>
                    {name}
                  </Link>
                ) : (
                  name
                )}
                <span className="reading block text-[0.85rem]">
                  {format(parseISO(lesson.at), 'd MMM HH:mm')}:{' '}
                  {tiltWords(lesson.pitchDeg, 'higher', 'lower', 'as high')},{' '}
                  {tiltWords(lesson.rollDeg, 'right', 'left', 'no lean')}
                </span>
              </div>
              <IconAction
                name="Forget"
                label={`Forget the clip of ${name}, ${format(parseISO(lesson.at), 'd MMM HH:mm')}`}
                icon={<Trash2 size={15} aria-hidden />}
                onClick={() => change((o) => withLesson(o, lesson.id, () => null))}
              />
            </li>
          );
        })}
      </ul>
      {elsewhere.length > 0 && (
        <div className="border-l-4 border-ink bg-sheet p-2">
          <p>
            {elsewhere.length === 1
              ? `One clip of ${outing.riderName} in another outing teaches`
              : `${elsewhere.length} clips of ${outing.riderName} in other outings teach`}{' '}
            how cameras stand.
          </p>
          <button
            type="button"
            className="action mt-1"
            onClick={() => change((o) => ({ ...o, lessons: [...(o.lessons ?? []), ...elsewhere] }))}
          >
            Learn from {elsewhere.length === 1 ? 'it' : 'them'}
          </button>
        </div>
      )}
    </section>
  );
}
