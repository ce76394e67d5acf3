/** npm run outcomes [-- cases [IDS] | grid [CARRIERS [INTENTS [wordy]]]]: what practice expects, and what is answered. */
import { writeFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { runGrid } from './grid';
import { runCases } from './run';

const { positionals, values } = parseArgs({
  allowPositionals: true,
  options: { group: { type: 'string' }, report: { type: 'string' } },
});
const [what = 'all', first = '', second = '', wordy = ''] = positionals;
const list = (text: string) => text.split(',').filter(Boolean);
if (what !== 'grid') {
  const counts = runCases(list(first), values.group, values.report !== undefined);
  if (values.report) writeFileSync(values.report, JSON.stringify(counts));
  process.exitCode = counts.failed > 0 ? 1 : 0;
}
if (what !== 'cases') runGrid(what === 'grid' ? list(first) : [], list(second), wordy === 'wordy');
