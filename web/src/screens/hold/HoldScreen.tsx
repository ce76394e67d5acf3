import { kitWith, movedBefore, resolveRig, SURFACE_STATES, type Approach, type SurfaceState } from '@strut-spot/core';
import { lazy, Suspense, useMemo, useState } from 'react';
import { useShot } from '../../state/useShot';
import { CannotCompute } from '../../ui/CannotCompute';
import { CheckSection } from '../../ui/CheckSection';
import { ChoiceField } from '../../ui/ChoiceField';
import { RideFields } from '../../ui/RideFields';
import { StrutElevation } from '../../ui/StrutElevation';
import { StanceChoice } from '../../ui/StanceChoice';
import { computing, judging } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';
import { useRested } from '../../workers/useRested';
import { InterfaceTable } from './InterfaceTable';
import { PutOnFields } from './PutOnFields';
import { PullTestPanel } from './PullTestPanel';
import { NEAREST_SHOWN, sceneLines } from './sceneLines';
import { SightMap } from './SightMap';
import { WatchedList } from './WatchedList';
import { WalkThrough } from './WalkThrough';
import { useInUnits } from '../../ui/useInUnits';

const CarrierView = lazy(() => import('../../scene/CarrierView'));
const STATE_WORDS: Readonly<Record<SurfaceState, string>> = {
  clean: 'Clean and dry',
  dusty: 'Dusty',
  wet: 'Wet',
  textured: 'Textured',
};
const REST_MS = 500;

/** Whether it stays on, and in whose way it is. */
export function HoldScreen() {
  const { outing, shot, question, rig, carrier, changeRide, changeSetUp, change } = useShot();
  const { machine } = resolveRig(rig);
  const [stanceId, setStanceId] = useState(shot.actionStanceId);
  const key = JSON.stringify(question);
  const quick = useLatest(key, () => computing.holdClear(question, false));
  const rested = useRested(key, REST_MS);
  const deep = useLatest(rested, async () => ({ key, report: await judging.holdClear(question, true) }));
  const whole = deep.value?.key === key ? deep.value.report : null;
  const report = whole ?? quick.value;
  const base = kitWith(rig.ownKit).bases.find((b) => b.id === shot.setUp.baseId)!;
  const clear = whole?.clear ?? null;
  const moved = movedBefore(outing, shot);

  const lines = useMemo(
    () => sceneLines(report, clear, stanceId, stanceId === shot.actionStanceId),
    [clear, report, stanceId, shot.actionStanceId],
  );
  const setState = (id: string) =>
    change((s) => {
      const { surfaceState, ...rest } = s.setUp;
      void surfaceState;
      return { ...s, setUp: id === 'clean' ? rest : { ...rest, surfaceState: id as SurfaceState } };
    });

  return (
    <main className="grid grid-cols-[minmax(0,1fr)] lg:h-[calc(100dvh-2.75rem)] lg:grid-cols-[19.5rem_minmax(0,1fr)_23rem]">
      <h1 className="sr-only">Hold and clear: {shot.name}</h1>
      <div className="min-h-0 space-y-3 overflow-y-auto border-hair px-3 py-2 max-lg:order-3 max-lg:border-t lg:border-r">
        {report && <WalkThrough report={report} />}
        <section aria-labelledby="conditions">
          <h2 id="conditions" className="caption mb-1 border-b-2 border-ink pb-0.5">
            Conditions
          </h2>
          <ChoiceField
            label="Surface"
            value={shot.setUp.surfaceState ?? 'clean'}
            choices={SURFACE_STATES.map((id) => ({ id, name: STATE_WORDS[id] }))}
            onChange={setState}
          />
          {(base.kind === 'adhesive' || base.kind === 'suction') && (
            <PutOnFields
              kind={base.kind}
              setUp={shot.setUp}
              ride={carrier.ride}
              onChange={(edit, what) => changeSetUp(edit, what)}
            />
          )}
          <RideFields machine={machine} ride={carrier.ride} onChange={changeRide} />
        </section>
      </div>

      <div className="flex min-h-0 min-w-0 flex-col max-lg:order-2">
        <div className="h-80 min-h-0 lg:h-auto lg:flex-1">
          <Suspense fallback={<p className="caption p-4">Carrier…</p>}>
            <CarrierView
              rig={rig}
              setUp={shot.setUp}
              stanceId={stanceId}
              description={`${machine.name} with the worst force on the camera as an arrow, the nearest distances and the ways of what sweeps as lines, and what is hidden from the eyes as a cone; the same is said in the lists.`}
              onPick={() => undefined}
              lines={lines}
            />
          </Suspense>
        </div>
        <StanceChoice machine={machine} chosen={stanceId} onChoose={setStanceId} />
        <div className="grid shrink-0 border-t border-ink sm:grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)]">
          <figure className="min-w-0 border-hair sm:border-r">
            {report && (
              <>
                <StrutElevation
                  drawing={report.drawn.drawing}
                  reachText=""
                  heightText=""
                  forces={report.drawn.forces}
                  title="worst moment for the base"
                  className="h-56 w-full"
                />
                <figcaption className="border-t border-hair px-3 py-1 text-[0.9rem]" data-testid="forces">
                  Held at the base: <span className="reading">{report.drawn.forces.at(-1)?.newton.toFixed(1)} N</span>{' '}
                  and <span className="reading">{report.drawn.momentNm.toFixed(2)} N·m</span>{' '}
                  <span className="text-ink-2">(estimate; arrows as they lie in the drawing)</span>
                </figcaption>
              </>
            )}
          </figure>
          <div className="space-y-2 px-3 py-2">
            <section aria-labelledby="near">
              <h2 id="near" className="caption border-b border-hair-strong pb-0.5">
                Nearest that moves
              </h2>
              {clear ? <ApproachList approaches={clear.approaches} /> : <p className="caption">Measuring…</p>}
            </section>
            <section aria-labelledby="sight">
              <h2 id="sight" className="caption mb-1 border-b border-hair-strong pb-0.5">
                Hidden from the eyes
              </h2>
              {clear?.sight ? (
                <SightMap sight={clear.sight} />
              ) : (
                <p>{clear ? 'Nobody is on board to look out.' : ''}</p>
              )}
              {clear && <WatchedList watched={clear.watched} />}
            </section>
          </div>
        </div>
      </div>

      <div
        className="min-h-0 space-y-3 overflow-y-auto border-hair px-3 py-2 max-lg:order-1 lg:border-l"
        data-testid="hold-checks"
      >
        {report && (
          <>
            {report.checks.map((check) => (
              <CheckSection key={check.check} check={check} />
            ))}
            {moved && (
              <p role="status" className="border-l-4 border-hivis pl-2 leading-snug">
                {moved}
              </p>
            )}
            <PullTestPanel test={report.hold.pullTest} />
            <InterfaceTable hold={report.hold} />
            <p className="text-[0.9rem] text-ink-2">
              Weighs <span className="reading">{report.hold.weightN.toFixed(1)} N</span>, drag{' '}
              <span className="reading">{report.hold.dragN.toFixed(1)} N</span>
              {report.hold.envelope.sheltered ? ' (sheltered)' : ''}, shaken and thrown by up to{' '}
              <span className="reading">{(report.hold.envelope.accelerationMS2 / 9.80665).toFixed(1)} g</span> in any
              direction. Estimates.
            </p>
          </>
        )}
      </div>
      <CannotCompute problem={quick.problem} />
    </main>
  );
}

function ApproachList({ approaches }: { approaches: readonly Approach[] }) {
  const inUnits = useInUnits();
  if (approaches.length === 0) return <p>{inUnits('Nothing that moves comes within 0.6 m.')}</p>;
  return (
    <ul className="text-[0.93rem]">
      {approaches.slice(0, NEAREST_SHOWN).map((a) => (
        <li
          key={[a.partId, a.sweeping?.name, a.sweeping?.verb].join()}
          className="flex justify-between gap-2 border-b border-hair leading-snug"
        >
          <span className="min-w-0">
            {a.partName}
            <span className="text-ink-2">
              {a.sweeping ? `, as the ${a.sweeping.name} ${a.sweeping.verb}` : `, ${a.stanceName.toLowerCase()}`}
            </span>
          </span>
          <span className="reading shrink-0 whitespace-nowrap">{inUnits(`${Math.round(a.distanceM * 1000)} mm`)}</span>
        </li>
      ))}
    </ul>
  );
}
