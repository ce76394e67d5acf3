import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { BLOCK_NAMES, clockOf, dateAfter, type DayBlock, type DayPlan } from '@strut-spot/core';
import { Footprints, GripVertical } from 'lucide-react';
import { Link } from 'react-router';
import { useOuting } from '../../state/OutingProvider';
import { movingWords } from '../../ui/movingWords';
import { ToPhone } from '../../ui/ToPhone';
import { ShotWhen } from './ShotWhen';
import { dayWords } from '../../words/dates';

const minutes = (min: number): string =>
  min >= 60 ? `${Math.floor(min / 60)} h ${String(Math.round(min % 60)).padStart(2, '0')}` : `${Math.round(min)} min`;

const MOST_DAYS = 30;

/** A lap with the rigging before it: dragged as one. */
function LapRow({
  blocks,
  lapId,
  day,
}: {
  readonly blocks: readonly DayBlock[];
  readonly lapId: string;
  readonly day: number;
}) {
  const { outing, change } = useOuting();
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({
    id: lapId,
  });
  const film = blocks.at(-1)!;
  const days = Math.max(1, ...outing.shots.map((shot) => shot.hour?.day ?? 1));
  const shots = film.shotIds.flatMap((id) => outing.shots.find((shot) => shot.id === id) ?? []);
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={`flex items-stretch border-b border-hair ${isDragging ? 'relative z-10 bg-paper-2' : ''}`}
    >
      <button
        type="button"
        ref={setActivatorNodeRef}
        {...attributes}
        {...listeners}
        className="flex w-8 shrink-0 touch-none items-center justify-center hover:bg-paper-2 max-lg:w-touch"
        aria-label={`Move ${shots.map((shot) => shot.name).join(' and ')}`}
      >
        <GripVertical size={15} aria-hidden />
      </button>
      <div className="min-w-0 flex-1 border-l border-hair">
        {blocks.map((block) => (
          <div
            key={block.kind}
            className={`flex gap-3 px-2 py-1 ${block.kind === 'film' ? 'border-l-4 border-hivis' : 'border-l-4 border-transparent text-ink-2'}`}
          >
            <span className="reading w-14 shrink-0">{clockOf(block.from)}</span>
            <div className="min-w-0 flex-1">
              {block.kind === 'film' ? (
                shots.map((shot) => (
                  <div key={shot.id}>
                    <Link
                      to={`/outing/${outing.id}/shot/${shot.id}`}
                      className="block min-h-[24px] font-[640] underline decoration-hair underline-offset-4 hover:decoration-hivis"
                    >
                      {shot.name}
                    </Link>
                    {block.steps
                      .filter((step) => step.shotId === shot.id)
                      .map((step) => (
                        <p key={step.words} className="text-[0.95rem]">
                          {step.words}
                        </p>
                      ))}
                    <ShotWhen shot={shot} />
                  </div>
                ))
              ) : block.kind === 'rig' ? (
                <ul>
                  {block.steps.map((step) => (
                    <li key={step.shotId + step.words}>{step.words}</li>
                  ))}
                </ul>
              ) : (
                <p>{block.words}</p>
              )}
            </div>
            {block.kind === 'film' && (
              <label className="shrink-0">
                <span className="sr-only">Day of {shots.map((shot) => shot.name).join(' and ')}</span>
                <select
                  className="field"
                  value={day}
                  onChange={(event) => {
                    const to = Number(event.target.value);
                    change((o) => ({
                      ...o,
                      shots: o.shots.map((s) =>
                        block.shotIds.includes(s.id)
                          ? { ...s, hour: { at: o.startsAt, headingDeg: null, ...s.hour, day: to } }
                          : s,
                      ),
                    }));
                  }}
                >
                  {Array.from({ length: Math.min(MOST_DAYS, days + 1) }, (_, i) => (
                    <option key={i} value={i + 1} className="bg-sheet text-ink">
                      day {i + 1}
                    </option>
                  ))}
                </select>
              </label>
            )}
            <span className="reading shrink-0">{minutes(block.to - block.from)}</span>
          </div>
        ))}
      </div>
    </li>
  );
}

/** Blocks before, between and after laps, and the laps with what is rigged for them. */
function rowsOf(blocks: readonly DayBlock[]): (readonly DayBlock[])[] {
  const rows: DayBlock[][] = [];
  let lap: DayBlock[] = [];
  for (const block of blocks) {
    if (block.kind === 'rig') lap = [block];
    else if (block.kind === 'film') {
      rows.push([...lap, block]);
      lap = [];
    } else rows.push([block]);
  }
  return rows;
}

/** One day as a timetable; a lap dragged elsewhere makes an order of one's own. */
export function Timetable({ plan, date }: { readonly plan: DayPlan; readonly date: string }) {
  const { outing, change } = useOuting();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const rows = rowsOf(plan.blocks);
  const lapIds = rows.flatMap((blocks) => (blocks.at(-1)!.kind === 'film' ? [blocks.at(-1)!.shotIds.join()] : []));
  const namesOf = (lapId: string) =>
    lapId
      .split(',')
      .map((id) => outing.shots.find((shot) => shot.id === id)?.name ?? '')
      .join(' and ');
  const moved = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return;
    const to = arrayMove([...lapIds], lapIds.indexOf(String(active.id)), lapIds.indexOf(String(over.id)));
    const order = to.flatMap((ids) => ids.split(','));
    change((o) => {
      const others = (o.plan?.order ?? []).filter((id) => !order.includes(id));
      return { ...o, plan: { ...o.plan, order: [...others, ...order] } };
    });
  };
  return (
    <section aria-labelledby={`day-${plan.day}`}>
      <h3
        id={`day-${plan.day}`}
        className="flex flex-wrap items-baseline justify-between gap-x-4 border-b-2 border-ink pt-2 pb-0.5 text-[1.15rem] font-[700]"
      >
        <span>
          Day {plan.day}, <span className="font-[400]">{dayWords(dateAfter(date, plan.day - 1))}</span>
        </span>
        <span className="reading text-[0.9rem] font-[400]">
          until {clockOf(Math.min(1440, plan.endMin))}, rigging {minutes(plan.rigMin)}, filming {minutes(plan.filmMin)}
        </span>
      </h3>
      <DndContext
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={moved}
        accessibility={movingWords(namesOf)}
      >
        <SortableContext items={lapIds} strategy={verticalListSortingStrategy}>
          <ol>
            {rows.map((blocks) => {
              const last = blocks.at(-1)!;
              if (last.kind === 'film')
                return <LapRow key={last.shotIds.join()} blocks={blocks} lapId={last.shotIds.join()} day={plan.day} />;
              return (
                <li
                  key={`${last.kind} ${last.from}`}
                  className="flex gap-3 border-b border-hair py-1 pr-2 pl-11 text-ink-2 max-lg:pl-15"
                >
                  <span className="reading w-14 shrink-0">{clockOf(last.from)}</span>
                  <span className="min-w-0 flex-1">
                    {BLOCK_NAMES[last.kind]}: {last.words}
                  </span>
                  <span className="reading shrink-0">{minutes(last.to - last.from)}</span>
                </li>
              );
            })}
          </ol>
        </SortableContext>
      </DndContext>
      <div className="flex flex-wrap items-center gap-2 py-1">
        <ToPhone outing={outing} shotIds={plan.order} what={`day ${plan.day}`} />
        <Link className="action" to={`/outing/${outing.id}/field?shot=${plan.order[0]}`}>
          <Footprints size={16} aria-hidden /> At the trailhead
        </Link>
      </div>
      {plan.why.length > 0 && (
        <details open={plan.lateMin > 0.5 || plan.misplaced > 0}>
          <summary className="min-h-[24px] pt-1 font-[620] max-lg:min-h-touch">Why this order</summary>
          <ul className="pl-4">
            {plan.why.map((why) => (
              <li key={why} className="list-disc">
                {why}
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}
