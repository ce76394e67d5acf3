import { MPS_PER_KMH, MPS_PER_MPH, worstSpeed } from '@strut-spot/core';
import { useMemo } from 'react';
import { Line } from 'react-chartjs-2';
import { useShot } from '../../state/useShot';
import { useSettings } from '../../storage/settings';
import { judging } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';
import { bandsAndMarks, paperOptions, sheetInk } from '../../ui/chartPaper';

/** The same shot at other speeds: a resonance shows as a speed that is worse than those on both sides. */
export function SpeedChart({ themeKey }: { themeKey: string }) {
  const { question, carrier } = useShot();
  const { units } = useSettings();
  const [perUnit, unit] = units === 'metric' ? [MPS_PER_KMH, 'km/h'] : [MPS_PER_MPH, 'mph'];
  const sweep = useLatest(JSON.stringify(question), () => judging.speedSweep(question)).value;
  const data = useMemo(() => {
    void themeKey;
    const { ink, hivis } = sheetInk();
    const curve = (label: 'jump' | 'jelly' | 'blur', borderColor: string, borderDash: number[]) => ({
      label,
      data: (sweep ?? []).map((s) => ({ x: s.speedMps / perUnit, y: Math.max(s[label], 1e-3) })),
      borderColor,
      borderDash,
    });
    return { datasets: [curve('jump', ink, []), curve('jelly', hivis, []), curve('blur', ink, [7, 3])] };
  }, [sweep, perUnit, themeKey]);
  const worst = sweep ? worstSpeed(sweep) : null;
  const options = useMemo(() => {
    void themeKey;
    return paperOptions({ title: `speed, ${unit}`, log: false }, { title: 'px rms of 1080 lines', min: 0.05 });
  }, [unit, themeKey]);
  const here = carrier.ride.speedMps / perUnit;
  const worstAt = worst ? worst.speedMps / perUnit : null;
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
  if (sweep.length === 0) return <p className="p-4 text-ink-2">It stands: there is no other speed.</p>;
  return (
    <Line
      key={`${here}-${worstAt}-${unit}`}
      data={data}
      options={options}
      plugins={plugins}
      role="img"
      aria-label={`Jump, jelly and blur over speed. ${worstAt === null ? 'No speed stands out.' : `Worst at ${Math.round(worstAt)} ${unit}.`}`}
    />
  );
}
