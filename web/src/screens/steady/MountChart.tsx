import { AS_IT_IS, hertzWords, kitWith, SHAKE_BAND_HZ, type WhatIf } from '@strut-spot/core';
import { Slider } from 'radix-ui';
import { useMemo, useState } from 'react';
import { Line } from 'react-chartjs-2';
import { useShot } from '../../state/useShot';
import { computing } from '../../workers/core';
import { useLatest } from '../../workers/useLatest';
import { bandsAndMarks, paperOptions, points, sheetInk } from '../../ui/chartPaper';

const FACTORS = [
  ['length', 'Length', 0.3, 2],
  ['weight', 'Weight', 0.25, 3],
  ['damping', 'Damping', 0.25, 4],
] as const;

/** What the strut passes on, and what it would pass on longer, heavier or better damped. */
export function MountChart({ themeKey }: { themeKey: string }) {
  const { shot, question, rig, changeSetUp } = useShot();
  const [whatIf, setWhatIf] = useState<WhatIf>(AS_IT_IS);
  const key = JSON.stringify(question);
  const now = useLatest(key, () => computing.mountCurve(question, AS_IT_IS));
  const then = useLatest(key + JSON.stringify(whatIf), () => computing.mountCurve(question, whatIf));
  const changed = JSON.stringify(whatIf) !== JSON.stringify(AS_IT_IS);
  const links = kitWith(rig.ownKit).links;
  const { setUp } = shot;
  const longest = setUp.links
    .map((use, index) => ({ use, index, definition: links.find((l) => l.id === use.linkId)! }))
    .filter(({ definition }) => definition.kind !== 'damper' && definition.kind !== 'pad')
    .sort((a, b) => b.use.lengthM - a.use.lengthM)[0];
  const wanted = longest ? longest.use.lengthM * whatIf.length : 0;
  const possible = longest && wanted >= longest.definition.lengthM.low && wanted <= longest.definition.lengthM.high;

  const data = useMemo(() => {
    void themeKey;
    const { ink, ink2, hivis } = sheetInk();
    const curves = now.value
      ? [
          {
            label: 'up and down',
            data: points(now.value.frequencyHz, now.value.nod),
            borderColor: ink,
            borderDash: [] as number[],
          },
          {
            label: 'sideways',
            data: points(now.value.frequencyHz, now.value.sideways),
            borderColor: ink2,
            borderDash: [7, 3],
          },
        ]
      : [];
    const other =
      changed && then.value
        ? [
            {
              label: 'as tried, up and down',
              data: points(then.value.frequencyHz, then.value.nod),
              borderColor: hivis,
              borderDash: [] as number[],
            },
          ]
        : [];
    return { datasets: [...curves, ...other] };
  }, [now.value, then.value, changed, themeKey]);
  const options = useMemo(() => {
    void themeKey;
    return paperOptions(
      { title: 'frequency, Hz', min: SHAKE_BAND_HZ[0], max: SHAKE_BAND_HZ[1] },
      { title: 'camera over base', min: 0.01, max: 100 },
    );
  }, [themeKey]);
  const slowest = now.value?.slowestHz ?? 0;
  const tried = then.value?.slowestHz ?? 0;
  const plugins = useMemo(
    () => [
      bandsAndMarks(
        [],
        [
          { hz: slowest, label: hertzWords(slowest) },
          ...(changed ? [{ hz: tried, label: `tried: ${hertzWords(tried)}` }] : []),
        ],
      ),
    ],
    [slowest, tried, changed],
  );
  return (
    <div className="flex h-full min-h-0 flex-col">
      <div className="min-h-0 flex-1">
        <Line
          key={`${slowest}-${tried}`}
          data={data}
          options={options}
          plugins={plugins}
          role="img"
          aria-label={`Transmissibility of the strut. First swing at ${hertzWords(slowest)}, damping ratio ${now.value?.dampingRatio.toFixed(3) ?? ''}.${changed ? ` As tried: ${hertzWords(tried)}.` : ''}`}
        />
      </div>
      <div className="grid grid-cols-3 gap-x-4 px-2 pb-1">
        {FACTORS.map(([name, label, low, high]) => {
          const off = name === 'length' && !longest;
          return (
            <div key={name}>
              <div className="flex justify-between text-[0.9rem]">
                <span className="label">{label}</span>
                <span className="reading" aria-hidden>
                  {name === 'length' && longest ? `${Math.round(wanted * 1000)} mm` : `× ${whatIf[name].toFixed(2)}`}
                </span>
              </div>
              <Slider.Root
                className="relative flex h-6 touch-none items-center select-none data-disabled:opacity-40"
                value={[whatIf[name]]}
                min={low}
                max={high}
                step={0.05}
                disabled={off}
                onValueChange={([value]) => setWhatIf((w) => ({ ...w, [name]: value! }))}
              >
                <Slider.Track className="relative h-px flex-1 bg-ink">
                  <Slider.Range className="absolute h-px bg-hivis" />
                </Slider.Track>
                <Slider.Thumb
                  aria-label={`${label} of the strut, as tried`}
                  className="block h-4 w-2.5 border border-ink bg-hivis focus-visible:outline-2 focus-visible:outline-offset-2"
                />
              </Slider.Root>
            </div>
          );
        })}
      </div>
      <div className="flex min-h-8 items-center gap-2 px-2 pb-1 text-[0.9rem]">
        {changed ? (
          <>
            {longest && whatIf.length !== 1 && (
              <button
                type="button"
                className="action"
                disabled={!possible}
                title={possible ? undefined : 'The piece does not come in this length'}
                onClick={() => {
                  changeSetUp({
                    links: setUp.links.map((l, i) =>
                      i === longest.index ? { ...l, lengthM: Math.round(wanted * 1000) / 1000 } : l,
                    ),
                  });
                  setWhatIf((w) => ({ ...w, length: 1 }));
                }}
              >
                Set this length
              </button>
            )}
            <button type="button" className="action action-quiet" onClick={() => setWhatIf(AS_IT_IS)}>
              As it is
            </button>
          </>
        ) : (
          <span className="text-ink-2">
            Try it longer, heavier, better damped; nothing is changed until you say so.
          </span>
        )}
      </div>
    </div>
  );
}
