import { trackMap, type KeptTrack } from '@strut-spot/core';
import { useMemo } from 'react';
import type { TrackOfDay } from '../../workers/answers/days';

const BOX = { width: 480, height: 300, margin: 26 } as const;
const path = (points: readonly (readonly [number, number])[]) =>
  points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`).join('');

/** The track from above, north up, with the stretches of shots by their numbers. */
export function TrackMapView({
  track,
  stretches,
  numbers,
  names,
  lengthText,
}: {
  readonly track: KeptTrack;
  readonly stretches: TrackOfDay['stretches'];
  readonly numbers: Readonly<Record<string, number>>;
  readonly names: Readonly<Record<string, string>>;
  readonly lengthText: (metres: number) => string;
}) {
  const map = useMemo(
    () =>
      trackMap(
        track,
        Object.entries(stretches).map(([id, { path, middle }]) => ({ id, path, middle })),
        BOX,
      ),
    [track, stretches],
  );
  const [start] = map.line;
  return (
    <svg viewBox={`0 0 ${BOX.width} ${BOX.height}`} className="w-full border border-hair bg-sheet" role="img">
      <title>
        {`Map of ${track.name}: ${
          Object.keys(stretches)
            .map((id) => `${numbers[id]} ${names[id]}`)
            .join(', ') || 'no shots on it yet'
        }`}
      </title>
      <path d={path(map.line)} fill="none" stroke="var(--ink-2)" strokeWidth="1.4" strokeLinejoin="round" />
      {map.stretches.map(({ id, line }) => (
        <path key={id} d={path(line)} fill="none" stroke="var(--hivis)" strokeWidth="4" strokeLinejoin="round" />
      ))}
      {start && <circle cx={start[0]} cy={start[1]} r="5" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.6" />}
      {map.stretches.map(({ id, middle: [x, y] }) => (
        <g key={id} transform={`translate(${x.toFixed(1)} ${y.toFixed(1)})`}>
          <rect x="-9" y="-9" width="18" height="18" fill="var(--ink)" />
          <text y="4.5" textAnchor="middle" fontSize="12.5" fontWeight="700" fill="var(--paper)">
            {numbers[id]}
          </text>
        </g>
      ))}
      <g transform={`translate(${BOX.width - 22} 24)`} stroke="var(--ink)" fill="none" strokeWidth="1.4">
        <path d="M0 14V-10M-4 -4L0 -11L4 -4" />
        <text y="26" textAnchor="middle" fontSize="11" stroke="none" fill="var(--ink)">
          N
        </text>
      </g>
      <g transform={`translate(12 ${BOX.height - 12})`} stroke="var(--ink)" strokeWidth="1.4">
        <path d={`M0 -4V0H${map.scale.length.toFixed(1)}V-4`} fill="none" />
        <text x={map.scale.length + 6} fontSize="11" stroke="none" fill="var(--ink)">
          {lengthText(map.scale.metres)}
        </text>
      </g>
    </svg>
  );
}
