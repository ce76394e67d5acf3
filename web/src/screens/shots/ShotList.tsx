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
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { carrierOfShot, rigOfShot, type Shot } from '@strut-spot/core';
import { toast } from 'sonner';
import { changeLater, putBack } from '../../state/changeLater';
import { copyName } from '../../state/copyName';
import { newId } from '../../state/newId';
import { movingWords } from '../../ui/movingWords';
import { useOuting } from '../../state/OutingProvider';
import { computing } from '../../workers/core';
import { ShotRow } from './ShotRow';

export function ShotList() {
  const { outing, change } = useOuting();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const { shots } = outing;

  const moved = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return;
    const index = (id: unknown) => shots.findIndex((s) => s.id === id);
    change((o) => ({ ...o, shots: arrayMove([...o.shots], index(active.id), index(over.id)) }));
  };
  const duplicate = (shot: Shot) =>
    change((o) => ({
      ...o,
      shots: o.shots.flatMap((s) => (s.id === shot.id ? [s, copyOf(s)] : [s])),
    }));
  const addCounterpart = async (shot: Shot) => {
    const carrier = carrierOfShot(outing, shot);
    try {
      const other = await computing.counterpartShot(newId(), carrier, rigOfShot(outing, shot), shot);
      change((o) => ({ ...o, shots: o.shots.flatMap((s) => (s.id === shot.id ? [s, other] : [s])) }));
    } catch (error) {
      toast(`No shot was added: ${(error as Error).message}`);
    }
  };
  const remove = (shot: Shot) => {
    const at = shots.indexOf(shot);
    change((o) => ({ ...o, shots: o.shots.filter((s) => s.id !== shot.id) }));
    toast(`"${shot.name}" is deleted.`, {
      action: {
        label: 'Undo',
        // The message outlives this screen, and the step back may have been taken otherwise meanwhile.
        onClick: () => void changeLater(outing.id, (o) => ({ ...o, shots: putBack(o.shots, shot, at) })),
      },
    });
  };

  if (shots.length === 0) {
    return (
      <p className="border border-dashed border-hair-strong p-6 text-ink-2">
        No shots yet. Pick below what the first one should show.
      </p>
    );
  }
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={moved}
      accessibility={movingWords((id) => shots.find((shot) => shot.id === id)?.name ?? '')}
    >
      <SortableContext items={shots.map((s) => s.id)} strategy={verticalListSortingStrategy}>
        <ol className="border-y-2 border-ink bg-sheet">
          {shots.map((shot, index) => (
            <ShotRow
              key={shot.id}
              outing={outing}
              shot={shot}
              number={index + 1}
              onCounterpart={() => void addCounterpart(shot)}
              onDuplicate={() => duplicate(shot)}
              onRemove={() => remove(shot)}
            />
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  );
}

/** The same shot, not filmed yet. */
function copyOf({ shakeClips, ...shot }: Shot): Shot {
  void shakeClips;
  return { ...shot, id: newId(), name: copyName(shot.name), clips: [], log: [] };
}
