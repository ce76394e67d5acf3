import { keepTrack, metresToFeet, metresToMiles, profileLine, type KeptTrack } from '@strut-spot/core';
import { Download, Trash2 } from 'lucide-react';
import { useId, useState } from 'react';
import { download, fileNameOf } from '../../devices/download';
import { readGpxFile } from '../../formats/gpx/readGpx';
import { gpxOf } from '../../formats/gpx/writeGpx';
import { guessedPlace } from '../../state/clockHere';
import { useOuting } from '../../state/OutingProvider';
import { useSettings } from '../../storage/settings';
import { GpxFile } from '../../ui/GpxFile';
import type { TrackOfDay } from '../../workers/answers/days';
import { StretchRow } from './StretchRow';
import { TrackMapView } from './TrackMapView';

const PROFILE = { width: 480, height: 80, margin: 6 } as const;
const NAME_LENGTH = 120;

/** Heights over the way, with the stretches of shots. */
function Profile({
  track,
  day,
  height,
}: {
  readonly track: KeptTrack;
  readonly day: TrackOfDay;
  readonly height: (metres: number) => string;
}) {
  const { outing } = useOuting();
  const points = profileLine(track, PROFILE);
  if (points.length < 2) return <p className="text-ink-2">No heights were recorded.</p>;
  const heights = day.profile.map(([, eleM]) => eleM);
  return (
    <svg
      viewBox={`0 0 ${PROFILE.width} ${PROFILE.height}`}
      className="w-full border border-t-0 border-hair bg-sheet"
      role="img"
    >
      <title>{`Heights from ${height(Math.min(...heights))} to ${height(Math.max(...heights))}`}</title>
      {outing.shots.map(({ id, stretch }) =>
        stretch && day.stretches[id] ? (
          <rect
            key={id}
            x={(stretch.fromM / day.lengthM) * PROFILE.width}
            width={Math.max(2, ((Math.min(stretch.toM, day.lengthM) - stretch.fromM) / day.lengthM) * PROFILE.width)}
            height={PROFILE.height}
            fill="var(--hivis)"
            opacity="0.45"
          />
        ) : null,
      )}
      <polyline
        points={points.map((p) => p.map((n) => n.toFixed(1)).join()).join(' ')}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="1.4"
      />
      <g fontSize="11" fill="var(--ink)">
        <text x="5" y="13">
          {height(Math.max(...heights))}
        </text>
        <text x="5" y={PROFILE.height - 5}>
          {height(Math.min(...heights))}
        </text>
      </g>
    </svg>
  );
}

/** The ride as a track: read from a file, drawn as map and heights; shots get their stretches of it. */
export function TrackPanel({ day }: { readonly day: TrackOfDay | null }) {
  const id = useId();
  const { outing, change } = useOuting();
  const metric = useSettings().units === 'metric';
  const [problem, setProblem] = useState<string | null>(null);
  const { track } = outing;
  const distance = (m: number): string =>
    metric
      ? m < 1000
        ? `${Math.round(m)} m`
        : `${(m / 1000).toFixed(1)} km`
      : m < 400
        ? `${Math.round(metresToFeet(m))} ft`
        : `${metresToMiles(m).toFixed(1)} mi`;
  const height = (m: number) => (metric ? `${Math.round(m)} m` : `${Math.round(metresToFeet(m))} ft`);
  const read = async (file: File) => {
    const found = await readGpxFile(file);
    const kept = found.ok ? keepTrack(file.name.replace(/\.gpx$/i, '').slice(0, NAME_LENGTH), found.points) : null;
    setProblem(found.ok ? (kept ? null : 'Nothing moves in this track.') : found.problem);
    if (!kept) return;
    const [latDeg, lonDeg] = kept.nodes[0]!;
    change((o) => ({ ...o, track: kept, where: o.where ?? { ...guessedPlace(), latDeg, lonDeg } }));
  };
  const save = () => {
    if (!track || !day) return;
    const places = outing.shots.flatMap((shot) => {
      const at = day.stretches[shot.id];
      return at ? [{ name: shot.name, note: shot.note, point: at.middle }] : [];
    });
    download(`${fileNameOf(outing.name)}.gpx`, gpxOf(track, places), 'application/gpx+xml');
  };
  return (
    <section aria-labelledby={`${id}-track`} className="mt-6">
      <div className="flex flex-wrap items-end justify-between gap-2 border-b-2 border-ink pb-1">
        <h2 id={`${id}-track`} className="text-[1.15rem] font-[700]">
          Track
        </h2>
        <div className="flex flex-wrap gap-2">
          <GpxFile label={track ? 'Read another GPX file' : 'Read a GPX file'} onFile={(file) => void read(file)} />
          {track && day && (
            <>
              <button type="button" className="action" onClick={save}>
                <Download size={15} aria-hidden /> GPX with the shots
              </button>
              <button
                type="button"
                className="action"
                onClick={() =>
                  change(({ track: gone, ...o }) => {
                    void gone;
                    return o;
                  })
                }
              >
                <Trash2 size={15} aria-hidden /> Remove
              </button>
            </>
          )}
        </div>
      </div>
      {problem && (
        <p role="alert" className="mt-1">
          {problem}
        </p>
      )}
      {!track && (
        <p className="mt-1 text-ink-2">
          A recorded ride of the same way gives each shot its slope, speed, heading and place on the map.
        </p>
      )}
      {track && day && (
        <>
          <p className="my-1">
            <span className="font-[620]">{track.name}</span>, <span className="reading">{distance(day.lengthM)}</span>
          </p>
          <TrackMapView
            track={track}
            stretches={day.stretches}
            numbers={Object.fromEntries(outing.shots.map((shot, i) => [shot.id, i + 1]))}
            names={Object.fromEntries(outing.shots.map((shot) => [shot.id, shot.name]))}
            lengthText={distance}
          />
          <Profile track={track} day={day} height={height} />
          <p className="py-1 text-[0.86rem] text-ink-2">{track.cleaned}.</p>
          <ol>
            {outing.shots.map((shot, i) => (
              <StretchRow
                key={shot.id}
                shot={shot}
                number={i + 1}
                lengthM={day.lengthM}
                report={day.stretches[shot.id]}
                distance={distance}
              />
            ))}
          </ol>
        </>
      )}
    </section>
  );
}
