import type { LastFound } from '@strut-spot/core';

const RANGE_DB = [30, 120] as const;
const shareOf = (db: number): number =>
  Math.max(0, Math.min(1, (db - RANGE_DB[0]) / (RANGE_DB[1] - RANGE_DB[0]))) * 100;

/** Levels at the microphone, loudest length longest: what covers what. */
export function SoundBars({ sound }: { readonly sound: LastFound['sound'] }) {
  const rows: [string, number | null, boolean][] = [
    ['Your voice', sound.voiceDb, true],
    ['Wind', sound.windDb, false],
    ['Engine', sound.engineDb, false],
    ['Ride', sound.rollingDb, false],
  ];
  return (
    <table className="w-full">
      <caption className="caption mb-1 border-b border-hair-strong pb-0.5 text-left">
        At the microphone (estimates)
      </caption>
      <tbody>
        {rows.map(([name, db, voice]) =>
          db === null ? null : (
            <tr key={name} className="border-b border-hair">
              <th scope="row" className="w-24 py-1 text-left font-[400] text-ink-2">
                {name}
              </th>
              <td className="py-1">
                <span
                  aria-hidden
                  className={`block h-3 ${voice ? 'bg-hivis' : 'border border-ink bg-paper-2'}`}
                  style={{ width: `${shareOf(db)}%` }}
                />
              </td>
              <td className="reading w-16 py-1 text-right">{Math.round(db)} dB</td>
            </tr>
          ),
        )}
      </tbody>
    </table>
  );
}
