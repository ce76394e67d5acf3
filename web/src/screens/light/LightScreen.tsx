import { foundBy, pictureLightOf, resolveRig, type ShotHour } from '@strut-spot/core';
import { useState } from 'react';
import { useShot } from '../../state/useShot';
import { CannotCompute } from '../../ui/CannotCompute';
import { CheckSection } from '../../ui/CheckSection';
import { GainAndLock, GlassAndShutter } from '../../ui/ExposureFields';
import { PictureCanvas } from '../../ui/PictureCanvas';
import { StanceChoice } from '../../ui/StanceChoice';
import { useLensPicture } from '../../ui/useLensPicture';
import { computing, judging } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';
import { useRested } from '../../workers/useRested';
import { DayOfSun } from './DayOfSun';
import { LightFacts } from './LightFacts';
import { WhereAndWhen, type HourEdit } from './WhereAndWhen';

const REST_MS = 250;

/** What says nothing is left out. */
function told({ until, octants, ...hour }: HourEdit & Pick<ShotHour, 'at' | 'headingDeg'>): ShotHour {
  return { ...hour, ...(until ? { until } : {}), ...(octants ? { octants } : {}) };
}

/** Where the sun stands over a shot, what it does to the picture, and at what hours it is best. */
export function LightScreen() {
  const { outing, shot, rig, ride, question, change } = useShot();
  const { machine } = resolveRig(rig);
  const [stanceId, setStanceId] = useState(shot.actionStanceId);
  const { moment } = question;
  const setHour = (edit: HourEdit) =>
    change(
      (s) => ({ ...s, hour: told({ at: outing.startsAt, headingDeg: null, ...s.hour, ...edit }) }),
      `hour-${Object.keys(edit).join()}`,
    );

  const asked = JSON.stringify(question);
  const report = useLatest(asked, () => computing.report(question, { only: ['light'] }));
  // With mends that were tried, once the hand rests.
  const advised = useLatest(useRested(asked, REST_MS), async () => ({
    asked,
    checks: (await judging.advise(question, { only: ['light'] })).checks,
  }));
  const checks = advised.value?.asked === asked ? advised.value.checks : report.value?.checks;
  // The day is the same whatever its hour.
  const wholeDay = moment && { ...question, moment: { ...moment, at: outing.startsAt } };
  const rested = useRested(JSON.stringify(wholeDay ?? null), REST_MS);
  const day = useLatest(rested, async () => (wholeDay ? judging.lightOfDay(wholeDay) : null));

  const light = { ...pictureLightOf(question), outlined: true };
  const lensPicture = useLensPicture({ rig, setUp: shot.setUp, stanceId, uncropped: false, light }, light, REST_MS);
  const found = report.value ? foundBy(report.value, 'light') : null;

  return (
    <main className="grid grid-cols-[minmax(0,1fr)] lg:h-[calc(100dvh-2.75rem)] lg:grid-cols-[19.5rem_minmax(0,1fr)_23rem]">
      <h1 className="sr-only">Light: {shot.name}</h1>
      <div className="min-h-0 space-y-4 overflow-y-auto border-hair px-3 py-2 max-lg:order-3 max-lg:border-t lg:border-r">
        <WhereAndWhen onHour={setHour} />
        <section aria-labelledby="exposing">
          <h2 id="exposing" className="caption mb-1 border-b-2 border-ink pb-0.5">
            Exposure
          </h2>
          <div className="space-y-0.5">
            <GlassAndShutter />
            <GainAndLock />
          </div>
        </section>
      </div>
      <div className="flex min-h-0 min-w-0 flex-col max-lg:order-2">
        <div className="flex min-h-0 items-center justify-center bg-paper-2 p-2 max-lg:h-64 lg:flex-1">
          <PictureCanvas
            picture={lensPicture.picture}
            label={`Picture through the lens${moment && moment.headingDeg !== null ? ` at ${moment.at}, with the sun and its shadows` : ''}`}
            className="size-full object-contain"
            onShown={lensPicture.onShown}
          />
        </div>
        <StanceChoice machine={machine} chosen={stanceId} onChoose={setStanceId} />
        <div className="shrink-0 border-t border-ink px-3 py-2">
          {moment ? (
            <DayOfSun day={day.value ?? null} moment={moment} onAt={(at) => setHour({ at })} />
          ) : (
            <p className="py-4 text-ink-2">
              Say where the outing is, on the left: then the day&apos;s sun is drawn here, with the hours at which it
              looks into the lens or throws your shadow into the picture.
            </p>
          )}
        </div>
      </div>
      <div
        className="min-h-0 space-y-3 overflow-y-auto border-hair px-3 py-2 max-lg:order-1 lg:border-l"
        data-testid="light-checks"
      >
        {checks?.map((check) => (
          <CheckSection key={check.check} check={check} />
        ))}
        {found && (
          <LightFacts
            found={found}
            setUp={shot.setUp}
            rig={rig}
            lightId={ride.lightId}
            moment={moment}
            course={day.value?.course ?? null}
          />
        )}
      </div>
      <CannotCompute problem={report.problem} />
    </main>
  );
}
