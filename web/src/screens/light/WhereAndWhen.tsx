import {
  dateOf,
  durationWords,
  filmedMin,
  LIGHTS,
  lightById,
  SPEED_LIMIT_MPS,
  type GlobePlace,
  type LightId,
  type ShotHour,
} from '@strut-spot/core';
import { MapPin } from 'lucide-react';
import { lazy, Suspense, useId } from 'react';
import { Link } from 'react-router';
import { clockAt, guessedPlace } from '../../state/clockHere';
import { useOuting } from '../../state/OutingProvider';
import { useShot } from '../../state/useShot';
import { ChoiceField } from '../../ui/ChoiceField';
import { SkyAtOdds } from '../../ui/SkyAtOdds';
import { NumberField } from '../../ui/NumberField';
import { COMPASS } from './compass';
import { TrackReader } from './TrackReader';
import { dayWords } from '../../words/dates';

/** Drawn from outlines that nobody else needs. */
const PlaceMap = lazy(() => import('./PlaceMap'));

const WAYS = [
  { id: 'one', name: 'One way' },
  { id: 'every', name: 'Every way, as on a loop' },
];
const ZONES = ['UTC', ...Intl.supportedValuesOf('timeZone').filter((zone) => zone !== 'UTC')].map((id) => ({
  id,
  name: id.replaceAll('_', ' '),
}));
/** What one sees on the ground says what the sky is like. */
const SHADOWS: readonly { readonly lightId: LightId; readonly name: string }[] = [
  { lightId: 'bright-sun', name: 'sharp' },
  { lightId: 'hazy-sun', name: 'soft' },
  { lightId: 'overcast', name: 'none' },
];

/** What of a shot's hour changes; undefined = no longer told. */
export type HourEdit = Omit<Partial<ShotHour>, 'until' | 'octants'> & {
  readonly until?: string | undefined;
  readonly octants?: readonly number[] | undefined;
};

/** Place of the outing, hour and heading of the shot, and what is in the sky. */
export function WhereAndWhen({ onHour }: { readonly onHour: (edit: HourEdit) => void }) {
  const { outing, change } = useOuting();
  const { shot, ride, carrier, changeRide, changeLight } = useShot();
  const { where } = outing;
  const setWhere = (edit: Partial<GlobePlace>) =>
    change((o) => ({ ...o, where: { ...(o.where ?? guessedPlace()), ...edit } }), `where-${Object.keys(edit).join()}`);
  const { at = outing.startsAt, until, headingDeg = null, octants } = shot.hour ?? {};
  const id = useId();
  return (
    <>
      <section aria-labelledby="sky">
        <h2 id="sky" className="caption mb-1 border-b-2 border-ink pb-0.5">
          Sky
        </h2>
        <ChoiceField
          label="Light"
          value={ride.lightId}
          choices={LIGHTS}
          onChange={(id) => changeLight(id as LightId)}
        />
        <SkyAtOdds ride={ride} onLight={changeLight} onWeather={(weatherId) => changeRide({ weatherId })} />
        {ride.lightId !== carrier.ride.lightId && (
          <p className="text-[0.86rem] text-ink-2">
            For this shot. The other shots: {lightById(carrier.ride.lightId).name.toLowerCase()}.
          </p>
        )}
        {lightById(ride.lightId).lamps && (
          <ChoiceField
            label="Mains"
            value={String(carrier.ride.mainsHz ?? 50)}
            choices={[
              { id: '50', name: '50 Hz' },
              { id: '60', name: '60 Hz' },
            ]}
            onChange={(id) => changeRide({ mainsHz: id === '60' ? 60 : 50 })}
          />
        )}
        <div role="group" aria-label="Shadows that you see outside" className="mt-1 flex items-center gap-2">
          <span className="label text-ink-2">Shadows</span>
          {SHADOWS.map(({ lightId, name }) => (
            <button
              key={lightId}
              type="button"
              aria-pressed={ride.lightId === lightId}
              className="action aria-pressed:bg-ink aria-pressed:text-paper"
              onClick={() => changeLight(lightId)}
            >
              {name}
            </button>
          ))}
        </div>
      </section>
      <section aria-labelledby="where">
        <h2 id="where" className="caption mb-1 border-b-2 border-ink pb-0.5">
          Where
        </h2>
        {where ? (
          <div className="space-y-0.5">
            <Suspense fallback={<div className="aspect-[2/1] border border-hair" />}>
              <PlaceMap {...where} onPlace={setWhere} />
            </Suspense>
            <NumberField
              label="Latitude, north +"
              value={where.latDeg}
              unit="°"
              step={0.1}
              digits={2}
              min={-90}
              max={90}
              onChange={(latDeg) => setWhere({ latDeg })}
            />
            <NumberField
              label="Longitude, east +"
              value={where.lonDeg}
              unit="°"
              step={0.1}
              digits={2}
              min={-180}
              max={180}
              onChange={(lonDeg) => setWhere({ lonDeg })}
            />
            <ChoiceField
              label="Time zone"
              value={where.timeZone}
              choices={ZONES}
              onChange={(timeZone) => setWhere({ timeZone })}
            />
            <p className="pt-1 text-[0.9rem] text-ink-2">For all shots of the outing.</p>
          </div>
        ) : (
          <>
            <p className="mb-2 text-ink-2">Without a place the sun’s position is not known.</p>
            <button type="button" className="action" onClick={() => setWhere({})}>
              <MapPin size={15} aria-hidden /> Set the place
            </button>
            <p className="mt-1 text-[0.9rem] text-ink-2">It begins with a guess from this machine&apos;s clock.</p>
          </>
        )}
      </section>
      {where && (
        <section aria-labelledby="when">
          <h2 id="when" className="caption mb-1 border-b-2 border-ink pb-0.5">
            When and which way
          </h2>
          <p className="flex justify-between">
            <span className="label text-ink-2">Date</span>
            <Link to={`/outing/${outing.id}`} className="reading underline underline-offset-4">
              {dayWords(dateOf(outing, shot))}
            </Link>
          </p>
          <div className="flex items-baseline gap-2">
            <label htmlFor={`${id}-until`} className="label w-20 shrink-0 text-ink-2">
              Until
            </label>
            <input
              id={`${id}-until`}
              type="time"
              className="field reading"
              value={until ?? ''}
              onChange={(event) => onHour({ until: event.target.value || undefined })}
            />
            {until !== undefined && (
              <span className="text-[0.9rem] text-ink-2">
                <span className="reading">{durationWords(filmedMin({ at, until }))}</span>
              </span>
            )}
          </div>
          <ChoiceField
            label="Course"
            value={headingDeg === null ? 'every' : 'one'}
            choices={WAYS}
            onChange={(id) => onHour({ headingDeg: id === 'one' ? 0 : null, octants: undefined })}
          />
          {headingDeg !== null && (
            <NumberField
              label={`Heading, to the ${COMPASS[Math.round(headingDeg / 45) % 8]}`}
              value={headingDeg}
              unit="°"
              step={5}
              digits={0}
              min={0}
              max={360}
              onChange={(deg) => onHour({ headingDeg: deg })}
            />
          )}
          <p className="pt-1 text-[0.9rem] text-ink-2">
            {headingDeg === null
              ? octants
                ? `All headings of the track, most of it going ${COMPASS[octants.indexOf(Math.max(...octants))]}. Sun and shadow are averaged over them.`
                : 'You turn every way, so the sun comes from all sides: sun and shadow are averaged over all headings.'
              : 'The way the carrier travels, from north over east.'}
          </p>
        </section>
      )}
      <TrackReader
        onTake={({ latDeg, lonDeg, headingDeg: course, octants: ways, startMs }) => {
          setWhere({ latDeg, lonDeg });
          const { timeZone } = where ?? guessedPlace();
          onHour({
            headingDeg: course,
            octants: ways,
            ...(startMs === null ? {} : { at: clockAt(startMs, timeZone) }),
          });
        }}
        onSpeed={(speedMps) => changeRide({ speedMps: Math.min(SPEED_LIMIT_MPS, speedMps) })}
      />
    </>
  );
}
