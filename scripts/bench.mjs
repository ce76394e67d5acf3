/** npm run bench [-- core | page]: the core in plain Node, then the real page in a browser; ratios in one run. */
import { buildAndRun } from './buildAndRun.mjs';
import { build, installBrowser, installPackages } from './setUp.mjs';

const [only] = process.argv.slice(2);
let status = 0;
if (only !== 'page') status = Math.max(status, await buildAndRun('core/bench/bench.ts'));
if (only !== 'core') {
  installPackages();
  installBrowser();
  build();
  console.log('\nThe page\n');
  status = Math.max(status, await buildAndRun('e2e/speed/page.ts'));
}
process.exit(status);
