import { advisedReport, parseSetUpFile } from '@strut-spot/core';
import { readFileSync } from 'node:fs';

/** Command line: reads an exported set-up file and prints its evaluation as JSON. */
const [path] = process.argv.slice(2);

function fail(message: string): never {
  console.error(message);
  process.exit(1);
}

if (!path) fail('Which file? npm run --silent evaluate -- FILE');
let text: string;
try {
  text = readFileSync(path, 'utf8');
} catch (error) {
  fail(`Cannot read ${path}: ${(error as Error).message}`);
}
const parsed = parseSetUpFile(text);
if (!parsed.ok) fail(`${path}:\n${parsed.problems.map((p) => `  ${p}`).join('\n')}`);
const report = advisedReport(parsed.value);
// JSON has no infinities: a sky line that the lens has no image of is written as null.
console.log(JSON.stringify({ name: parsed.value.name, ...report }, null, 2));
