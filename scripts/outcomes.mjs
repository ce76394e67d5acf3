/** npm run outcomes [-- cases [IDS] | grid [CARRIERS [INTENTS [wordy]]]]: what practice expects, what is answered. */
import { buildAndRun } from './buildAndRun.mjs';

process.exit(await buildAndRun('core/outcomes/outcomes.ts', process.argv.slice(2)));
