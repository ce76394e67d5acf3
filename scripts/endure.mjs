/**
 * npm run endure: the same tests as npm test has in short, at length: 10,000 changed files through every importer, and 300 browsers killed
 * in the middle of editing. Takes about an hour. npm run endure -- fuzz | kill for one of the two.
 */
import { build, installBrowser, installPackages, run } from './setUp.mjs';

const FILES_OF_EACH = 2500;
const KILLS = 300;

installPackages();
const [only] = process.argv.slice(2);
let failed = 0;
const jest = (env, ...args) => {
  const status = run('npx', ['jest', '--silent=false', ...args], { env: { ...process.env, ...env } });
  if (status !== 0) failed++;
};
if (only !== 'kill') {
  run('npm', ['run', 'catalog', '--silent']);
  const env = { FUZZ: String(FILES_OF_EACH) };
  jest(env, '--selectProjects=core', '--selectProjects=web', '--testPathPatterns', 'fuzz', 'glb.test', 'logReading');
}
if (only !== 'fuzz') {
  installBrowser();
  build();
  jest({ KILLS: String(KILLS) }, '--selectProjects=e2e', '--testPathPatterns', 'kill');
}
console.log(failed === 0 ? 'All held.' : `${failed} of them did not hold: see above.`);
process.exit(failed);
