/** npm test: installs what is missing, then types, lint, cases of practice, unit, reference and end-to-end tests; the last line counts them. */
import { mkdirSync, rmSync } from 'node:fs';
import { buildAndRun } from './buildAndRun.mjs';
import { build, installBrowser, installPackages, readJson, run } from './setUp.mjs';

installPackages();
installBrowser();
rmSync('.reports', { recursive: true, force: true });
mkdirSync('.reports', { recursive: true });
build();

let failedSteps = 0;
const step = (name, command, args) => {
  console.error(`\n== ${name}`);
  if (run(command, args) !== 0) failedSteps++;
};
step('types', 'npm', ['run', 'typecheck', '--silent']);
step('lint', 'npm', ['run', 'lint', '--silent']);

const counts = { passed: 0, failed: 0, skipped: 0 };
const jest = (name, projects, extra) => {
  console.error(`\n== ${name}`);
  const report = `.reports/${projects.join('-')}.json`;
  const status = run('npx', ['jest', '--selectProjects', ...projects, '--json', `--outputFile=${report}`, ...extra]);
  try {
    const { numPassedTests, numFailedTests, numPendingTests, numTodoTests, numRuntimeErrorTestSuites } =
      readJson(report);
    counts.passed += numPassedTests;
    counts.failed += numFailedTests + numRuntimeErrorTestSuites;
    counts.skipped += numPendingTests + numTodoTests;
    if (status !== 0 && numFailedTests + numRuntimeErrorTestSuites === 0) failedSteps++;
  } catch {
    console.error(`${name}: no report was written`);
    failedSteps++;
  }
};
/** Cases of practice, each group on a processor of its own; those that do not hold yet are listed with their reasons and count as nothing. */
const practice = async (groups) => {
  console.error('\n== what practice expects');
  const reports = groups.map((group) => `.reports/practice-${group}.json`);
  await buildAndRun(
    'core/outcomes/outcomes.ts',
    ...groups.map((group, i) => ['cases', '--group', group, '--report', reports[i]]),
  );
  for (const report of reports) {
    try {
      const { passed, failed } = readJson(report);
      counts.passed += passed;
      counts.failed += failed;
    } catch {
      console.error(`${report}: no report was written`);
      failedSteps++;
    }
  }
};
await practice(['land', 'water-air-shake']);
// Left to itself the runner keeps one core free, which of two is half.
jest('unit and reference tests', ['core', 'web', 'server'], ['--maxWorkers=2']);
jest('the real page', ['e2e'], ['--runInBand']);

if (failedSteps > 0) console.error(`\n${failedSteps} of types, lint and runs failed; they count as failed below.`);
counts.failed += failedSteps;
console.log(`${counts.passed} passed, ${counts.failed} failed, ${counts.skipped} skipped`);
process.exit(counts.failed > 0 ? 1 : 0);
