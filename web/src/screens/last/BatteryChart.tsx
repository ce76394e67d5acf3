import type { CameraDay } from '@strut-spot/core';
import { useMemo } from 'react';
import { Line } from 'react-chartjs-2';
import { bandsAndMarks, paperOptions, sheetInk } from '../../ui/chartPaper';

/** What is left in the battery over the hours of the day, with a jump where a fresh one goes in. */
export function BatteryChart({
  day,
  shotId,
  themeKey,
}: {
  readonly day: CameraDay;
  readonly shotId: string;
  readonly themeKey: string;
}) {
  const total = day.line.at(-1)!.hours;
  const data = useMemo(() => {
    void themeKey;
    const { hivis } = sheetInk();
    return {
      datasets: [
        {
          label: 'left in the battery',
          data: day.line.map(({ hours, left }) => ({ x: hours, y: left * 100 })),
          borderColor: hivis,
          borderWidth: 2,
          pointRadius: 0,
        },
      ],
    };
  }, [day, themeKey]);
  const options = useMemo(() => {
    void themeKey;
    return paperOptions(
      { title: 'hours with the camera out, h', log: false, min: 0, max: total },
      { title: '%', log: false, min: 0, max: 100 },
    );
  }, [themeKey, total]);
  const { bands, marks } = useMemo(() => {
    const starts = day.shots.map((_, i) => day.shots.slice(0, i).reduce((sum, s) => sum + s.hours, 0));
    const at = day.shots.findIndex((s) => s.shotId === shotId);
    const swaps = day.line.flatMap(({ hours, left }, i) =>
      i > 0 && left === 1 && day.line[i - 1]!.left === 0 ? [hours] : [],
    );
    return {
      bands:
        at < 0
          ? []
          : [
              {
                fromHz: starts[at]!,
                toHz: starts[at]! + day.shots[at]!.hours,
                hatch: 'dots' as const,
                label: '',
              },
            ],
      marks: swaps.map((hz, i) => ({ hz, label: `battery ${i + 2}` })),
    };
  }, [day, shotId]);
  const plugins = useMemo(() => [bandsAndMarks(bands, marks)], [bands, marks]);
  return (
    <Line
      key={JSON.stringify([bands, marks, total])}
      data={data}
      options={options}
      plugins={plugins}
      role="img"
      aria-label={`${day.name} over ${total.toFixed(1)} hours: ${day.batteries} ${day.batteries === 1 ? 'battery' : 'batteries'}, ${Math.round(day.line.at(-1)!.left * 100)} % left in the last.`}
    />
  );
}
