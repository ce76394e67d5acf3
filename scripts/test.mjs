/** npm test: installs what is missing, then types, lint, cases of practice, unit, reference and end-to-end tests; the last line counts them. */
import { Buffer } from 'node:buffer';
import { spawn } from 'node:child_process';
import { mkdirSync, readdirSync, rmSync } from 'node:fs';
import { readJson, run } from './setUp.mjs';

const began = Date.now();
/** What is begun, and how long all before it took. */
const heading = (name) => console.error(`\n== ${name} (after ${Math.round((Date.now() - began) / 1000)} s)`);

rmSync('.reports', { recursive: true, force: true });
mkdirSync('.reports', { recursive: true });

/** A command to its end; its status. */
const ended = (command, args, stdio) => {
  const child = spawn(command, args, { stdio });
  return [child, new Promise((resolve) => child.once('close', (code) => resolve(code ?? 1)))];
};
/** A step whose words are printed all at once when it ends, as others run beside it. */
const aside = async (name, command, args) => {
  const [child, status] = ended(command, args, ['ignore', 'pipe', 'pipe']);
  const said = [];
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (data) => said.push(data));
  await status;
  heading(`${name}, done`);
  console.error(`${Buffer.concat(said)}`);
  return status;
};
/**
 * The same with what no other step has use for: a browser with its page, which the whole run waits for, leaves two fifths of two processors idle.
 * What waits by the clock, as tests of screens do, must not wait for long.
 */
const inIdleTime = (name, ...command) => aside(name, 'nice', ['-n', '10', ...command]);
/** A step that has the screen for itself. */
const onScreen = (name, command, args) => {
  heading(name);
  return ended(command, args, ['ignore', 2, 2])[1];
};
const setUp = (what) => ['-e', `import('./scripts/setUp.mjs').then((setUp) => setUp.${what}())`];

const browserThere = aside('the browser', process.execPath, setUp('installBrowser'));
if ((await onScreen('packages, and the browser beside them', process.execPath, setUp('installPackages'))) !== 0) {
  console.error('without its packages nothing runs');
  process.exit(1);
}
run('npm', ['run', 'catalog', '--silent']);

let failedSteps = 0;
const counts = { passed: 0, failed: 0, skipped: 0 };
const reportOf = (projects) => `.reports/${projects.join('-')}.json`;
const jestArguments = (projects, extra) => [
  'jest',
  '--config=jest.together.mjs',
  '--selectProjects',
  ...projects,
  '--json',
  `--outputFile=${reportOf(projects)}`,
  ...extra,
];
/** What a run of the test runner reported; one that failed without a failed test counts as a failed step. */
const count = (name, projects, status) => {
  try {
    const { numPassedTests, numFailedTests, numPendingTests, numTodoTests, numRuntimeErrorTestSuites } = readJson(
      reportOf(projects),
    );
    counts.passed += numPassedTests;
    counts.failed += numFailedTests + numRuntimeErrorTestSuites;
    counts.skipped += numPendingTests + numTodoTests;
    if (status !== 0 && numFailedTests + numRuntimeErrorTestSuites === 0) failedSteps++;
  } catch {
    console.error(`${name}: no report was written`);
    failedSteps++;
  }
};
/** Cases of practice; those that do not hold yet are listed with their reasons and count as nothing. */
const practice = () => {
  const reports = readdirSync('.reports').filter((name) => name.startsWith('practice-'));
  if (reports.length === 0) failedSteps++;
  for (const report of reports) {
    const { passed, failed } = readJson(`.reports/${report}`);
    counts.passed += passed;
    counts.failed += failed;
  }
};

/** What runs, cases of practice and then units, each on both processors. */
async function withoutPage() {
  const outcomes = [process.execPath, 'scripts/outcomes.mjs', 'groups', '.reports'];
  const practised = await inIdleTime('what practice expects', ...outcomes);
  if (practised !== 0) failedSteps++;
  practice();
  const units = ['core', 'web', 'server'];
  // Left to itself the runner keeps one core free, which of two is half.
  const unit = jestArguments(units, ['--maxWorkers=2']);
  count('unit and reference tests', units, await inIdleTime('unit and reference tests', 'npx', ...unit));
}

/** What is read, each on one. */
async function inspected() {
  // How lines are broken is looked at by `npm run lint`, which takes twice as long.
  for (const [name, ...command] of [
    ['types', 'npm', 'run', 'typecheck', '--silent'],
    ['lint', 'npx', 'eslint', '.', '--max-warnings', '0'],
  ]) {
    // Both make much that is soon thrown away: with more room for it an eighth of their time goes.
    const status = await inIdleTime(
      name,
      'env',
      'STRUT_SPOT_LINT=quick',
      'NODE_OPTIONS=--max-semi-space-size=64',
      ...command,
    );
    if (status !== 0) failedSteps++;
  }
}

async function realPage() {
  // How tightly the page's files are packed changes nothing that is tested, and takes half of the build's time.
  const built = aside('the build', 'env', ['STRUT_SPOT_PACK=quick', process.execPath, ...setUp('build')]);
  const prepared = await Promise.all([built, browserThere]);
  if (prepared.some((status) => status !== 0)) {
    console.error('the page was not built, or there is no browser');
    failedSteps++;
    return;
  }
  const page = jestArguments(['e2e'], ['--runInBand']);
  count('the real page', ['e2e'], await onScreen('the real page', 'npx', page));
}

heading('the real page; beside it what practice expects, unit tests, types and lint, each printed when it ends');
await Promise.all([withoutPage(), inspected(), realPage()]);

heading('the end');
if (failedSteps > 0) console.error(`\n${failedSteps} of types, lint and runs failed; they count as failed below.`);
counts.failed += failedSteps;
console.log(`${counts.passed} passed, ${counts.failed} failed, ${counts.skipped} skipped`);
process.exit(counts.failed > 0 ? 1 : 0);
