import type { Candidate } from '@strut-spot/core';
import { Chart, LinearScale, LogarithmicScale, PointElement, Tooltip, type ChartOptions } from 'chart.js';
import { useMemo } from 'react';
import { Scatter } from 'react-chartjs-2';
import { sheetInk } from '../../ui/chartPaper';
import { rangeOf, TICKS } from './speedAxis';

Chart.register(LinearScale, LogarithmicScale, PointElement, Tooltip);

interface Point {
  readonly x: number;
  readonly y: number;
  readonly id: string;
  readonly name: string;
}

/** Own shapes for where a camera sits, so that meaning does not hang on colour. */
const SHAPES = { head: 'circle', body: 'triangle', machine: 'rect', beside: 'crossRot' } as const;

/** Every candidate as a point, steady against fast; a point is picked by clicking, the sheet shows the same. */
export function SteadyFastChart({
  candidates,
  chosenId,
  themeKey,
  onPick,
}: {
  candidates: readonly Candidate[];
  chosenId: string | null;
  themeKey: string;
  onPick: (id: string) => void;
}) {
  const feels = useMemo(() => candidates.flatMap(({ facts }) => facts.speedFeel ?? []), [candidates]);
  const data = useMemo(() => {
    void themeKey;
    const { ink, hivis, sheet } = sheetInk();
    const kinds = ['head', 'body', 'machine', 'beside'] as const;
    return {
      datasets: kinds
        .map((kind) => {
          const points = candidates
            .filter((c) => c.placeKind === kind && c.facts.speedFeel !== null && c.facts.unsteadiness !== null)
            .map((c): Point => ({
              x: Math.min(TICKS.at(-1)!, Math.max(TICKS[0]!, c.facts.speedFeel!)),
              y: Math.exp(-c.facts.unsteadiness!),
              id: c.id,
              name: `${c.spotName}, ${c.facts.cameraName}`,
            }));
          return {
            label: kind,
            data: points,
            pointStyle: SHAPES[kind],
            radius: points.map((p) => (p.id === chosenId ? 8 : 4)),
            backgroundColor: points.map((p) => (p.id === chosenId ? hivis : sheet)),
            borderColor: ink,
            borderWidth: 1.2,
          };
        })
        .filter((set) => set.data.length > 0),
    };
  }, [candidates, chosenId, themeKey]);
  const options = useMemo((): ChartOptions<'scatter'> => {
    void themeKey;
    const { ink2, hair } = sheetInk();
    const axis = { ticks: { color: ink2, maxTicksLimit: 6 }, grid: { color: hair }, border: { color: ink2 } };
    return {
      animation: false,
      maintainAspectRatio: false,
      onClick: (_event, hits, chart) => {
        const [hit] = hits;
        const point = hit && (chart.data.datasets[hit.datasetIndex]!.data[hit.index] as unknown as Point);
        if (point) onPick(point.id);
      },
      // A point under the pointer shows that it can be pressed.
      onHover: (_event, hits, chart) => {
        chart.canvas.style.cursor = hits.length > 0 ? 'pointer' : '';
      },
      scales: {
        x: {
          ...axis,
          type: 'logarithmic',
          title: { display: true, text: 'fast: × the speed that the eyes see', color: ink2 },
          ...rangeOf(feels),
          afterBuildTicks: (scale) => {
            scale.ticks = TICKS.filter((t) => t >= scale.min && t <= scale.max).map((value) => ({ value }));
          },
          ticks: { ...axis.ticks, callback: (value) => String(value) },
        },
        y: { ...axis, min: 0, max: 1, title: { display: true, text: 'steady', color: ink2 } },
      },
      plugins: {
        legend: { labels: { color: ink2, usePointStyle: true, boxHeight: 6 } },
        tooltip: { callbacks: { label: (item) => (item.raw as Point).name } },
      },
    };
  }, [feels, themeKey, onPick]);
  return (
    <Scatter
      data={data}
      options={options}
      role="img"
      aria-label={`${candidates.length} candidates, steady against fast; the sheet lists the same.`}
    />
  );
}
