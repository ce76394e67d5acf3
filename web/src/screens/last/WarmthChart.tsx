import type { LastFound, Warms } from '@strut-spot/core';
import { useMemo } from 'react';
import { Line } from 'react-chartjs-2';
import { paperOptions, sheetInk } from '../../ui/chartPaper';

const MINUTES = 60;
const STEP_MIN = 2;

const curveOf = ({ endC, timeS, fromC }: Warms) =>
  Array.from({ length: MINUTES / STEP_MIN + 1 }, (_, i) => ({
    x: i * STEP_MIN,
    y: endC + (fromC - endC) * Math.exp((-i * STEP_MIN * 60) / timeS),
  }));

/** How warm the camera gets within an hour: under way, and recording at a stop. */
export function WarmthChart({ warm, themeKey }: { readonly warm: LastFound['warm']; readonly themeKey: string }) {
  const data = useMemo(() => {
    void themeKey;
    const { ink, hivis } = sheetInk();
    const line = { pointRadius: 0, borderWidth: 1.8 };
    return {
      datasets: [
        { ...line, label: 'under way', data: curveOf(warm.riding), borderColor: hivis, borderDash: [] },
        { ...line, label: 'at a stop', data: curveOf(warm.still), borderColor: ink, borderDash: [7, 3] },
        {
          ...line,
          label: 'switches off',
          data: [0, MINUTES].map((x) => ({ x, y: warm.limitC })),
          borderColor: ink,
          borderDash: [2, 3],
        },
      ],
    };
  }, [warm, themeKey]);
  const options = useMemo(() => {
    void themeKey;
    return paperOptions(
      { title: 'recording, min', log: false, min: 0, max: MINUTES },
      { title: '°C', log: false, max: Math.ceil((warm.limitC + 5) / 10) * 10 },
    );
  }, [themeKey, warm.limitC]);
  const words = ({ limitMin, endC }: Warms) =>
    Number.isFinite(limitMin) ? `too hot after ${Math.round(limitMin)} minutes` : `settles at ${Math.round(endC)} °C`;
  return (
    <Line
      data={data}
      options={options}
      role="img"
      aria-label={`Warmth of the camera: under way it ${words(warm.riding)}, recording at a stop it ${words(warm.still)}.`}
    />
  );
}
