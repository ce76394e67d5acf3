import {
  capital,
  causeWords,
  engineRpm,
  type Figure,
  findingsOf,
  foundBy,
  pictureLightOf,
  resolveRig,
} from '@strut-spot/core';
import { useState } from 'react';
import { useLearnt } from '../../state/useLearnt';
import { useShot } from '../../state/useShot';
import { CannotCompute } from '../../ui/CannotCompute';
import { RideFields } from '../../ui/RideFields';
import { useInUnits } from '../../ui/useInUnits';
import { useThemeKey } from '../../ui/useThemeKey';
import { VerdictMark } from '../../ui/VerdictMark';
import { computing, judging, drawing } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';
import { useRested } from '../../workers/useRested';
import { ContributionsTable } from './ContributionsTable';
import { FigureRow } from './FigureRow';
import { MeasuredLogPanel } from './MeasuredLogPanel';
import { MendList } from './MendList';
import { MountChart } from './MountChart';
import { SchoolsTable } from './SchoolsTable';
import { ShakePreview } from './ShakePreview';
import { ShutterFields } from './ShutterFields';
import { SpectraChart } from './SpectraChart';
import { SweepChart } from './SweepChart';

const CHARTS = [
  ['picture', 'Picture'],
  ['motion', 'Shaking'],
  ['mount', 'Strut'],
  ['speed', 'Speed'],
  ['engine', 'Engine'],
] as const;
type ChartId = (typeof CHARTS)[number][0];
const FIGURES: readonly Figure[] = ['jump', 'jelly', 'blur'];
/** Told in figures and sentences of their own. */
const TOLD: readonly string[] = [...FIGURES, 'reach', 'landing'];
/** This sheet asks for one check, with its densities. */
const STEADY = { only: ['steady'], spectra: true } as const;
const REST_MS = 500;
/** Width of the moving picture, alone and beside another. */
const PREVIEW_PX = { alone: 560, beside: 400 } as const;

/** How steady the picture is, what shakes it and what would mend it. */
export function SteadyScreen() {
  const { shot, question, rig, carrier, changeRide } = useShot();
  const { machine } = resolveRig(rig);
  const { shake: learnt } = useLearnt();
  const [chart, setChart] = useState<ChartId>('picture');
  // An engine's chart only where there is an engine.
  const charts = CHARTS.filter(([id]) => id !== 'engine' || engineRpm({ rig, ride: carrier.ride }) !== null);
  const [tried, setTried] = useState<string | null>(null);
  const themeKey = useThemeKey();
  const key = JSON.stringify(question);
  const quick = useLatest(key, () => computing.report(question, STEADY));
  const rested = useRested(key, REST_MS);
  const deep = useLatest(rested, async () => ({ key, report: await judging.advise(question, STEADY) }));
  const whole = deep.value?.key === key ? deep.value.report : null;
  const present = whole ?? quick.value;
  const report = present && foundBy(present, 'steady');
  const [check] = present?.checks ?? [];
  const verdict = check?.verdict;
  const besides = check ? findingsOf(check).filter((f) => f.verdict !== 'good' && !TOLD.includes(f.id)) : [];
  const inUnits = useInUnits();
  const mend = whole?.mends.find((m) => m.id === tried && m.setUp);
  const other = useLatest(mend ? key + mend.id : null, () =>
    computing.report({ ...question, setUp: mend!.setUp! }, STEADY),
  );
  const widthPx = mend ? PREVIEW_PX.beside : PREVIEW_PX.alone;
  // Shadows that stand still while all shakes would only take time.
  const light = { ...pictureLightOf(question), hasty: true };
  const pictureOf = (setUp: typeof shot.setUp) =>
    drawing.picture({ rig, setUp, stanceId: shot.actionStanceId, widthPx, uncropped: false, light });
  const picture = useLatest(JSON.stringify([rig, shot.setUp, shot.actionStanceId, widthPx, light]), () =>
    pictureOf(shot.setUp),
  );
  const otherPicture = useLatest(mend ? JSON.stringify([rig, mend.setUp, light]) : null, () => pictureOf(mend!.setUp!));

  return (
    <main className="grid grid-cols-[minmax(0,1fr)] lg:h-[calc(100dvh-2.75rem)] lg:grid-cols-[18.9rem_minmax(0,1fr)_22.6rem]">
      <h1 className="sr-only">Steady: {shot.name}</h1>
      <div className="min-h-0 space-y-3 overflow-y-auto border-hair px-3 py-2 max-lg:order-3 max-lg:border-t lg:border-r">
        <section aria-labelledby="ridden">
          <h2 id="ridden" className="caption mb-1 border-b-2 border-ink pb-0.5">
            Ridden on
          </h2>
          <RideFields machine={machine} ride={carrier.ride} onChange={changeRide} />
        </section>
        <section aria-labelledby="camera">
          <h2 id="camera" className="caption mb-1 border-b-2 border-ink pb-0.5">
            Camera
          </h2>
          <ShutterFields report={report} />
        </section>
        <MeasuredLogPanel />
      </div>

      <div className="flex min-h-0 min-w-0 flex-col max-lg:order-2">
        <section aria-label="Moving preview" className="flex min-h-52 min-w-0 flex-1 max-sm:flex-col">
          <ShakePreview picture={picture.value} report={report} caption={mend ? 'Now' : 'As it would shake'} />
          {mend && (
            <div className="flex min-h-0 min-w-0 flex-1 border-l border-hair">
              <ShakePreview
                picture={otherPicture.value}
                report={other.value && foundBy(other.value, 'steady')}
                caption="With the mend"
              />
            </div>
          )}
        </section>
        <section aria-label="Charts" className="flex h-[21rem] min-h-0 shrink-0 flex-col border-t border-ink">
          <div role="tablist" aria-label="Charts" className="flex border-b border-hair">
            {charts.map(([id, name]) => (
              <button
                key={id}
                type="button"
                role="tab"
                id={`tab-${id}`}
                aria-selected={chart === id}
                aria-controls="chart"
                className="label border-r border-hair px-3.5 py-1 font-[600] hover:bg-paper-2 aria-selected:bg-ink aria-selected:text-paper max-lg:min-h-touch"
                onClick={() => setChart(id)}
              >
                {name}
              </button>
            ))}
          </div>
          <div id="chart" role="tabpanel" aria-labelledby={`tab-${chart}`} className="min-h-0 flex-1 bg-sheet p-1">
            {chart === 'mount' ? (
              <MountChart themeKey={themeKey} />
            ) : chart === 'speed' || chart === 'engine' ? (
              <SweepChart over={chart} themeKey={themeKey} />
            ) : report ? (
              <SpectraChart report={report} shown={chart} themeKey={themeKey} />
            ) : null}
          </div>
        </section>
      </div>

      <div className="min-h-0 space-y-3 overflow-y-auto border-hair px-3 py-2 max-lg:order-1 lg:border-l">
        <section aria-labelledby="verdict" data-testid="steady-verdict">
          <h2
            id="verdict"
            className="flex items-baseline justify-between border-b-2 border-ink text-[1.25rem] leading-tight font-[700]"
          >
            <span>Steady</span>
            <span aria-live="polite">{verdict && <VerdictMark verdict={verdict} />}</span>
          </h2>
          {report && (
            <>
              {learnt && (
                <p className="border-b border-hair py-1 leading-snug" data-testid="steady-learnt">
                  {learnt}
                </p>
              )}
              {FIGURES.map((figure) => (
                <FigureRow
                  key={figure}
                  figure={figure}
                  px={report.px[figure]}
                  range={report.ranges?.[figure] ?? null}
                />
              ))}
              {besides.map(({ id, label, verdict, because }) => (
                <div key={id} className="border-b border-hair py-1" data-testid={`besides-${id}`}>
                  <div className="flex items-baseline gap-2">
                    <VerdictMark verdict={verdict} size={13} word={false} />
                    <span className="font-[680]">{label}</span>
                  </div>
                  <p className="leading-snug text-[0.9rem] text-ink-2">{capital(inUnits(because))}.</p>
                </div>
              ))}
              <p className="pt-1" data-testid="cause">
                Worst: <b>{report.cause.figure}</b>. {causeWords(report.cause)}.
              </p>
              {report.runsOut && (
                <p className="pt-1">
                  {capital(report.runsOut.name)} runs out: it needs{' '}
                  <span className="reading">{report.runsOut.neededDeg.toFixed(1)}°</span> each way and can go{' '}
                  <span className="reading">{report.runsOut.reachDeg.toFixed(1)}°</span>.
                </p>
              )}
              {report.landing && (
                <p className="pt-1">
                  A landing of at most <span className="reading">{report.landing.peakG.toFixed(1)} g</span> swings the
                  picture by up to <span className="reading">{Math.round(report.landing.swingPx)} px</span> for{' '}
                  <span className="reading">{report.landing.ringsS.toFixed(1)} s</span>.
                </p>
              )}
              <p className="pt-1 text-[0.9rem] text-ink-2">
                The horizon rocks by <span className="reading">{report.rollDeg.toFixed(1)}°</span> rms.
                {report.modes
                  .filter(({ words }) => words !== report.cause.resonance)
                  .map(({ words, dampingRatio }) => ` ${capital(words)} (damping ratio ${dampingRatio.toFixed(2)}).`)}
                {report.sagM > 0 && ` The damper sags ${(report.sagM * 1000).toFixed(1)} mm under the camera.`}
              </p>
            </>
          )}
        </section>
        <section aria-labelledby="mends">
          <h2 id="mends" className="caption border-b border-hair-strong pb-0.5">
            What would help
          </h2>
          <MendList mends={whole?.mends ?? []} busy={!whole} tried={tried} onTry={setTried} />
        </section>
        <SchoolsTable />
        {report && <ContributionsTable report={report} />}
      </div>
      <CannotCompute problem={quick.problem} />
    </main>
  );
}
