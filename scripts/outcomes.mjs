/** npm run outcomes [-- cases [IDS] | grid [CARRIERS [INTENTS [wordy]]]]: what practice expects, what is answered. */
import { buildAndRun } from './buildAndRun.mjs';

/** Groups of cases (core/outcomes/run.ts) that npm test runs; those on land and of plain sense take minutes, and are run by this command alone. */
const GROUPS = ['air', 'water', 'angle-shake-hold', 'light', 'last'];

const [what, folder, ...rest] = process.argv.slice(2);
// For npm test: each group on a processor of its own, counted in a folder of reports.
const runs =
  what === 'groups'
    ? GROUPS.map((group) => ['cases', '--group', group, '--report', `${folder}/practice-${group}.json`])
    : [[what, folder, ...rest].filter((argument) => argument !== undefined)];
process.exit(await buildAndRun('core/outcomes/outcomes.ts', ...runs));
