import type { SwingBand } from '@strut-spot/core';
import { useMemo } from 'react';
import { Line } from 'react-chartjs-2';
import { paperOptions, points, sheetInk } from '../../ui/chartPaper';
import { useThemeKey } from '../../ui/useThemeKey';

interface SwingChartProps {
  readonly measured: readonly SwingBand[];
  readonly model: readonly SwingBand[];
}

/** How fast the picture jumps: measured beside the model, in thirds of an octave. */
export default function SwingChart({ measured, model }: SwingChartProps) {
  const themeKey = useThemeKey();
  const data = useMemo(() => {
    void themeKey;
    const { ink, hivis } = sheetInk();
    const line = (label: string, bands: readonly SwingBand[], borderColor: string, borderDash: number[]) => ({
      label,
      data: points(
        bands.map(({ hz }) => hz),
        bands.map(({ rms }) => rms),
      ),
      borderColor,
      borderDash,
    });
    return { datasets: [line('measured', measured, hivis, []), line('model', model, ink, [7, 3])] };
  }, [measured, model, themeKey]);
  const options = useMemo(() => {
    void themeKey;
    const top = Math.max(...[...measured, ...model].map(({ rms }) => rms), 0.1);
    return paperOptions(
      { title: 'how fast it swings, Hz', min: 0.9, max: Math.max(10, measured.at(-1)?.hz ?? 10) },
      { title: 'px', min: top / 300, max: top * 1.6 },
    );
  }, [measured, model, themeKey]);
  return (
    <div className="mt-2 h-44">
      <Line data={data} options={options} role="img" aria-label={describe(measured, model)} />
    </div>
  );
}

const strongest = (bands: readonly SwingBand[]): SwingBand | undefined =>
  bands.reduce<SwingBand | undefined>((a, b) => (a && a.rms >= b.rms ? a : b), undefined);

/** The chart in words. */
function describe(measured: readonly SwingBand[], model: readonly SwingBand[]): string {
  const [is, was] = [strongest(measured), strongest(model)];
  return `Jump by how fast it swings. Most of it measured at ${is?.hz.toFixed(1) ?? 'no'} hertz, by the model at ${was?.hz.toFixed(1) ?? 'no'}.`;
}
