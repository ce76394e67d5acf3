import { hertzWords, type Findings } from '@strut-spot/core';

const shown = (px: number) => (px < 0.05 ? '·' : px < 9.95 ? px.toFixed(1) : String(Math.round(px)));
/** Rows that bring less than this in every figure are left out. */
const LEAST_PX = 0.05;

/** Who brings what, pixels rms; the squares of a column add up to its total. */
export function ContributionsTable({ report }: { report: Findings['steady'] }) {
  const rows = report.contributions.filter((c) => Math.max(c.jump, c.jelly, c.blur) >= LEAST_PX);
  return (
    <table className="w-full text-[0.93rem]">
      <caption className="caption text-left">What shakes it, px rms of 1080 lines</caption>
      <thead>
        <tr className="text-[0.8rem] text-ink-2">
          <th scope="col" className="text-left font-normal">
            source
          </th>
          {['jump', 'jelly', 'blur'].map((name) => (
            <th key={name} scope="col" className="w-11 text-right font-normal">
              {name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr key={row.sourceId} className="border-b border-hair align-baseline leading-tight">
            <th scope="row" className="py-0.5 text-left font-normal">
              {row.name}
              {row.lineHz !== null && row.kind !== 'play' && (
                <span className="reading text-[0.82rem] text-ink-2"> {hertzWords(row.lineHz)}</span>
              )}
            </th>
            {[row.jump, row.jelly, row.blur].map((px, i) => (
              <td key={i} className="reading text-right">
                {shown(px)}
              </td>
            ))}
          </tr>
        ))}
        <tr className="font-[660]">
          <th scope="row" className="text-left">
            together
          </th>
          {[report.px.jump, report.px.jelly, report.px.blur].map((px, i) => (
            <td key={i} className="reading text-right">
              {shown(px)}
            </td>
          ))}
        </tr>
      </tbody>
    </table>
  );
}
