import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { withTable } from './docs';
import { outsideTable } from './table';
import { differenceOf, OUTSIDE_VALUES } from './values';

it.each(OUTSIDE_VALUES.map((value) => [`${value.about}: ${value.quantity} (${value.source})`, value] as const))(
  '%s',
  (_, value) => {
    expect(Math.abs(differenceOf(value))).toBeLessThanOrEqual(value.within);
  },
);

it('stands in docs/models.md as it is now (npm run outside writes it)', () => {
  const document = readFileSync(join(__dirname, '../../docs/models.md'), 'utf8');
  expect(withTable(document, outsideTable())).toBe(document);
});

it('a document without its marks is refused', () => expect(() => withTable('none', '')).toThrow(RangeError));
