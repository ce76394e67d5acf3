import type { predictionsOf } from '@strut-spot/core';
import { BarElement, CategoryScale, Chart, LinearScale, LogarithmicScale, PointElement } from 'chart.js';
import { useMemo } from 'react';
import { Bar, Scatter } from 'react-chartjs-2';
import { sheetInk } from '../../ui/chartPaper';

Chart.register(BarElement, CategoryScale, LinearScale, LogarithmicScale, PointElement);

/** Below that nothing is measured, pixels. */
const LEAST_PX = 0.05;
/** Bars of more clips than that are not told apart. */
const MOST_CLIPS = 24;
const SHAPES = { jump: 'circle', jelly: 'triangle' } as const;

/** How far test clips lay off, one bar each, and what moving clips measured against what the model had said. */
export function PredictionCharts({
  met: { tilts, shakes },
  themeKey,
}: {
  readonly met: ReturnType<typeof predictionsOf>;
  readonly themeKey: string;
}) {
  const drawn = useMemo(() => {
    void themeKey;
    const { ink, ink2, hair, hivis } = sheetInk();
    const title = (text: string) => ({ display: true, text, color: ink2 });
    const axis = { ticks: { color: ink2 }, grid: { color: hair } };
    const last = tilts.slice(-MOST_CLIPS);
    const figures = shakes.flatMap(({ modelPx, measuredPx }) => [modelPx, measuredPx]);
    const most = Math.max(1, ...figures);
    const least = Math.max(LEAST_PX, Math.min(1, ...figures) / 2);
    const px = (label: string) => ({
      ...axis,
      type: 'logarithmic' as const,
      min: least,
      max: 2 * most,
      title: title(label),
      ticks: {
        color: ink2,
        maxRotation: 0,
        callback: (value: number | string) => ([0.1, 1, 10, 100].includes(Number(value)) ? String(value) : ''),
      },
    });
    const common = { animation: false, maintainAspectRatio: false } as const;
    const legend = { legend: { labels: { color: ink, usePointStyle: true } } };
    return {
      tilts: {
        data: {
          labels: last.map(({ at }) => at.slice(5, 10)),
          datasets: [{ label: 'off the wanted angle', data: last.map(({ offDeg }) => offDeg), backgroundColor: hivis }],
        },
        options: {
          ...common,
          scales: { x: { ...axis, grid: { display: false } }, y: { ...axis, title: title('degrees, up = too low') } },
          plugins: { legend: { display: false } },
        },
      },
      shakes: {
        data: {
          datasets: [
            ...(['jump', 'jelly'] as const).map((figure) => ({
              label: figure,
              pointStyle: SHAPES[figure],
              radius: 5,
              borderColor: ink,
              backgroundColor: figure === 'jump' ? ink : hivis,
              data: shakes
                .filter((one) => one.figure === figure)
                .map(({ modelPx, measuredPx }) => ({
                  x: Math.max(LEAST_PX, modelPx),
                  y: Math.max(LEAST_PX, measuredPx),
                })),
            })),
            {
              label: 'as predicted',
              showLine: true,
              pointRadius: 0,
              borderColor: ink2,
              borderDash: [4, 4],
              data: [least, 2 * most].map((v) => ({ x: v, y: v })),
            },
          ],
        },
        options: { ...common, scales: { x: px('px predicted'), y: px('px measured') }, plugins: legend },
      },
    };
  }, [tilts, shakes, themeKey]);
  return (
    <div className="grid gap-6 md:grid-cols-2">
      {tilts.length > 0 && (
        <div className="h-56">
          <Bar
            {...drawn.tilts}
            role="img"
            aria-label={`Test clips off the wanted angle: ${tilts
              .slice(-MOST_CLIPS)
              .map(({ at, offDeg }) => `${at.slice(0, 10)} ${offDeg.toFixed(1)}°`)
              .join(', ')}.`}
          />
        </div>
      )}
      {shakes.length > 0 && (
        <div className="h-56">
          <Scatter
            {...drawn.shakes}
            role="img"
            aria-label={`Measured against predicted, pixels: ${shakes.map(({ figure, modelPx, measuredPx }) => `${figure} ${measuredPx.toFixed(1)} for ${modelPx.toFixed(1)}`).join(', ')}.`}
          />
        </div>
      )}
    </div>
  );
}
