import {
  groundsFor,
  MPS_PER_KMH,
  MPS_PER_MPH,
  resolveRig,
  SPEED_LIMIT_MPS,
  type Shot,
  type Stretch,
} from '@strut-spot/core';
import { MapPinPlus, Trash2 } from 'lucide-react';
import { Slider } from 'radix-ui';
import { useState } from 'react';
import { clockAt } from '../../state/clockHere';
import { useOuting } from '../../state/OutingProvider';
import { useSettings } from '../../storage/settings';
import { ChoiceField } from '../../ui/ChoiceField';
import { IconAction } from '../../ui/IconAction';
import type { ShotStretch } from '../../workers/answers/days';

/** A new stretch is so long, or a tenth of the track. */
const NEW_M = 500;
const STEP_M = 10;

/** Where on the track one shot is filmed, what it is like there, and what of that the shot takes over. */
export function StretchRow({
  shot,
  number,
  lengthM,
  report,
  distance,
}: {
  readonly shot: Shot;
  readonly number: number;
  readonly lengthM: number;
  readonly report: ShotStretch | undefined;
  readonly distance: (metres: number) => string;
}) {
  const { outing, change } = useOuting();
  const metric = useSettings().units === 'metric';
  const { stretch } = shot;
  /** Under the hand; counts until the stretch is another. */
  const [dragged, setDragged] = useState<{ readonly of: Stretch; readonly to: readonly [number, number] } | null>(null);
  const edit = (next: (s: Shot) => Shot, key?: string) =>
    change((o) => ({ ...o, shots: o.shots.map((s) => (s.id === shot.id ? next(s) : s)) }), key);
  if (!stretch)
    return (
      <li className="flex items-center justify-between gap-2 border-b border-hair py-1">
        <span>
          <span className="reading mr-2">{number}</span>
          {shot.name}
        </span>
        <button
          type="button"
          className="action"
          aria-label={`Put on the track: ${shot.name}`}
          onClick={() => {
            const tens = (m: number) => Math.round(m / STEP_M) * STEP_M;
            const at = Math.min(lengthM * 0.8, lengthM * ((number - 1) / Math.max(1, outing.shots.length)));
            const stretch = { fromM: tens(at), toM: tens(at + Math.max(2 * STEP_M, Math.min(NEW_M, lengthM / 10))) };
            edit((s) => ({ ...s, stretch }));
          }}
        >
          <MapPinPlus size={15} aria-hidden /> Put on the track
        </button>
      </li>
    );
  const drawn = dragged?.of === stretch ? dragged.to : null;
  const [from, to] = drawn ?? [stretch.fromM, Math.min(stretch.toM, lengthM)];
  const carrier = outing.carriers.find((c) => c.id === shot.carrierId)!;
  const { machine } = resolveRig(carrier.rig);
  const grounds = groundsFor(machine.world);
  const speed = (mps: number) =>
    metric ? `${Math.round(mps / MPS_PER_KMH)} km/h` : `${Math.round(mps / MPS_PER_MPH)} mph`;
  const stance = machine.stances.find((s) => s.id === report?.stanceId);
  const at = report?.atMs === null || !report ? null : clockAt(report.atMs, outing.where?.timeZone ?? 'UTC');
  // An hour that was planned for its light is not given up for that of an earlier ride.
  const takenAt = shot.hour ? null : at;
  const facts = report
    ? [
        distance(report.lengthM),
        ...(report.slope === null
          ? []
          : [
              `${report.slope < 0 ? 'down' : 'up'} ${Math.abs(report.slope * 100).toFixed(0)} %${report.steepest === null ? '' : `, steepest ${Math.abs(report.steepest * 100).toFixed(0)} %`}`,
            ]),
        ...(report.meanMps === null ? [] : [`${speed(report.meanMps)}, at times ${speed(report.fastMps!)}`]),
        report.headingDeg === null ? 'turns about' : `heading ${Math.round(report.headingDeg)}°`,
        ...(at === null ? [] : [`ridden at ${at}`]),
      ]
    : [];
  return (
    <li className="border-b border-hair py-1.5">
      <div className="flex items-center justify-between gap-2">
        <span className="font-[620]">
          <span className="reading mr-2">{number}</span>
          {shot.name}
        </span>
        <IconAction
          label={`Take ${shot.name} off the track`}
          name="Take off the track"
          icon={<Trash2 size={15} aria-hidden />}
          onClick={() =>
            edit(({ stretch: gone, ...rest }) => {
              void gone;
              return rest;
            })
          }
        />
      </div>
      <Slider.Root
        className="relative my-1 flex h-6 touch-none items-center select-none max-lg:h-touch"
        min={0}
        max={Math.round(lengthM)}
        step={STEP_M}
        minStepsBetweenThumbs={1}
        value={[from, to]}
        onValueChange={([a, b]) => setDragged({ of: stretch, to: [a!, b!] })}
        onValueCommit={([a, b]) =>
          edit((s) => ({ ...s, stretch: { ...s.stretch, fromM: a!, toM: b! } }), `stretch-${shot.id}`)
        }
      >
        <Slider.Track className="relative h-1.5 grow border border-ink bg-paper-2">
          <Slider.Range className="absolute h-full bg-hivis" />
        </Slider.Track>
        {(['begins', 'ends'] as const).map((end) => (
          <Slider.Thumb
            key={end}
            aria-label={`${shot.name} ${end}`}
            className="block h-6 w-3 border-2 border-ink bg-sheet max-lg:h-9 max-lg:w-6"
          />
        ))}
      </Slider.Root>
      <p className="reading text-[0.95rem]">
        {distance(from)} to {distance(to)}
      </p>
      {!drawn && facts.length > 0 && <p className="text-[0.95rem] text-ink-2">{facts.join('; ')}</p>}
      <div className="mt-1 flex flex-wrap items-center gap-2">
        <ChoiceField
          label="Ridden on"
          value={stretch.groundId ?? ''}
          choices={[{ id: '', name: 'not marked' }, ...grounds]}
          onChange={(groundId) =>
            edit(({ stretch: old, ...s }) => ({
              ...s,
              stretch: { fromM: old!.fromM, toM: old!.toM, ...(groundId ? { groundId } : {}) },
            }))
          }
        />
        {report && (
          <button
            type="button"
            className="action"
            onClick={() =>
              edit((s) => ({
                ...s,
                hour: {
                  ...s.hour,
                  at: takenAt ?? s.hour?.at ?? outing.startsAt,
                  headingDeg: report.headingDeg === null ? null : Math.round(report.headingDeg),
                },
                ...(stance ? { actionStanceId: stance.id } : {}),
              }))
            }
          >
            Take{' '}
            {[takenAt === null ? null : 'hour', 'heading', stance ? `stance (${stance.name.toLowerCase()})` : null]
              .filter(Boolean)
              .join(', ')}
          </button>
        )}
        {report && (report.meanMps !== null || stretch.groundId) && (
          <button
            type="button"
            className="action"
            onClick={() =>
              change((o) => ({
                ...o,
                carriers: o.carriers.map((c) =>
                  c.id === carrier.id
                    ? {
                        ...c,
                        ride: {
                          ...c.ride,
                          ...(report.meanMps === null
                            ? {}
                            : { speedMps: Math.min(SPEED_LIMIT_MPS, Math.round(report.meanMps * 10) / 10) }),
                          ...(stretch.groundId ? { groundId: stretch.groundId } : {}),
                        },
                      }
                    : c,
                ),
              }))
            }
          >
            Take{' '}
            {[report.meanMps === null ? null : 'speed', stretch.groundId ? 'ground' : null]
              .filter(Boolean)
              .join(' and ')}{' '}
            for {machine.name.toLowerCase()}
          </button>
        )}
      </div>
    </li>
  );
}
