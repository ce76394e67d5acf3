import {
  darkFrom,
  exposingOf,
  exposureWords,
  isoWords,
  cameraOf,
  lightById,
  metresToFeet,
  openingOf,
  stopsToHalfTurn,
  type LightFound,
  type LightId,
  type LightOfDay,
  type Moment,
  type RigSpec,
  type SetUp,
} from '@strut-spot/core';
import { useSettings } from '../../storage/settings';

/** Figures of the light at the hour of the shot. */
export function LightFacts({
  found,
  setUp,
  rig,
  lightId,
  moment,
  course,
}: {
  readonly found: LightFound;
  readonly setUp: SetUp;
  readonly rig: RigSpec;
  readonly lightId: LightId;
  readonly moment: Moment | undefined;
  readonly course: LightOfDay['course'] | null;
}) {
  const metric = useSettings().units === 'metric';
  const camera = cameraOf(rig.ownKit, setUp);
  const mode = camera.modes.find((m) => m.id === setUp.modeId) ?? camera.modes[0]!;
  const { sun } = found;
  const grey = stopsToHalfTurn(found.ev, openingOf(camera, setUp), mode.framesPerSecond);
  const dark = moment && darkFrom(moment, lightId, exposingOf({ camera, mode, setUp }), camera.poorIso.value);
  const length = (m: number) => (metric ? `${m.toFixed(1)} m` : `${metresToFeet(m).toFixed(1)} ft`);
  const rows: [string, string][] = [
    ['Sky', lightById(lightId).name.toLowerCase()],
    ['Exposure value', `EV ${found.ev.toFixed(1)}`],
    ['Shutter', exposureWords(found.exposureS)],
    ['Gain', isoWords(found.iso)],
    ...(dark ? [[setUp.ndStops ? 'Filter off from' : 'Too dark from', `about ${dark}`] as [string, string]] : []),
  ];
  if (sun)
    rows.push([
      'Sun',
      sun.heightDeg >= 0
        ? `at ${Math.round(sun.azimuthDeg)}°, ${sun.heightDeg.toFixed(0)}° high`
        : `${(-sun.heightDeg).toFixed(0)}° under the horizon`,
    ]);
  if (course) rows.push(['Rises, sets', `${course.rises ?? 'not'}, ${course.sets ?? 'not'}`]);
  if (sun && sun.heightDeg > 1)
    rows.push(['Shadow of a rider', length(rig.statureM / Math.tan((sun.heightDeg * Math.PI) / 180))]);
  rows.push([
    'ND filter to fit',
    grey < 0.5
      ? 'none: the shutter is long enough'
      : `ND${2 ** Math.round(grey)} for 1/${2 * mode.framesPerSecond} s (half of a picture’s time)`,
  ]);
  return (
    <table className="w-full text-[0.95rem]">
      <caption className="caption mb-1 border-b border-hair-strong pb-0.5 text-left">At that hour (estimates)</caption>
      <tbody>
        {rows.map(([name, value]) => (
          <tr key={name} className="border-b border-hair align-baseline">
            <th scope="row" className="py-0.5 pr-3 text-left font-[400] whitespace-nowrap text-ink-2">
              {name}
            </th>
            <td className="reading py-0.5 text-right">{value}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
