import fc from 'fast-check';
import { NumberRows } from './NumberRows';

function rowsOf(text: string, { delimiter = ',', columns = 8, piece = 7 } = {}): number[][] {
  const rows: number[][] = [];
  const reader = new NumberRows(delimiter, columns, (row) => (rows.push([...row]), true));
  const bytes = new TextEncoder().encode(text);
  // In pieces that cut figures in two.
  for (let i = 0; i < bytes.length; i += piece) reader.push(bytes.subarray(i, i + piece));
  reader.end();
  return rows;
}

it('reads signs, decimals, exponents, quotes, spaces and Windows ends of line', () => {
  expect(rowsOf('1,-2.5,+3e2\r\n"4" , .5,6.02E-3\r\n\r\n# a remark, 5\r\n7,8,9')).toEqual([
    [1, -2.5, 300],
    [4, 0.5, 0.00602],
    [7, 8, 9],
  ]);
});

it('what is no figure becomes NaN; too many columns are passed over; a comma may be the decimal point', () => {
  expect(rowsOf('time,x\n1,\n,abc\n1-2,3..4\n')).toEqual([
    [NaN, NaN],
    [1, NaN],
    [NaN, NaN],
    [NaN, NaN],
  ]);
  expect(rowsOf('1,2,3,4\n', { columns: 2 })).toEqual([[1, 2]]);
  expect(rowsOf('0,01;9,81\n', { delimiter: ';' })).toEqual([[0.01, 9.81]]);
});

it('reads figures as the language itself does, however they are cut (seeded)', () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: -1e6, max: 1e6, noNaN: true }), { minLength: 1, maxLength: 8 }),
      fc.integer({ min: 1, max: 9 }),
      (values, piece) => {
        const text = values.map((v) => v.toFixed(6));
        const [row] = rowsOf(`${text.join(',')}\n`, { piece });
        row!.forEach((v, i) => expect(Math.abs(v - Number(text[i]))).toBeLessThanOrEqual(Math.abs(v) * 3e-16));
      },
    ),
    { numRuns: 200, seed: 9 },
  );
});

it('stops when told', () => {
  let seen = 0;
  const reader = new NumberRows(',', 2, () => ++seen < 2);
  expect(reader.push(new TextEncoder().encode('1,1\n2,2\n3,3\n'))).toBe(false);
  expect(seen).toBe(2);
});

it('reads rows that end with a return alone, whole and cut in pieces', () => {
  for (const piece of [1, 3, 100]) {
    expect(rowsOf('# a remark\r1,2\r3,4\r\r5,6', { piece })).toEqual([
      [1, 2],
      [3, 4],
      [5, 6],
    ]);
  }
});
