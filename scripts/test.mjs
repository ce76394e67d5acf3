/** npm test: installs what is missing, then types, lint, cases of practice, unit, reference and end-to-end tests; the last line counts them. */
import { Buffer } from 'node:buffer';
import { spawn } from 'node:child_process';
import { mkdirSync, readdirSync, rmSync } from 'node:fs';
import { build, installPackages, readJson, run } from './setUp.mjs';

const began = Date.now();
/** What is begun, and how long all before it took. */
const heading = (name) => console.error(`\n== ${name} (after ${Math.round((Date.now() - began) / 1000)} s)`);

installPackages();
rmSync('.reports', { recursive: true, force: true });
mkdirSync('.reports', { recursive: true });
build();
heading('what practice expects, types, lint');

/** Runs several commands at a time; what each says is printed when it ends. */
const together = (steps) =>
  Promise.all(
    steps.map(
      ([name, command, args]) =>
        new Promise((resolve) => {
          const child = spawn(command, args, { stdio: ['ignore', 'pipe', 'pipe'] });
          const said = [];
          for (const stream of [child.stdout, child.stderr]) stream.on('data', (data) => said.push(data));
          child.once('close', (code) => {
            heading(`${name}, done`);
            console.error(`${Buffer.concat(said)}`);
            resolve(code);
          });
        }),
    ),
  );
// None of these has a limit of time, as a page in a browser has: they share the processors. The browser comes meanwhile.
const [, ...checked] = await together([
  ['what practice expects', process.execPath, ['scripts/outcomes.mjs', 'groups', '.reports']],
  ['types', 'npm', ['run', 'typecheck', '--silent']],
  ['lint', 'npm', ['run', 'lint', '--silent']],
  ['the browser', process.execPath, ['-e', "import('./scripts/setUp.mjs').then((setUp) => setUp.installBrowser())"]],
]);
let failedSteps = checked.filter((code) => code !== 0).length;

const counts = { passed: 0, failed: 0, skipped: 0 };
const reportOf = (projects) => `.reports/${projects.join('-')}.json`;
const jestArguments = (projects, extra) => [
  'jest',
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
practice();
const units = ['core', 'web', 'server'];
heading('unit and reference tests');
// Left to itself the runner keeps one core free, which of two is half.
count(
  'unit and reference tests',
  units,
  run('npx', jestArguments(units, ['--config=jest.together.mjs', '--maxWorkers=2'])),
);
heading('the real page');
// One browser at a time fills two processors.
count('the real page', ['e2e'], run('npx', jestArguments(['e2e'], ['--runInBand'])));

heading('the end');
if (failedSteps > 0) console.error(`\n${failedSteps} of types, lint and runs failed; they count as failed below.`);
counts.failed += failedSteps;
console.log(`${counts.passed} passed, ${counts.failed} failed, ${counts.skipped} skipped`);
process.exit(counts.failed > 0 ? 1 : 0);
