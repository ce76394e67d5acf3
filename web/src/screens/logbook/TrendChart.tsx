import type { LogTrend } from '@strut-spot/core';
import { BarElement, CategoryScale, Chart, type ChartOptions } from 'chart.js';
import { useMemo } from 'react';
import { Bar } from 'react-chartjs-2';
import { sheetInk } from '../../ui/chartPaper';

Chart.register(BarElement, CategoryScale);

/** Share of takes that came out, and of those that moved, as bars. */
export function TrendChart({
  trends,
  by,
  themeKey,
}: {
  readonly trends: readonly LogTrend[];
  readonly by: string;
  readonly themeKey: string;
}) {
  const { data, options } = useMemo(() => {
    void themeKey;
    const { ink, ink2, hair, hivis } = sheetInk();
    const percent = (of: (trend: LogTrend) => number) => trends.map((trend) => Math.round(of(trend) * 100));
    const axis = { ticks: { color: ink2 }, grid: { color: hair } };
    const drawn: ChartOptions<'bar'> = {
      indexAxis: 'y',
      animation: false,
      maintainAspectRatio: false,
      scales: {
        x: { ...axis, min: 0, max: 100, title: { display: true, text: '% of takes', color: ink2 } },
        y: { ...axis, grid: { display: false } },
      },
      plugins: { legend: { labels: { color: ink, boxWidth: 14 } } },
    };
    return {
      data: {
        labels: trends.map(({ name, takes }) => `${name} (${takes})`),
        datasets: [
          { label: 'usable', data: percent(({ usable }) => usable), backgroundColor: ink },
          { label: 'moved', data: percent(({ moved }) => moved), backgroundColor: hivis },
          {
            label: 'lens not clean',
            data: percent(({ dirty }) => dirty),
            backgroundColor: hair,
            borderColor: ink,
            borderWidth: 1,
          },
        ],
      },
      options: drawn,
    };
  }, [trends, themeKey]);
  return (
    <Bar
      data={data}
      options={options}
      role="img"
      aria-label={`By ${by}: ${trends.map(({ name, takes, usable }) => `${name}, ${takes} takes, ${Math.round(usable * 100)} % usable`).join('; ')}.`}
    />
  );
}
