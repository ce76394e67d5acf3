import { closestRules, foundBy, MOST_CAUTIONS, resolveRig } from '@strut-spot/core';
import { lazy, Suspense, useState } from 'react';
import { GESTURE } from '../../state/outingHistory';
import { useShot } from '../../state/useShot';
import { CannotCompute } from '../../ui/CannotCompute';
import { computing } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';
import { CheckPanel } from './CheckPanel';
import { LensPicture } from './LensPicture';
import { LevelReading } from './LevelReading';
import { SharesTable } from './SharesTable';
import { ShotPurpose } from './ShotPurpose';
import { SpotList } from './SpotList';
import { StanceStrip } from './StanceStrip';
import { StrutFields } from './StrutFields';
import { StrutDrawing } from './StrutDrawing';
import { useSpotChange } from '../../state/useSpotChange';

const CarrierView = lazy(() => import('../../scene/CarrierView'));

/** Fine work on one set-up: carrier, picture, strut and check side by side, all live. */
export function BenchScreen() {
  const { shot, question, rig, changeSetUp } = useShot();
  const { machine } = resolveRig(rig);
  const [stanceId, setStanceId] = useState(shot.actionStanceId);
  const quick = useLatest(JSON.stringify(question), () => computing.report(question, { quick: true }));
  const report = quick.value;
  const framed = report && foundBy(report, 'frame');
  const frame = framed?.stances.find((s) => s.stanceId === stanceId);
  const changeSpot = useSpotChange();

  return (
    <main className="grid grid-cols-[minmax(0,1fr)] lg:h-[calc(100dvh-2.75rem)] lg:grid-cols-[18.6rem_minmax(0,1fr)_21.4rem]">
      <h1 className="sr-only">Bench: {shot.name}</h1>
      <section
        aria-label="Carrier and spots"
        className="flex min-h-0 flex-col border-hair max-lg:order-3 max-lg:border-t lg:overflow-y-auto lg:border-r"
      >
        <div className="h-72 lg:h-auto lg:min-h-40 lg:flex-1">
          <Suspense fallback={<p className="caption p-4">Carrier…</p>}>
            <CarrierView
              rig={rig}
              setUp={shot.setUp}
              stanceId={stanceId}
              description={`${machine.name} and rider in ${frame?.name.toLowerCase() ?? 'stance'}, camera at ${report?.spotName ?? 'its spot'}. Drag to turn; the spots are in the list below.`}
              onPick={changeSpot}
              onSlide={(slideM, drag) =>
                changeSetUp({ slideM: Math.round(slideM * 200) / 200 }, `${GESTURE}slide-${drag}`)
              }
            />
          </Suspense>
        </div>
        <SpotList
          chosen={shot.setUp.spotId}
          rules={report ? closestRules(foundBy(report, 'hold').rules, MOST_CAUTIONS) : []}
          onChoose={changeSpot}
        />
        <ShotPurpose />
      </section>

      <section aria-label="Picture through the lens" className="flex min-h-0 min-w-0 flex-col max-lg:order-1">
        <LensPicture stanceId={stanceId} report={report} />
        <StanceStrip stances={framed?.stances ?? []} chosen={stanceId} onChoose={setStanceId} />
        <div className="grid min-h-0 flex-1 border-t border-hair sm:grid-cols-[13.5rem_minmax(0,1fr)]">
          <SharesTable report={report} frame={frame} />
          <CheckPanel report={report} question={question} />
        </div>
      </section>

      <section
        aria-label="Strut"
        className="flex min-h-0 flex-col border-hair max-lg:order-2 max-lg:border-t lg:overflow-y-auto lg:border-l"
      >
        <LevelReading report={report} />
        <StrutDrawing report={report} />
        <StrutFields />
      </section>
      <CannotCompute problem={quick.problem} />
    </main>
  );
}
