import {
  durationWords,
  metresToFeet,
  metresToMiles,
  octantsOf,
  MPS_PER_KMH,
  MPS_PER_MPH,
  ONE_WAY,
  trackReport,
  type TrackReport,
} from '@strut-spot/core';
import { useId, useState } from 'react';
import { readGpxFile } from '../../formats/gpx/readGpx';
import { useSettings } from '../../storage/settings';
import { COMPASS } from './compass';
import { GpxFile } from '../../ui/GpxFile';

const PROFILE = { width: 240, height: 44 } as const;

/** What is taken over from a track. */
export interface TakenTrack {
  readonly latDeg: number;
  readonly lonDeg: number;
  /** Null where it goes every way. */
  readonly headingDeg: number | null;
  /** Of it each way, where it goes every way. */
  readonly octants?: readonly number[];
  readonly startMs: number | null;
}

/** Where most of a way goes. */
const compassOf = (octants: readonly number[]): string => COMPASS[octants.indexOf(Math.max(...octants))]!;

/** Heights over the way, as a line. */
function Profile({ track }: { readonly track: TrackReport }) {
  const known = track.along.flatMap(({ alongM, eleM }) => (eleM === null ? [] : [{ alongM, eleM }]));
  if (known.length < 2) return null;
  const [low, high] = known.reduce(([l, h], p) => [Math.min(l, p.eleM), Math.max(h, p.eleM)], [Infinity, -Infinity]);
  const every = Math.max(1, Math.floor(known.length / PROFILE.width));
  const points = known
    .filter((_, i) => i % every === 0)
    .map(
      (p) =>
        `${((p.alongM / track.lengthM) * PROFILE.width).toFixed(1)},${(PROFILE.height - 2 - ((p.eleM - low) / Math.max(1, high - low)) * (PROFILE.height - 4)).toFixed(1)}`,
    );
  return (
    <svg viewBox={`0 0 ${PROFILE.width} ${PROFILE.height}`} className="w-full border-b border-ink" role="img">
      <title>{`Heights from ${Math.round(low)} to ${Math.round(high)} m`}</title>
      <polyline points={points.join(' ')} fill="none" className="stroke-hivis" strokeWidth={1.5} />
    </svg>
  );
}

/** Reads a recorded track: where, when and which way it went, how fast; taken over when asked. */
export function TrackReader({
  onTake,
  onSpeed,
}: {
  readonly onTake: (taken: TakenTrack) => void;
  readonly onSpeed: (speedMps: number) => void;
}) {
  const id = useId();
  const metric = useSettings().units === 'metric';
  const [track, setTrack] = useState<TrackReport | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const read = async (file: File) => {
    setTrack(null);
    const found = await readGpxFile(file);
    const report = found.ok ? trackReport(found.points) : null;
    setProblem(found.ok ? (report ? null : 'This track never moves.') : found.problem);
    setTrack(report);
  };
  const speed = (mps: number) =>
    metric ? `${Math.round(mps / MPS_PER_KMH)} km/h` : `${Math.round(mps / MPS_PER_MPH)} mph`;
  const height = (m: number) => (metric ? `${Math.round(m)} m` : `${Math.round(metresToFeet(m))} ft`);
  const rows: [string, string][] = track
    ? [
        ['Way', metric ? `${(track.lengthM / 1000).toFixed(1)} km` : `${metresToMiles(track.lengthM).toFixed(1)} mi`],
        ...(track.movingS === null
          ? []
          : [
              [
                'Moving, standing',
                `${durationWords(track.movingS / 60)}, ${durationWords((track.pausedS ?? 0) / 60)}`,
              ] as [string, string],
            ]),
        ...(track.usualMps === null
          ? []
          : [['Speed, usual and fast', `${speed(track.usualMps)}, ${speed(track.fastMps!)}`] as [string, string]]),
        ...(track.climbM === null
          ? []
          : [['Up, down', `${height(track.climbM)}, ${height(track.dropM!)}`] as [string, string]]),
        ...(track.steepestDeg === null
          ? []
          : [['Steepest 50 m down', `${track.steepestDeg.toFixed(0)}°`] as [string, string]]),
        [
          'Course',
          track.oneWay > ONE_WAY
            ? `${Math.round(track.headingDeg)}°`
            : `every way, most to the ${compassOf(octantsOf(track.along))}`,
        ],
        ...(track.jumps + track.still > 0
          ? [['Left out', `${track.jumps} jumps, ${track.still} points at rest`] as [string, string]]
          : []),
      ]
    : [];
  return (
    <section aria-labelledby={`${id}-track`}>
      <h2 id={`${id}-track`} className="caption mb-1 border-b-2 border-ink pb-0.5">
        From a track
      </h2>
      <GpxFile label="Read a GPX file" onFile={(file) => void read(file)} />
      {problem && (
        <p role="alert" className="mt-1">
          {problem}
        </p>
      )}
      {track && (
        <div className="mt-1 space-y-1">
          <Profile track={track} />
          <table className="w-full text-[0.95rem]">
            <tbody>
              {rows.map(([name, value]) => (
                <tr key={name} className="border-b border-hair align-baseline">
                  <th scope="row" className="py-0.5 text-left font-[400] text-ink-2">
                    {name}
                  </th>
                  <td className="reading py-0.5 text-right">{value}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <div className="flex flex-wrap gap-2">
            <button
              type="button"
              className="action"
              onClick={() =>
                onTake({
                  latDeg: Math.round(track.first.latDeg * 1e4) / 1e4,
                  lonDeg: Math.round(track.first.lonDeg * 1e4) / 1e4,
                  ...(track.oneWay > ONE_WAY
                    ? { headingDeg: Math.round(track.headingDeg) }
                    : { headingDeg: null, octants: octantsOf(track.along) }),
                  startMs: track.startMs,
                })
              }
            >
              Take place, hour and course
            </button>
            {track.usualMps !== null && (
              <button type="button" className="action" onClick={() => onSpeed(Math.round(track.usualMps! * 10) / 10)}>
                Take its speed
              </button>
            )}
          </div>
        </div>
      )}
    </section>
  );
}
