import { durationWords, SELDOM_MIN, type LastFound } from '@strut-spot/core';
import { useInUnits } from '../../ui/useInUnits';

/** What it costs, and what gets on the glass. */
export function LastFacts({ found }: { readonly found: LastFound }) {
  const inUnits = useInUnits();
  const { burden, cable, dirt, fitMin, lookMin, mist, power, reach } = found;
  const all = (dirt ?? []).reduce((sum, d) => sum + d.perMinute, 0);
  const shares = (dirt ?? []).map((d) => ({ from: d.from, share: d.perMinute / all })).filter((d) => d.share > 0.01);
  // One alone needs no share.
  const sources = shares.length > 1 ? shares : [];
  const rows: [string, string][] = [
    ['Recording', `${power.recordingW.toFixed(1)} W`],
    ['Waiting', `${power.waitingW.toFixed(1)} W`],
    ['On one battery', durationWords(power.minutesABattery)],
    ['Film on the card', `${power.gb < 10 ? power.gb.toFixed(1) : Math.round(power.gb)} GB`],
    ['Look at the lens', lookMin >= SELDOM_MIN ? 'seldom' : `every ${durationWords(lookMin)}`],
    ...sources.map((d): [string, string] => [`· ${d.from}`, `${Math.round(100 * d.share)} %`]),
    ...(mist.inBagMin > 0 ? [['Shut in its bag indoors', durationWords(mist.inBagMin)] as [string, string]] : []),
    ...(Number.isFinite(reach.arms)
      ? [['To its button', `${reach.arms.toFixed(1)} arm’s lengths`] as [string, string]]
      : []),
    ...(cable ? [['Cable', `${cable.lengthM.toFixed(1)} m`] as [string, string]] : []),
    ['To fit, take off', `${Math.round(fitMin)} min, 1 min`],
    ['With its strut', `${Math.round(burden.massKg * 1000)} g`],
    ['Drag', `${burden.dragN.toFixed(2)} N, ${burden.dragW.toFixed(1)} W`],
  ];
  return (
    <table className="w-full text-[0.95rem]">
      <caption className="caption mb-1 border-b border-hair-strong pb-0.5 text-left">What it takes (estimates)</caption>
      <tbody>
        {rows.map(([name, value]) => (
          <tr key={name} className="border-b border-hair align-baseline">
            <th scope="row" className="py-0.5 pr-3 text-left font-[400] text-ink-2">
              {name}
            </th>
            <td className="reading py-0.5 text-right whitespace-nowrap">{inUnits(value)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
