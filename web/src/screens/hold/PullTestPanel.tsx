import { pullWords, type HoldReport } from '@strut-spot/core';
import { Slider } from 'radix-ui';
import { useState } from 'react';
import { nowIso } from '../../state/newId';
import { Explained } from '../../ui/words/Explained';
import { useShot } from '../../state/useShot';
import { useInUnits } from '../../ui/useInUnits';
import { momentWords } from '../../words/dates';

/** What a hand scale must show, with a scale to practise on and the record of what was pulled. */
export function PullTestPanel({ test }: { test: HoldReport['pullTest'] }) {
  const { shot, change } = useShot();
  const inUnits = useInUnits();
  const [pulled, setPulled] = useState(0);
  const most = Math.max(20, test.newton * 1.6);
  const record = (held: boolean) => {
    change((s) => ({ ...s, pullTests: [...s.pullTests, { at: nowIso(), newton: Math.round(pulled), held }] }));
    setPulled(0);
  };
  const last = shot.pullTests.at(-1);
  return (
    <section aria-labelledby="pull">
      <h2 id="pull" className="caption border-b border-hair-strong pb-0.5">
        <Explained id="pull">Pull test</Explained>
      </h2>
      <p className="flex items-baseline justify-between gap-2">
        <output className="text-[1.9rem] leading-tight font-[720] [font-stretch:70%]" data-testid="pull-test">
          {inUnits(pullWords(test))}
        </output>
        <span className="text-right text-[0.9rem] text-ink-2">{test.factor} × the worst load</span>
      </p>
      <p>{test.direction}, for three seconds; nothing may move.</p>
      <div className="pt-1">
        <div className="flex justify-between text-[0.9rem]">
          <span className="label">A scale to practise on, or what yours showed</span>
          <span className="reading">{Math.round(pulled)} N</span>
        </div>
        <Slider.Root
          className="relative flex h-8 touch-none items-center select-none"
          value={[pulled]}
          min={0}
          max={most}
          step={1}
          onValueChange={([value]) => setPulled(value!)}
        >
          <Slider.Track className="relative h-px flex-1 bg-ink">
            <span
              className="absolute -top-2 h-4 w-px bg-ink"
              style={{ left: `${(100 * test.newton) / most}%` }}
              aria-hidden
            />
          </Slider.Track>
          <Slider.Thumb
            aria-label="Pull on the scale, newton"
            className="block h-5 w-3 border border-ink bg-hivis focus-visible:outline-2 focus-visible:outline-offset-2"
          />
        </Slider.Root>
        <div className="flex gap-1.5">
          <button type="button" className="action" disabled={pulled < test.newton} onClick={() => record(true)}>
            It held
          </button>
          <button type="button" className="action" disabled={pulled < 1} onClick={() => record(false)}>
            It moved
          </button>
        </div>
        {last && (
          <p className="pt-1 text-[0.9rem]" data-testid="pull-record">
            {last.held ? 'Held' : 'Moved at'} {last.newton} N on {momentWords(last.at)}.
          </p>
        )}
      </div>
    </section>
  );
}
