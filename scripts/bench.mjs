/** npm run bench: measurements of the core in plain Node, as ratios in one run. */
import { buildAndRun } from './buildAndRun.mjs';

process.exit(await buildAndRun('core/bench/bench.ts'));
