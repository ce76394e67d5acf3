import { MPS_PER_KMH, MPS_PER_MPH, type MachineDefinition, type Source } from '@strut-spot/core';
import { dimensionShown } from '../../ui/dimensionShown';
import { useSettings } from '../../storage/settings';

const sourceWords = (source: Source): string =>
  source.kind === 'published'
    ? source.text
    : source.kind === 'estimate'
      ? `estimate, ${source.low} to ${source.high}`
      : 'common practice, no source';

/** A carrier's measures and moving parts with their ranges and where they come from. */
export function FactSheet({ machine }: { machine: MachineDefinition }) {
  const moving = machine.moving({});
  const { units } = useSettings();
  const metric = units === 'metric';
  const speed = metric
    ? `${Math.round(machine.usualSpeedMps / MPS_PER_KMH)} km/h`
    : `${Math.round(machine.usualSpeedMps / MPS_PER_MPH)} mph`;
  return (
    <>
      {machine.usualSpeedMps > 0 && (
        <p className="text-[0.93rem]">
          Usual speed about <span className="reading">{speed}</span>{' '}
          <span className="text-ink-2">(common practice, no source)</span>
        </p>
      )}
      <section aria-labelledby="measures">
        <h2 id="measures" className="caption mb-1 border-b-2 border-ink pb-1">
          Measures to fit
        </h2>
        <table className="w-full text-[0.93rem]">
          <thead className="sr-only">
            <tr>
              <th>Measure</th>
              <th>Usual</th>
              <th>Range</th>
            </tr>
          </thead>
          <tbody>
            {machine.dimensions.map((d) => {
              const { unit, scale, digits } = dimensionShown(d, metric);
              const show = (v: number) => String(Number((v * scale).toFixed(digits)));
              return (
                <tr key={d.id} className="border-b border-hair align-baseline" title={sourceWords(d.source)}>
                  <th scope="row" className="py-0.5 text-left font-[400]">
                    {d.name}
                    <span className="block text-[0.86rem] text-ink-2">
                      {sourceWords(d.source)}
                      {d.perMetreOfRider !== undefined &&
                        `; ${show(d.perMetreOfRider / 10)} ${unit} more for each ${metric ? '10 cm' : '4 in'} of the rider over ${metric ? '1.75 m' : '5 ft 9 in'}`}
                    </span>
                  </th>
                  <td className="reading text-right whitespace-nowrap">
                    {show(d.standard)}
                    {unit === '°' ? '°' : ` ${unit}`}
                  </td>
                  <td className="reading pl-3 text-right whitespace-nowrap text-ink-2">
                    {show(d.low)}–{show(d.high)}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </section>
      {moving.length > 0 && (
        <section aria-labelledby="moving">
          <h2 id="moving" className="caption mb-1 border-b-2 border-ink pb-1">
            What moves
          </h2>
          <ul className="text-[0.93rem]">
            {moving.map((m) => (
              <li key={m.id} className="flex justify-between gap-3 border-b border-hair py-0.5">
                <span>
                  {m.name}
                  {m.does && <span className="text-ink-2"> {m.does}</span>}
                </span>
                <span className="reading whitespace-nowrap">
                  {m.high - m.low >= 360 && m.kind === 'turn'
                    ? 'turns round'
                    : m.kind === 'turn'
                      ? `${m.low}° to ${m.high}°`
                      : `${Math.round(m.low * 1000)} to ${Math.round(m.high * 1000)} mm`}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
