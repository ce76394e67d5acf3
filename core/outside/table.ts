import { differenceOf, OUTSIDE_VALUES, type OutsideValue } from './values';

const DIGITS = 4;
const figure = (value: number): string => String(Number(value.toPrecision(DIGITS)));
const outsideWords = ({ outside }: OutsideValue): string =>
  typeof outside === 'number' ? figure(outside) : `${figure(outside[0])} to ${figure(outside[1])}`;
const differenceWords = (of: OutsideValue): string => {
  const difference = differenceOf(of);
  if (typeof of.outside !== 'number') return difference === 0 ? 'within' : `${(100 * difference).toFixed(0)} %`;
  return Math.abs(difference) < 5e-4 ? 'below 0.05 %' : `${(100 * difference).toFixed(1)} %`;
};

/** The table of docs/models.md: Markdown, one row a quantity. */
export function outsideTable(): string {
  const abouts = [...new Set(OUTSIDE_VALUES.map((v) => v.about))];
  const rows = abouts.flatMap((about) =>
    OUTSIDE_VALUES.filter((v) => v.about === about).map((v, i) => {
      const unit = v.unit === '' ? '' : ` ${v.unit}`;
      const why = v.because ? ` (${v.because})` : '';
      return `| ${i === 0 ? about : ''} | ${v.quantity} | ${outsideWords(v)}${unit} | ${figure(v.ours())}${unit} | ${differenceWords(v)}${why} | ${v.source} |`;
    }),
  );
  return ['| | quantity | outside | ours | difference | source |', '|---|---|---|---|---|---|', ...rows].join('\n');
}
