import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import {
  intentOf,
  pictureLightOf,
  resolveRig,
  rigOfShot,
  levelWords,
  type Outing,
  type Shot,
  shotQuestion,
} from '@strut-spot/core';
import { ArrowLeftRight, Copy, GripVertical, Trash2 } from 'lucide-react';
import { Link } from 'react-router';
import { useOuting } from '../../state/OutingProvider';
import { IconAction } from '../../ui/IconAction';
import { NumberField } from '../../ui/NumberField';
import { PictureCanvas } from '../../ui/PictureCanvas';
import { useSeen } from '../../ui/useSeen';
import { VerdictMark } from '../../ui/VerdictMark';
import { WorstVerdict } from '../../ui/WorstVerdict';
import { computing, drawing } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';

interface ShotRowProps {
  readonly outing: Outing;
  readonly shot: Shot;
  readonly number: number;
  /** The same camera once more, filming the other way. */
  readonly onCounterpart: () => void;
  readonly onDuplicate: () => void;
  readonly onRemove: () => void;
}

export function ShotRow({ outing, shot, number, onCounterpart, onDuplicate, onRemove }: ShotRowProps) {
  const { changeShot } = useOuting();
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({
    id: shot.id,
  });
  const rig = rigOfShot(outing, shot);
  const { setUp, intentId, actionStanceId } = shot;
  const question = shotQuestion(outing, shot);
  const [seen, seenRef] = useSeen<HTMLDivElement>();
  const key = seen ? JSON.stringify(question) : null;
  const picture = useLatest(key, () =>
    drawing.picture({
      rig,
      setUp,
      stanceId: actionStanceId,
      widthPx: 256,
      uncropped: false,
      light: pictureLightOf(question),
    }),
  );
  const report = useLatest(key, () => computing.report(question));
  const last = shot.log[shot.log.length - 1];
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={`flex items-stretch border-b max-sm:flex-wrap border-hair last:border-b-0 ${isDragging ? 'relative z-10 bg-paper-2' : ''}`}
    >
      <button
        type="button"
        ref={setActivatorNodeRef}
        {...attributes}
        {...listeners}
        className="flex w-9 shrink-0 touch-none items-center justify-center hover:bg-paper-2"
        aria-label={`Move ${shot.name}`}
      >
        <GripVertical size={16} aria-hidden />
      </button>
      <Link
        to={`shot/${shot.id}`}
        className="w-32 shrink-0 self-center border-x border-hair bg-paper-2 max-sm:w-24"
        tabIndex={-1}
        aria-hidden="true"
      >
        <PictureCanvas picture={picture.value} label="" className="aspect-video w-full object-contain" />
      </Link>
      <div
        ref={seenRef}
        className="grid min-w-0 flex-1 items-center gap-x-4 px-3 py-2 max-sm:grid-cols-2 sm:grid-cols-[minmax(0,1fr)_8.5rem_5.75rem]"
      >
        <div className="min-w-0 max-sm:col-span-2">
          <Link
            to={`shot/${shot.id}`}
            className="block text-[1.08rem] font-[640] underline decoration-hair underline-offset-4 hover:decoration-hivis"
          >
            {number}. {shot.name}
          </Link>
          <p className="text-ink-2 leading-snug">
            {resolveRig(rig).machine.name} ·{' '}
            {report.problem ? 'spot or piece lost' : report.value ? report.value.spotName.toLowerCase() : '…'} ·{' '}
            {intentOf(intentId).name.toLowerCase()}
            {last ? ` · ${last.done ? 'filmed' : 'not filmed'}, ${last.held}` : ''}
          </p>
        </div>
        <div>
          <span className="caption block text-[0.68rem]">level reads</span>
          <span className="reading">{report.value ? levelWords(report.value.level).tilt : '…'}</span>
        </div>
        <div>
          {report.problem ? (
            <span className="inline-flex flex-col leading-tight" data-testid="worst" title={report.problem}>
              <VerdictMark verdict="can't say" />
            </span>
          ) : (
            <WorstVerdict checks={report.value?.checks ?? []} />
          )}
        </div>
      </div>
      <div className="flex items-center pr-1 max-sm:w-full max-sm:justify-end">
        <NumberField
          label={`Seconds of ${shot.name}`}
          hideLabel
          value={shot.seconds}
          unit="s"
          step={1}
          min={0}
          max={36000}
          digits={0}
          onChange={(seconds) => changeShot(shot.id, (s) => ({ ...s, seconds }), `seconds-${shot.id}`)}
        />
        <IconAction
          name="Second camera"
          label={`A second camera the other way, with ${shot.name}`}
          icon={<ArrowLeftRight size={16} aria-hidden />}
          onClick={onCounterpart}
        />
        <IconAction
          name="Duplicate"
          label={`Duplicate ${shot.name}`}
          icon={<Copy size={16} aria-hidden />}
          onClick={onDuplicate}
        />
        <IconAction
          name="Delete"
          label={`Delete ${shot.name}`}
          icon={<Trash2 size={16} aria-hidden />}
          onClick={onRemove}
        />
      </div>
    </li>
  );
}
