import { GOES, ROUTINES, type EveningTask, type PackItem, packedGrams } from '@strut-spot/core';
import { useOuting } from '../../state/OutingProvider';
import { STANDARD_BOX, useKitBox } from '../../storage/kitBox';
import { Tick } from '../../ui/Tick';
import { useInUnits } from '../../ui/useInUnits';
import { lackWords } from './lackWords';

const KINDS = { camera: 'Cameras', mount: 'Mounts', power: 'Power and cards', care: 'Care and spares' } as const;

const kilos = (grams: number): string => (grams >= 1000 ? `${(grams / 1000).toFixed(1)} kg` : `${grams} g`);

const withTick = (list: readonly string[] | undefined, id: string, on: boolean): readonly string[] => {
  const others = (list ?? []).filter((other) => other !== id);
  return on ? [...others, id] : others;
};

/** Beside what is ticked, which is as high as a finger on a phone. */
const FIGURE = 'reading shrink-0 max-lg:leading-(--spacing-touch)';

/** What goes along, ticked as it goes into the bag; the evening before; what to do there. */
export function PackPanel({
  pack,
  evening,
}: {
  readonly pack: readonly PackItem[];
  readonly evening: readonly EveningTask[];
}) {
  const { outing, change } = useOuting();
  const box = useKitBox() ?? STANDARD_BOX;
  const { packed = [], done = [] } = outing.plan ?? {};
  const tick = (field: 'packed' | 'done', id: string, on: boolean) =>
    change((o) => ({ ...o, plan: { ...o.plan, [field]: withTick(o.plan?.[field], id, on) } }), `tick-${field}-${id}`);
  const inUnits = useInUnits();
  const lacks = (item: PackItem) => {
    const words = lackWords(box, item);
    return words && <strong className="text-ink">; {words}</strong>;
  };
  const inBag = pack.filter((item) => packed.includes(item.id)).length;
  return (
    <div className="space-y-3">
      <section aria-labelledby="evening">
        <h2 id="evening" className="caption border-b-2 border-ink pb-0.5">
          The evening before
        </h2>
        <ul>
          {evening.map((task) => (
            <li key={task.id} className="flex items-start justify-between gap-2 border-b border-hair py-0.5">
              <Tick label={task.words} checked={done.includes(task.id)} onChange={(on) => tick('done', task.id, on)} />
              <span className={FIGURE}>{task.minutes} min</span>
            </li>
          ))}
        </ul>
      </section>
      <section aria-labelledby="pack">
        <h2 id="pack" className="caption flex justify-between border-b-2 border-ink pb-0.5">
          <span>To pack</span>
          <span className="reading normal-case" data-testid="packed">
            {inBag} of {pack.length}, {inUnits(kilos(packedGrams(pack)))}
          </span>
        </h2>
        {(Object.keys(KINDS) as (keyof typeof KINDS)[]).map((kind) => {
          const items = pack.filter((item) => item.kind === kind);
          if (items.length === 0) return null;
          return (
            <div key={kind}>
              <h3 className="label pt-1 text-ink-2">{KINDS[kind]}</h3>
              <ul>
                {items.map((item) => (
                  <li key={item.id} className="flex items-start justify-between gap-2 border-b border-hair py-0.5">
                    <div className="min-w-0">
                      <Tick
                        label={`${item.count > 1 ? `${item.count} × ` : ''}${item.name}`}
                        checked={packed.includes(item.id)}
                        onChange={(on) => tick('packed', item.id, on)}
                      />
                      <p className="pl-6 text-[0.86rem] text-ink-2">
                        {item.why}; {GOES[item.goes]}
                        {lacks(item)}
                      </p>
                    </div>
                    <span className={FIGURE}>{item.grams === null ? '' : `${item.grams} g`}</span>
                  </li>
                ))}
              </ul>
            </div>
          );
        })}
      </section>
      <section aria-labelledby="there">
        <h2 id="there" className="caption border-b-2 border-ink pb-0.5">
          On the spot
        </h2>
        <p className="border-b border-hair py-0.5">At the start: {ROUTINES.start.join(', ').toLowerCase()}.</p>
        <p className="border-b border-hair py-0.5">Between laps: {ROUTINES.between.join(', ').toLowerCase()}</p>
        <p className="py-0.5">After: {ROUTINES.after.join(', ').toLowerCase()}.</p>
      </section>
    </div>
  );
}
