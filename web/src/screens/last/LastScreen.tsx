import { durationWords, foundBy } from '@strut-spot/core';
import { useShot } from '../../state/useShot';
import { CannotCompute } from '../../ui/CannotCompute';
import { CheckSection } from '../../ui/CheckSection';
import { useThemeKey } from '../../ui/useThemeKey';
import { computing, judging } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';
import { useRested } from '../../workers/useRested';
import { BagFields } from './BagFields';
import { BatteryChart } from './BatteryChart';
import { LastFacts } from './LastFacts';
import { PowerMeter } from './PowerMeter';
import { RunFields } from './RunFields';
import { SoundBars } from './SoundBars';
import { WarmthChart } from './WarmthChart';
import { WeatherFields } from './WeatherFields';

const LAST = { only: ['last'] } as const;
const REST_MS = 250;

/** Whether it lasts: battery and card over the day, heat, a clean lens, sound, reach, and what it costs. */
export function LastScreen() {
  const { outing, shot, question } = useShot();
  const themeKey = useThemeKey();
  const key = JSON.stringify(question);
  const report = useLatest(key, () => computing.report(question, LAST));
  const advised = useLatest(useRested(key, REST_MS), async () => ({
    key,
    checks: (await judging.advise(question, LAST)).checks,
  }));
  const checks = advised.value?.key === key ? advised.value.checks : report.value?.checks;
  const found = report.value ? foundBy(report.value, 'last') : null;
  const dayKey = JSON.stringify([outing.shots, outing.carriers, outing.supplies, outing.ownKit]);
  const day = useLatest(useRested(dayKey, REST_MS), () => judging.powerOfDay(outing)).value;
  const own = day?.cameras.find((camera) => camera.cameraId === shot.setUp.cameraId);

  return (
    <main className="grid grid-cols-[minmax(0,1fr)] lg:h-[calc(100dvh-2.75rem)] lg:grid-cols-[19.5rem_minmax(0,1fr)_23rem]">
      <h1 className="sr-only">Last: {shot.name}</h1>
      <div className="min-h-0 space-y-3 overflow-y-auto border-hair px-3 py-2 max-lg:order-3 max-lg:border-t lg:border-r">
        <RunFields start={found?.start} hours={found?.power.hours} />
        <WeatherFields />
        <BagFields />
      </div>
      <div className="flex min-h-0 min-w-0 flex-col max-lg:order-2">
        <section aria-labelledby="day" className="flex min-h-56 min-w-0 flex-1 flex-col px-3 pt-2">
          <h2 id="day" className="caption border-b-2 border-ink pb-0.5">
            {own ? `${own.name} over the outing` : 'Over the outing'}
          </h2>
          <div className="min-h-0 flex-1 max-lg:h-60">
            {own && <BatteryChart day={own} shotId={shot.id} themeKey={themeKey} />}
          </div>
          {day && own && (
            <p className="border-t border-hair py-1">
              <span className="reading">
                {own.batteries} {own.batteries === 1 ? 'battery' : 'batteries'}
              </span>{' '}
              {own.batteries > own.have && <strong>({own.have} in the bag)</strong>} for its{' '}
              {own.shots.length === 1 ? 'one shot' : `${own.shots.length} shots`},{' '}
              <span className="reading">{own.gb < 10 ? own.gb.toFixed(1) : Math.round(own.gb)} GB</span>; dotted is this
              one. In the evening, all cameras: <span className="reading">{durationWords(day.chargeH * 60)}</span> of
              charging
              {day.chargeH > day.eveningH && ` (more than the ${durationWords(day.eveningH * 60)} there are)`} and{' '}
              <span className="reading">
                {durationWords(day.cameras.reduce((sum, camera) => sum + camera.offloadMin, 0))}
              </span>{' '}
              to read the cards.
            </p>
          )}
        </section>
        <div className="grid shrink-0 gap-x-3 border-t border-ink sm:h-[17rem] sm:grid-cols-2">
          <section aria-labelledby="warmth" className="flex min-h-0 min-w-0 flex-col px-3 py-2 max-sm:h-64">
            <h2 id="warmth" className="caption border-b border-hair-strong pb-0.5">
              How warm it gets (estimate)
            </h2>
            <div className="min-h-0 flex-1">{found && <WarmthChart warm={found.warm} themeKey={themeKey} />}</div>
          </section>
          <div className="min-w-0 px-3 py-2">{found && <SoundBars sound={found.sound} />}</div>
        </div>
      </div>
      <div
        className="min-h-0 space-y-3 overflow-y-auto border-hair px-3 py-2 max-lg:order-1 lg:border-l"
        data-testid="last-checks"
      >
        {checks?.map((check) => (
          <CheckSection key={check.check} check={check} />
        ))}
        {found && <LastFacts found={found} />}
        {report.value && <PowerMeter report={report.value} />}
      </div>
      <CannotCompute problem={report.problem} />
    </main>
  );
}
