/** npm run outcomes [-- cases [IDS] | grid [CARRIERS [INTENTS [wordy]]]]: what practice expects, and what is answered. */
import { runGrid } from './grid';
import { runCases } from './run';

const [what = 'all', first = '', second = '', wordy = ''] = process.argv.slice(2);
const list = (text: string) => text.split(',').filter(Boolean);
if (what !== 'grid') process.exitCode = runCases(list(first)) > 0 ? 1 : 0;
if (what !== 'cases') runGrid(what === 'grid' ? list(first) : [], list(second), wordy === 'wordy');
