const BEGIN = '<!-- outside: written by npm run outside -->';
const END = '<!-- /outside -->';

/** A document with the table between its marks replaced. @throws RangeError where the marks are missing */
export function withTable(document: string, table: string): string {
  const [begin, end] = [document.indexOf(BEGIN), document.indexOf(END)];
  if (begin < 0 || end < begin) throw new RangeError(`withTable: the marks ${BEGIN} and ${END} are missing`);
  return `${document.slice(0, begin + BEGIN.length)}\n\n${table}\n\n${document.slice(end)}`;
}
