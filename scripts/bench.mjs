/** npm run bench: measurements of the core in plain Node, as ratios in one run. */
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { installPackages, ROOT, run } from './setUp.mjs';

installPackages();
run('npm', ['run', 'catalog', '--silent']);
const { build } = await import('vite');
const folder = join(ROOT, 'core/dist');
await build({
  root: ROOT,
  logLevel: 'warn',
  configFile: false,
  build: { ssr: join(ROOT, 'core/bench/bench.ts'), outDir: folder, emptyOutDir: true, target: 'node20' },
});
const status = run(process.execPath, [join(folder, 'bench.js')], { stdio: 'inherit' });
rmSync(folder, { recursive: true });
process.exit(status);
