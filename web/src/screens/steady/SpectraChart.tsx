import { cameraOf, SHAKE_BAND_HZ, type Findings } from '@strut-spot/core';
import { useMemo } from 'react';
import { Line } from 'react-chartjs-2';
import { useShot } from '../../state/useShot';
import { bandsAndMarks, paperOptions, points, sheetInk, type Band, type Mark } from '../../ui/chartPaper';

type Shown = 'motion' | 'picture';

/** Shaking over the frequency: what drives, what the spot and the camera do of it, or what the picture has. */
export function SpectraChart({
  report,
  shown,
  themeKey,
}: {
  report: Findings['steady'];
  shown: Shown;
  themeKey: string;
}) {
  const { shot, rig } = useShot();
  const camera = cameraOf(rig.ownKit, shot.setUp);
  const steadies = camera.stabilisers.find((s) => s.id === shot.setUp.stabiliserId)!.steadies;
  const { spectra, readoutS, exposureS, modes } = report;

  const marks = useMemo((): Mark[] => {
    const lines = (spectra?.lines ?? []).slice(0, 3).map((l) => ({ hz: l.frequencyHz, label: l.name }));
    return [...modes.slice(0, 1).map((m) => ({ hz: m.frequencyHz, label: 'first swing' })), ...lines];
  }, [modes, spectra]);
  const bands = useMemo((): Band[] => {
    const found: Band[] = [];
    if (steadies) {
      found.push({ fromHz: steadies.fromHz, toHz: steadies.toHz, hatch: 'rising', label: 'the stabiliser works' });
    }
    // A swing that turns round within the readout bends the lines: from a third of it on.
    found.push({
      fromHz: 1 / (3 * readoutS),
      toHz: 1 / (2 * exposureS),
      hatch: 'falling',
      label: 'bends lines: jelly',
    });
    if (1 / (2 * exposureS) < SHAKE_BAND_HZ[1]) {
      found.push({ fromHz: 1 / (2 * exposureS), toHz: SHAKE_BAND_HZ[1], hatch: 'dots', label: 'blurs' });
    }
    return found;
  }, [steadies, readoutS, exposureS]);

  const data = useMemo(() => {
    void themeKey;
    if (!spectra) return { datasets: [] };
    const { ink, ink2, hivis } = sheetInk();
    const f = spectra.frequencyHz;
    const line = (label: string, y: ArrayLike<number>, borderColor: string, borderDash: number[]) => ({
      label,
      data: points(f, y),
      borderColor,
      borderDash,
    });
    return {
      datasets:
        shown === 'motion'
          ? [
              line('what drives it', spectra.source, ink2, [2, 3]),
              line('the spot', spectra.spot, ink, [7, 3]),
              line('the camera', spectra.camera, hivis, []),
            ]
          : [
              line('as it falls in', spectra.picture, ink2, [2, 3]),
              line('jump', spectra.figures.jump, ink, []),
              line('jelly', spectra.figures.jelly, hivis, []),
              line('blur', spectra.figures.blur, ink, [7, 3]),
            ],
    };
  }, [spectra, shown, themeKey]);
  const options = useMemo(() => {
    void themeKey;
    const top = Math.max(...data.datasets.flatMap((d) => d.data.map((p) => p.y)), 1e-6);
    return paperOptions(
      { title: 'frequency, Hz', min: SHAKE_BAND_HZ[0], max: SHAKE_BAND_HZ[1] },
      { title: shown === 'motion' ? 'acceleration, (m/s²)²/Hz' : 'picture, px²/Hz', min: top * 1e-7, max: top * 3 },
    );
  }, [data, shown, themeKey]);
  const plugins = useMemo(() => [bandsAndMarks(bands, marks)], [bands, marks]);
  if (!spectra) return <p className="caption p-4">Spectra…</p>;
  return (
    <Line
      key={JSON.stringify([bands, marks])}
      data={data}
      options={options}
      plugins={plugins}
      role="img"
      aria-label={describe(report, shown)}
    />
  );
}

/** The chart in words. */
function describe({ cause, modes, spectra }: Findings['steady'], shown: Shown): string {
  const lines = (spectra?.lines ?? []).map((l) => `${l.name} at ${l.frequencyHz.toFixed(1)} hertz`).join(', ');
  return `${shown === 'motion' ? 'Acceleration of source, spot and camera' : 'Jump, jelly and blur'} over frequency. Most at ${cause.frequencyHz.toFixed(1)} hertz. First swing at ${modes[0]!.frequencyHz.toFixed(1)} hertz.${lines ? ` Lines: ${lines}.` : ''}`;
}
