/** npm run --silent evaluate -- FILE: the core without an interface; JSON on stdout, everything else on stderr. */
import { spawnSync } from 'node:child_process';
import { resolve } from 'node:path';
import { existsSync } from 'node:fs';
import { installPackages, ROOT, run } from './setUp.mjs';

installPackages();
if (!existsSync(`${ROOT}/server/dist/evaluate.js`)) {
  run('npm', ['run', 'catalog', '--silent']);
  if (run('npx', ['vite', 'build', '--config', 'server/vite.config.ts', '--logLevel', 'warn']) !== 0) process.exit(1);
}
const [file, ...rest] = process.argv.slice(2);
const args = file ? [resolve(process.env.INIT_CWD ?? process.cwd(), file), ...rest] : [];
const { status } = spawnSync(process.execPath, ['server/dist/evaluate.js', ...args], { cwd: ROOT, stdio: 'inherit' });
process.exit(status ?? 1);
