/** npm run outside: writes the table of values from outside into docs/models.md. */
import { readFileSync, writeFileSync } from 'node:fs';
import { withTable } from './docs';
import { outsideTable } from './table';

const file = 'docs/models.md';
writeFileSync(file, withTable(readFileSync(file, 'utf8'), outsideTable()));
process.stdout.write(`${outsideTable()}\n`);
