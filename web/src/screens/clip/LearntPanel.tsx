import { lessonsElsewhere, lessonsOf, resolveRig, shakeLessonsOf, tiltWords, withLesson } from '@strut-spot/core';
import { FileDown, Trash2 } from 'lucide-react';
import { unparse } from 'papaparse';
import { Link } from 'react-router';
import { download, fileNameOf } from '../../devices/download';
import { useOuting } from '../../state/OutingProvider';
import { useLearnt } from '../../state/useLearnt';
import { useStoredOutings } from '../../storage/outings';
import { IconAction } from '../../ui/IconAction';
import { momentWords } from '../../words/dates';

/** A lesson in the list. */
interface Line {
  readonly id: string;
  readonly at: string;
  readonly machineId: string;
  readonly spotId: string;
  readonly used: boolean;
  readonly words: string;
}

/** What test clips taught: of this spot in a sentence, and each clip, to be switched off or forgotten. */
export function LearntPanel() {
  const { outing, change } = useOuting();
  const stored = useStoredOutings() ?? [];
  const [lessons, shakes] = [lessonsOf(outing), shakeLessonsOf(outing)];
  const others = stored.flatMap((one) => (one.kind === 'readable' && one.deletedAt === null ? [one.outing] : []));
  const elsewhere = lessonsElsewhere(outing, others);
  const said = useLearnt();
  const all: readonly Line[] = [
    ...lessons.map((lesson) => ({
      ...lesson,
      words: `${tiltWords(lesson.pitchDeg, 'higher', 'lower', 'as high')}, ${tiltWords(lesson.rollDeg, 'right', 'left', 'no lean')}`,
    })),
    ...shakes.map((lesson) => ({ ...lesson, words: `shakes ${lesson.ratio.toFixed(2)} times the model` })),
  ];
  const waiting = elsewhere.tilts.length + elsewhere.shakes.length;
  if (all.length === 0 && waiting === 0) return null;

  const shotOf = (id: string) =>
    outing.shots.find(({ clips, shakeClips = [] }) => [...clips, ...shakeClips].some((clip) => clip.id === id));
  const nameOf = ({ id, machineId, spotId }: Line): string => {
    const from = shotOf(id);
    const machine = resolveRig({ machineId, fit: {}, wornIds: [], statureM: 1.75 }).machine.name.toLowerCase();
    return from ? from.name : `${spotId.replaceAll('-', ' ')}, ${machine}`;
  };
  const save = () =>
    download(
      `${fileNameOf(outing.name)}-learnt.csv`,
      unparse(
        [
          ...lessons.map((lesson) => ({ ...lesson, groundId: '', ratio: '' })),
          ...shakes.map((lesson) => ({ ...lesson, pitchDeg: '', rollDeg: '' })),
        ].map(({ at, machineId, partId, spotId, strut, groundId, pitchDeg, rollDeg, ratio, used }) => ({
          at,
          rider: outing.riderName,
          carrier: machineId,
          part: partId,
          spot: spotId,
          strut: strut ?? '',
          ground: groundId,
          higher_deg: pitchDeg,
          right_side_lower_deg: rollDeg,
          shakes_times_the_model: ratio,
          counted: used ? 'yes' : 'no',
        })),
        { escapeFormulae: true },
      ),
      'text/csv',
    );

  return (
    <section aria-labelledby="learnt">
      <div className="flex items-end justify-between border-b border-hair-strong">
        <h2 id="learnt" className="caption">
          Learnt
        </h2>
        {all.length > 0 && (
          <IconAction
            name="Save as CSV"
            label="Save what was learnt as CSV"
            icon={<FileDown size={15} aria-hidden />}
            onClick={save}
          />
        )}
      </div>
      {said.tilt && (
        <p className="py-1" data-testid="learnt-words">
          {said.tilt}
        </p>
      )}
      {said.shake && (
        <p className="py-1" data-testid="learnt-shake">
          {said.shake}
        </p>
      )}
      <ul>
        {all.map((lesson) => {
          const name = nameOf(lesson);
          const from = shotOf(lesson.id);
          return (
            <li key={lesson.id} className="flex items-center gap-2 border-b border-hair py-1">
              <input
                type="checkbox"
                className="size-5 shrink-0"
                checked={lesson.used}
                aria-label={`Count in the clip of ${name}, ${momentWords(lesson.at)}`}
                onChange={(event) => {
                  const fate = event.target.checked ? 'used' : 'laid aside';
                  change((o) => withLesson(o, lesson.id, fate));
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
                  {momentWords(lesson.at)}: {lesson.words}
                </span>
              </div>
              <IconAction
                name="Forget"
                label={`Forget the clip of ${name}, ${momentWords(lesson.at)}`}
                icon={<Trash2 size={15} aria-hidden />}
                onClick={() => change((o) => withLesson(o, lesson.id, 'forgotten'))}
              />
            </li>
          );
        })}
      </ul>
      {waiting > 0 && (
        <div className="border-l-4 border-ink bg-sheet p-2">
          <p>
            {waiting === 1
              ? `One clip of ${outing.riderName} in another outing teaches`
              : `${waiting} clips of ${outing.riderName} in other outings teach`}{' '}
            how cameras stand and shake.
          </p>
          <button
            type="button"
            className="action mt-1"
            onClick={() =>
              change((o) => ({
                ...o,
                ...(elsewhere.tilts.length > 0 ? { lessons: [...(o.lessons ?? []), ...elsewhere.tilts] } : {}),
                ...(elsewhere.shakes.length > 0
                  ? { shakeLessons: [...(o.shakeLessons ?? []), ...elsewhere.shakes] }
                  : {}),
              }))
            }
          >
            Learn from {waiting === 1 ? 'it' : 'them'}
          </button>
        </div>
      )}
    </section>
  );
}
