import { clockOf, dateOf, type DayPlan, type Outing } from '@strut-spot/core';
import { ChevronLeft, ChevronRight } from 'lucide-react';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { useOuting } from '../../state/OutingProvider';
import { NOTHING_COUNTED, STANDARD_BOX, useKitBox } from '../../storage/kitBox';
import { judging } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';
import { FieldShot } from './FieldShot';

const today = (): string => {
  const now = new Date();
  return `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, '0')}-${String(now.getDate()).padStart(2, '0')}`;
};

const dayOf = (outing: Outing, shotId: string): number =>
  outing.shots.find((shot) => shot.id === shotId)?.hour?.day ?? 1;

/** Shots in the order of the days; as they stand in the list until that is worked out. */
const orderOf = (outing: Outing, plans: readonly DayPlan[] | undefined): readonly string[] => {
  const listed = outing.shots.map(({ id }) => id);
  const planned = (plans ?? []).flatMap((plan) => plan.order).filter((id) => listed.includes(id));
  return [
    ...planned,
    ...listed.filter((id) => !planned.includes(id)).sort((a, b) => dayOf(outing, a) - dayOf(outing, b)),
  ];
};

/** The trailhead on a phone: one shot after the other, in gloves and in the sun. */
export function FieldScreen() {
  const { outing } = useOuting();
  const box = useKitBox() ?? STANDARD_BOX;
  const counts = box.counts ?? NOTHING_COUNTED;
  const [params, setParams] = useSearchParams();
  const [date] = useState(today);
  const day = useLatest(JSON.stringify([outing, counts]), () => judging.day(outing, counts));
  const order = orderOf(outing, day.value?.plans);
  const todays = order.find((id) => outing.shots.some((shot) => shot.id === id && dateOf(outing, shot) === date));
  const at = Math.max(0, order.indexOf(params.get('shot') ?? todays ?? ''));
  const shot = outing.shots.find(({ id }) => id === order[at]);
  const go = (to: number) => setParams({ shot: order[to]! }, { replace: true });
  if (!shot)
    return (
      <main className="mx-auto max-w-md p-6">
        <h1 className="mb-2 text-2xl font-[700]">At the trailhead</h1>
        <p>This outing has no shots yet. Add one on its list, then come back here.</p>
      </main>
    );
  const block = day.value?.plans
    .flatMap((plan) => plan.blocks)
    .find((b) => b.kind === 'film' && b.shotIds.includes(shot.id));
  return (
    <main className="mx-auto max-w-md px-3 pt-2 pb-10">
      <nav aria-label="Shots in their order" className="mb-2 flex items-stretch gap-2">
        <button
          type="button"
          className="action size-14 justify-center"
          aria-label="Shot before"
          disabled={at === 0}
          onClick={() => go(at - 1)}
        >
          <ChevronLeft aria-hidden />
        </button>
        <p className="flex min-w-0 flex-1 flex-col justify-center text-center leading-tight">
          <span className="font-[640]">
            {at + 1} of {order.length}
          </span>
          <span className="text-ink-2">
            day {dayOf(outing, shot.id)}
            {block ? `, ${clockOf(block.from)}` : ''}
          </span>
        </p>
        <button
          type="button"
          className="action size-14 justify-center"
          aria-label="Next shot"
          disabled={at === order.length - 1}
          onClick={() => go(at + 1)}
        >
          <ChevronRight aria-hidden />
        </button>
      </nav>
      <FieldShot key={shot.id} shot={shot} />
    </main>
  );
}
