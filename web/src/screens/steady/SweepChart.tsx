import { engineRpm, MPS_PER_KMH, MPS_PER_MPH, worstOf } from '@strut-spot/core';
import { useMemo } from 'react';
import { Line } from 'react-chartjs-2';
import { useShot } from '../../state/useShot';
import { useSettings } from '../../storage/settings';
import { judging } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';
import { bandsAndMarks, paperOptions, sheetInk } from '../../ui/chartPaper';

interface SweepChartProps {
  readonly over: 'speed' | 'engine';
  readonly themeKey: string;
}

/** The same shot at other speeds of the ride or the engine: a resonance shows as one that is worse than those on both sides. */
export function SweepChart({ over, themeKey }: SweepChartProps) {
  const { question, rig, carrier } = useShot();
  const { units } = useSettings();
  const [perUnit, unit] =
    over === 'engine' ? [1, 'rpm'] : units === 'metric' ? [MPS_PER_KMH, 'km/h'] : [MPS_PER_MPH, 'mph'];
  const sweep = useLatest(`${over} ${JSON.stringify(question)}`, () =>
    over === 'engine' ? judging.engineSweep(question) : judging.speedSweep(question),
  ).value;
  const data = useMemo(() => {
    void themeKey;
    const { ink, hivis } = sheetInk();
    const curve = (label: 'jump' | 'jelly' | 'blur', borderColor: string, borderDash: number[]) => ({
      label,
      data: (sweep ?? []).map((s) => ({ x: s.at / perUnit, y: Math.max(s[label], 1e-3) })),
      borderColor,
      borderDash,
    });
    return { datasets: [curve('jump', ink, []), curve('jelly', hivis, []), curve('blur', ink, [7, 3])] };
  }, [sweep, perUnit, themeKey]);
  const worst = sweep ? worstOf(sweep) : null;
  const options = useMemo(() => {
    void themeKey;
    return paperOptions(
      { title: over === 'engine' ? 'engine, turns a minute' : `speed, ${unit}`, log: false },
      { title: 'px rms of 1080 lines', min: 0.05 },
    );
  }, [over, unit, themeKey]);
  const here = over === 'engine' ? (engineRpm({ rig, ride: carrier.ride }) ?? 0) : carrier.ride.speedMps / perUnit;
  const worstAt = worst ? worst.at / perUnit : null;
  const plugins = useMemo(
    () => [
      bandsAndMarks(
        [],
        [
          { hz: here, label: 'as planned' },
          ...(worstAt === null ? [] : [{ hz: worstAt, label: `worst: ${Math.round(worstAt)} ${unit}` }]),
        ],
      ),
    ],
    [here, worstAt, unit],
  );
  if (!sweep) return <p className="caption p-4">Other speeds…</p>;
  if (sweep.length === 0)
    return <p className="p-4 text-ink-2">It does not move: there is no other speed to compare.</p>;
  return (
    <Line
      key={`${here}-${worstAt}-${unit}`}
      data={data}
      options={options}
      plugins={plugins}
      role="img"
      aria-label={`Jump, jelly and blur over ${over === 'engine' ? 'the engine’s speed' : 'speed'}. ${worstAt === null ? 'No speed stands out.' : `Worst at ${Math.round(worstAt)} ${unit}.`}`}
    />
  );
}
