import {
  capital,
  clockOf,
  filmedMin,
  minutesOf,
  type LightOfDay,
  type Moment,
  type ShotLightHour,
} from '@strut-spot/core';
import { useId } from 'react';

/** Units across: fewer on a phone, so that its letters can be read. */
const WIDE = 720;
const NARROW = 400;
const PHONE = '(max-width: 639px)';
const SUN_HEIGHT = 84;
const ROW = 17;
const LEFT = 76;
const LOW_DEG = -12;

/** Height on the paper by height of the sun, up to the highest of the day. */
const scaleTo = (highDeg: number) => (deg: number) =>
  ((highDeg - Math.max(LOW_DEG, Math.min(highDeg, deg))) / (highDeg - LOW_DEG)) * SUN_HEIGHT + 4;

interface Row {
  readonly name: string;
  readonly fill: 'solid' | 'rising' | 'falling' | 'dots';
  /** Stretches of the day for which it holds, in minutes. */
  readonly runs: (day: LightOfDay) => readonly Run[];
}
type Run = readonly [from: number, to: number];

/** Stretches over which something holds at times a step apart, each of which stands for half a step before and after. */
function runsOf<At extends { readonly at: string }>(hours: readonly At[], stepMin: number, holds: (at: At) => boolean) {
  const runs: [number, number][] = [];
  for (const hour of hours) {
    if (!holds(hour)) continue;
    const at = minutesOf(hour.at);
    const [from, to] = [Math.max(0, at - stepMin / 2), hour === hours.at(-1) ? 1440 : at + stepMin / 2];
    const last = runs.at(-1);
    if (last && last[1] === from) last[1] = to;
    else runs.push([from, to]);
  }
  return runs;
}

const byShot =
  (holds: (hour: ShotLightHour) => boolean): Row['runs'] =>
  ({ hours }) =>
    runsOf(hours, 30, holds);
const bySun =
  (holds: (heightDeg: number) => boolean): Row['runs'] =>
  ({ course }) =>
    runsOf(course.hours, 10, ({ heightDeg }) => holds(heightDeg));

/** Heights of the sun, degrees, at which photographers speak of the golden and the blue hour. Common practice, no source. */
const GOLDEN = { low: -4, high: 6 } as const;
const BLUE = { low: -6 } as const;

/** Hatched differently, so that they are told apart without colour. */
const ROWS: readonly Row[] = [
  { name: 'sun looks in', fill: 'solid', runs: byShot((h) => h.sunShare > 0) },
  { name: 'own shadow', fill: 'rising', runs: byShot((h) => h.troubles.includes('own-shadow')) },
  { name: 'back light', fill: 'falling', runs: byShot((h) => h.lit === 'behind') },
  { name: 'side light', fill: 'rising', runs: byShot((h) => h.lit === 'side') },
  { name: 'front light', fill: 'dots', runs: byShot((h) => h.lit === 'front') },
  { name: 'golden hour', fill: 'dots', runs: bySun((deg) => deg > GOLDEN.low && deg < GOLDEN.high) },
  { name: 'blue hour', fill: 'falling', runs: bySun((deg) => deg > BLUE.low && deg <= GOLDEN.low) },
  { name: 'too dark', fill: 'solid', runs: byShot((h) => h.troubles.includes('too-dark')) },
];

/** So many of them hold on most days: room is kept for them while the day is worked out, so that the picture above stays where it is. */
const USUAL_ROWS = 6;
const heightOf = (rows: number): number => SUN_HEIGHT + 22 + rows * ROW;

/** The sun's height over the day, with what it does to the shot at each half hour, and the hour to be chosen. */
export function DayOfSun({
  day,
  moment,
  onAt,
}: {
  readonly day: LightOfDay | null;
  readonly moment: Moment;
  readonly onAt: (at: string) => void;
}) {
  const id = useId();
  const width = matchMedia(PHONE).matches ? NARROW : WIDE;
  const xOf = (m: number): number => LEFT + (m / 1440) * (width - LEFT - 6);
  const now = minutesOf(moment.at);
  const rows = day
    ? ROWS.map(({ runs, ...row }) => ({ ...row, runs: runs(day) })).filter(({ runs }) => runs.length > 0)
    : [];
  const highest = day ? Math.max(...day.course.hours.map((h) => h.heightDeg)) : 0;
  const highDeg = Math.max(20, Math.ceil(highest / 10) * 10);
  const yOf = scaleTo(highDeg);
  const height = heightOf(rows.length);
  return (
    <div>
      {day ? (
        <svg viewBox={`0 0 ${width} ${height}`} className="w-full" role="img" aria-labelledby={`${id}-said`}>
          <title id={`${id}-said`}>{said(day, rows)}</title>
          <defs>
            {(['rising', 'falling', 'dots'] as const).map((kind) => (
              <pattern key={kind} id={`${id}-${kind}`} width="6" height="6" patternUnits="userSpaceOnUse">
                {kind === 'dots' ? (
                  <circle cx="3" cy="3" r="1" fill="var(--ink)" />
                ) : (
                  <path d={kind === 'rising' ? 'M0 6L6 0' : 'M0 0L6 6'} stroke="var(--ink)" strokeWidth="1" />
                )}
              </pattern>
            ))}
          </defs>
          <rect x={LEFT} y={yOf(0)} width={width - LEFT - 6} height={SUN_HEIGHT + 4 - yOf(0)} fill="var(--paper-2)" />
          {[0, 3, 6, 9, 12, 15, 18, 21, 24].map((h) => (
            <g key={h}>
              <line x1={xOf(h * 60)} x2={xOf(h * 60)} y1={4} y2={height - 16} stroke="var(--hair)" strokeWidth="0.7" />
              <text
                x={xOf(h * 60)}
                y={height - 4}
                fontSize="10"
                textAnchor={h === 24 ? 'end' : 'middle'}
                fill="var(--ink-2)"
              >
                {h}
              </text>
            </g>
          ))}
          {[0, ...[10, 30, 60].filter((deg) => deg <= highDeg)].map((deg) => (
            <g key={deg}>
              <line
                x1={LEFT}
                x2={width - 6}
                y1={yOf(deg)}
                y2={yOf(deg)}
                stroke={deg === 0 ? 'var(--ink)' : 'var(--hair)'}
                strokeWidth={deg === 0 ? 1 : 0.7}
              />
              <text x={LEFT - 5} y={yOf(deg) + 3.5} fontSize="10" textAnchor="end" fill="var(--ink-2)">
                {deg === 0 ? 'horizon' : `${deg}°`}
              </text>
            </g>
          ))}
          <polyline
            points={day.course.hours.map((h) => `${xOf(minutesOf(h.at))},${yOf(h.heightDeg)}`).join(' ')}
            fill="none"
            stroke="var(--ink)"
            strokeWidth="1.6"
          />
          {rows.map((row, i) => {
            const y = SUN_HEIGHT + 8 + i * ROW;
            return (
              <g key={row.name}>
                <text x={LEFT - 5} y={y + 9} fontSize="10.5" textAnchor="end" fill="var(--ink)">
                  {row.name}
                </text>
                {row.runs.map(([from, to]) => (
                  <rect
                    key={from}
                    x={xOf(from)}
                    y={y}
                    width={xOf(to) - xOf(from)}
                    height={ROW - 6}
                    fill={row.fill === 'solid' ? 'var(--ink)' : `url(#${id}-${row.fill})`}
                  />
                ))}
              </g>
            );
          })}
          {moment.until !== undefined && (
            <rect
              x={xOf(now)}
              y={2}
              width={xOf(Math.min(1440, now + filmedMin(moment))) - xOf(now)}
              height={height - 16}
              fill="var(--hivis)"
              opacity="0.16"
            />
          )}
          <line x1={xOf(now)} x2={xOf(now)} y1={2} y2={height - 14} stroke="var(--hivis)" strokeWidth="2" />
        </svg>
      ) : (
        <p className="caption py-4" style={{ aspectRatio: width / heightOf(USUAL_ROWS) }}>
          Sun of the day…
        </p>
      )}
      {/* As wide as the drawing, so that the thumb stands under its hour. */}
      <div className="grid items-center" style={{ gridTemplateColumns: `${(100 * LEFT) / width - 1}% 1fr` }}>
        <label htmlFor={`${id}-hour`} className="reading text-[1.1rem]">
          <span className="sr-only">Hour</span>
          <span data-testid="light-hour">{moment.at}</span>
        </label>
        <input
          id={`${id}-hour`}
          type="range"
          min={0}
          max={1430}
          step={10}
          value={now}
          aria-valuetext={moment.at}
          className="h-6 w-full min-w-0 accent-[var(--hivis)] max-lg:min-h-touch"
          onChange={(event) => onAt(clockOf(Number(event.target.value)))}
        />
      </div>
    </div>
  );
}

/** The same in words. */
function said(day: LightOfDay, rows: readonly { readonly name: string; readonly runs: readonly Run[] }[]): string {
  const { rises, sets } = day.course;
  const sun =
    rises && sets ? `The sun rises at ${rises} and sets at ${sets}.` : 'The sun does not rise and set that day.';
  const when = rows.map(
    ({ name, runs }) => `${name}: ${runs.map(([from, to]) => `${clockOf(from)} to ${clockOf(to)}`).join(', ')}`,
  );
  return [sun, ...when.map((w) => `${capital(w)}.`)].join(' ');
}
