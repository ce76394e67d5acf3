import type { TrackPoint } from '@strut-spot/core';
import { gpx } from '@tmcw/togeojson';

/** Larger files are no ride of a day. */
export const GPX_LIMITS = { bytes: 30_000_000, points: 300_000 } as const;

export type ReadGpx =
  { readonly ok: true; readonly points: readonly TrackPoint[] } | { readonly ok: false; readonly problem: string };

const TOO_LARGE = 'The file is larger than 30 MB: export one day of it.';
const refuse = (problem: string): ReadGpx => ({ ok: false, problem });
const millisecondsOf = (text: unknown): number | null => {
  const ms = typeof text === 'string' ? Date.parse(text) : NaN;
  return Number.isFinite(ms) ? ms : null;
};

/** Points of all tracks and routes of a GPX 1.1 (or 1.0) file, one after the other. Never throws. */
export function readGpx(text: string): ReadGpx {
  if (text.length > GPX_LIMITS.bytes) return refuse(TOO_LARGE);
  try {
    const document = new DOMParser().parseFromString(text, 'text/xml');
    if (document.querySelector('parsererror'))
      return refuse('It is no whole XML file: it may have been cut off while it was saved.');
    if (document.documentElement.localName !== 'gpx') return refuse('It is no GPX file: its first element is no gpx.');
    const points: TrackPoint[] = [];
    for (const { geometry, properties } of gpx(document).features) {
      const lines =
        geometry?.type === 'LineString'
          ? [geometry.coordinates]
          : geometry?.type === 'MultiLineString'
            ? geometry.coordinates
            : [];
      const told = (properties?.coordinateProperties as { times?: unknown } | undefined)?.times;
      lines.forEach((line, k) => {
        const times = (geometry?.type === 'MultiLineString' ? (told as unknown[] | undefined)?.[k] : told) as
          unknown[] | undefined;
        line.forEach(([lonDeg, latDeg, eleM], i) => {
          if (!Number.isFinite(latDeg) || !Number.isFinite(lonDeg) || Math.abs(latDeg!) > 90 || Math.abs(lonDeg!) > 180)
            return;
          points.push({
            latDeg: latDeg!,
            lonDeg: lonDeg!,
            eleM: Number.isFinite(eleM) ? eleM! : null,
            ms: millisecondsOf(times?.[i]),
          });
        });
      });
      if (points.length > GPX_LIMITS.points) return refuse('It has more than 300,000 points: export one day of it.');
    }
    if (points.length < 2) return refuse('There is no track in it: record or export a track, not places alone.');
    return { ok: true, points };
  } catch (error) {
    return refuse(`It cannot be read: ${(error as Error).message}.`);
  }
}

/** The same of a file. */
export const readGpxFile = async (file: File): Promise<ReadGpx> =>
  file.size > GPX_LIMITS.bytes ? refuse(TOO_LARGE) : readGpx(await file.text());
