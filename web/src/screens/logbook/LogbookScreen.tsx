import {
  LOG_GROUPS,
  logRows,
  logTrends,
  nextTime,
  predictionsOf,
  predictionWords,
  WHY_NOT_WORDS,
  type LogGroup,
  type LogRow,
} from '@strut-spot/core';
import { FileDown } from 'lucide-react';
import { unparse } from 'papaparse';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { download } from '../../devices/download';
import { useStoredOutings } from '../../storage/outings';
import { ChoiceField } from '../../ui/ChoiceField';
import { useThemeKey } from '../../ui/useThemeKey';
import { PredictionCharts } from './PredictionCharts';
import { TakesTable, useTakes } from './TakesTable';
import { TrendChart } from './TrendChart';

const NOBODY = 'Everybody';
/** More bars than that nobody reads. */
const MOST_BARS = 8;

const asCsv = (rows: readonly LogRow[]): string =>
  unparse(
    rows.map(({ entry, outing, shot, rider, date, carrier, place, base, camera, ground }) => ({
      logged_at: entry.at,
      planned_for: date,
      outing,
      shot,
      rider,
      carrier,
      place,
      base,
      camera,
      ground,
      take: entry.lap ?? '',
      filmed: entry.done ? 'yes' : 'no',
      usable: entry.usable,
      usable_s: entry.usableS ?? '',
      mount: entry.held,
      why_not: (entry.whyNot ?? []).map((why) => WHY_NOT_WORDS[why].name).join('; '),
      lens: entry.lens ?? '',
      battery_percent: entry.batteryPct ?? '',
      note: entry.note,
    })),
    { escapeFormulae: true },
  );

/** Takes of all outings: found again, told apart by what they were filmed with, and what follows for the next time. */
export function LogbookScreen() {
  const stored = useStoredOutings();
  const themeKey = useThemeKey();
  const [group, setGroup] = useState<LogGroup>('place');
  const [rider, setRider] = useState(NOBODY);
  const outings = useMemo(
    () => (stored ?? []).flatMap((one) => (one.kind === 'readable' && one.deletedAt === null ? [one.outing] : [])),
    [stored],
  );
  const all = useMemo(() => logRows(outings), [outings]);
  const riders = [...new Set(all.map((row) => row.rider).filter(Boolean))];
  const met = useMemo(
    () => predictionsOf(outings.filter(({ riderName }) => rider === NOBODY || riderName === rider)),
    [outings, rider],
  );
  const metWords = predictionWords(met);
  const rows = useMemo(() => all.filter((row) => rider === NOBODY || row.rider === rider), [all, rider]);
  const table = useTakes(rows);
  const shown = table.getRowModel().rows.map((row) => row.original);
  const trends = logTrends(shown, group).slice(0, MOST_BARS);
  const next = nextTime(shown);
  const search = String(table.state.globalFilter ?? '');

  if (!stored) return <p className="caption p-8">Opening…</p>;
  return (
    <main className="mx-auto max-w-6xl px-4 py-6">
      <div className="mb-4 flex flex-wrap items-end gap-x-6 gap-y-2">
        <h1 className="text-4xl leading-none font-[700] [font-stretch:70%]">Logbook</h1>
        <p className="max-w-md text-ink-2">
          Every take that was logged, of all outings. Each row names the gear, so that you see what to change.
        </p>
        {all.length > 0 && (
          <button
            type="button"
            className="action ml-auto"
            onClick={() => download('logbook.csv', asCsv(shown), 'text/csv')}
          >
            <FileDown size={16} aria-hidden /> Save as CSV
          </button>
        )}
      </div>
      {all.length === 0 ? (
        <p className="border border-dashed border-hair-strong p-8 text-center text-ink-2">
          No take was logged yet. At the trailhead, on the{' '}
          <Link className="underline underline-offset-2" to="/">
            outing&apos;s
          </Link>{' '}
          field view, one press logs what came of it.
        </p>
      ) : (
        <>
          <div className="mb-3 flex flex-wrap items-center gap-x-5 gap-y-2">
            <label className="flex items-center gap-2">
              <span className="caption">Search</span>
              <input
                type="search"
                className="field w-56 border border-hair-strong px-2"
                value={search}
                onChange={(event) => table.setGlobalFilter(event.target.value)}
              />
            </label>
            {riders.length > 0 && (
              <ChoiceField
                label="Rider"
                value={rider}
                choices={[NOBODY, ...riders].map((name) => ({ id: name, name }))}
                onChange={setRider}
              />
            )}
            <ChoiceField
              label="By"
              value={group}
              choices={LOG_GROUPS}
              onChange={(id) => setGroup(LOG_GROUPS.find((one) => one.id === id)?.id ?? 'place')}
            />
            <p className="reading ml-auto" role="status">
              {shown.length} of {all.length} {all.length === 1 ? 'take' : 'takes'}
            </p>
          </div>
          <div className="mb-5 grid gap-6 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
            <div style={{ height: `${Math.max(11, 5 + trends.length * 3.2)}rem` }}>
              <TrendChart trends={trends} by={group} themeKey={themeKey} />
            </div>
            <section aria-labelledby="next-time">
              <h2 id="next-time" className="caption border-b-2 border-ink">
                Next time
              </h2>
              {next.length === 0 ? (
                <p className="py-2 text-ink-2">
                  Nothing has spoilt several takes yet. After three takes from one place, what goes wrong there is named
                  here.
                </p>
              ) : (
                <ul>
                  {next.map((words) => (
                    <li key={words} className="border-b border-hair py-1.5">
                      {words}
                    </li>
                  ))}
                </ul>
              )}
            </section>
          </div>
          <TakesTable table={table} />
        </>
      )}
      {metWords.length > 0 && (
        <section aria-labelledby="met" className="mt-6" data-testid="predictions">
          <h2 id="met" className="caption mb-1 border-b-2 border-ink">
            Predicted against measured
          </h2>
          {metWords.map((words) => (
            <p key={words}>{words}</p>
          ))}
          <PredictionCharts met={met} themeKey={themeKey} />
        </section>
      )}
    </main>
  );
}
