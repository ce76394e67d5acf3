import { capital, pullWords, type RuleDefinition } from '@strut-spot/core';
import type { HoldSheet } from '../../workers/answers/rideChecks';
import { useShot } from '../../state/useShot';
import { useInUnits } from '../../ui/useInUnits';

const ORDER: readonly RuleDefinition['when'][] = ['before mounting', 'before moving', 'under way', 'after'];

interface Item {
  readonly id: string;
  readonly when: RuleDefinition['when'];
  readonly text: string;
  readonly because: string;
  readonly stop: boolean;
}

/** What is gone through, in its order; what was gone through stays so and is not asked for again. */
export function WalkThrough({ report }: { report: HoldSheet }) {
  const { shot, change } = useShot();
  const inUnits = useInUnits();
  const { pullTest, tetherN, caught } = report.hold;
  const tether = report.clear?.turning;
  const own: Item[] = [
    {
      id: `pull-${pullTest.newton}`,
      when: 'before moving',
      text: `Pull test: ${pullWords(pullTest)}, ${pullTest.direction}.`,
      because: `${pullTest.factor} times the worst load of this ride`,
      stop: false,
    },
    {
      id: `tether-${caught ? caught.name : tether ? Math.round((tether.tetherM ?? 0) * 100) : 'free'}`,
      when: 'before moving',
      text: caught
        ? `${capital(caught.name)} of ${Math.round(caught.lengthM * 1000)} mm, from round the camera itself to the ${caught.anchorName ?? 'part that is not here now'}.`
        : tether === undefined || tether === null
          ? `Tether that bears ${Math.ceil(tetherN / 10) * 10} N, round the camera itself.`
          : tether.tetherM === null
            ? `No tether that reaches the ${tether.partName}: two independent fastenings${tether.anchors[0] ? `, or a tie of 20 to 40 mm to the ${tether.anchors[0]}` : ''}.`
            : `Tether of at most ${Math.round(tether.tetherM * 1000)} mm that bears ${Math.ceil(tetherN / 10) * 10} N: it must not reach the ${tether.partName}.`,
      because: 'what comes off must not leave, and not be wound up',
      stop: false,
    },
  ];
  const items: Item[] = [
    ...report.hold.rules.map(({ id, when, text, because, ask, kind }) => ({
      id,
      when,
      text,
      because: ask.length > 0 ? `${because}; ask ${ask.join(', ')}` : because,
      stop: kind === 'stop',
    })),
    ...own,
  ];
  const toggle = (id: string, done: boolean) =>
    change((s) => ({
      ...s,
      acknowledged: done ? [...s.acknowledged, id] : s.acknowledged.filter((other) => other !== id),
    }));
  return (
    <section aria-labelledby="walk" data-testid="walk-through">
      <h2 id="walk" className="caption mb-1 border-b-2 border-ink pb-0.5">
        Go through it
      </h2>
      {ORDER.map((when) => {
        const these = items.filter((item) => item.when === when);
        if (these.length === 0) return null;
        return (
          <div key={when} className="pb-1">
            <h3 className="label font-[640]">{capital(when)}</h3>
            <ul>
              {these.map((item) => (
                <li key={item.id} className="border-b border-hair py-0.5">
                  <label className="flex gap-2 leading-tight">
                    <input
                      type="checkbox"
                      className="mt-0.5"
                      checked={shot.acknowledged.includes(item.id)}
                      onChange={(event) => toggle(item.id, event.target.checked)}
                    />
                    <span>
                      {item.stop && <b>Stop: </b>}
                      {inUnits(item.text)}
                      <span className="block text-[0.86rem] text-ink-2">{inUnits(item.because)}</span>
                    </span>
                  </label>
                </li>
              ))}
            </ul>
          </div>
        );
      })}
    </section>
  );
}
