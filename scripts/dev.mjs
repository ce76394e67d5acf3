/** npm run dev: the page with live reloading, the stand-in devices behind it. */
import { spawn } from 'node:child_process';
import { build, installPackages, ROOT, startServer } from './setUp.mjs';

installPackages();
build();
const { child } = await startServer({ PORT: '4610' });
const vite = spawn('npx', ['vite', '--config', 'web/vite.config.ts'], { cwd: ROOT, stdio: 'inherit' });
vite.on('exit', (code) => {
  child.kill();
  process.exit(code ?? 0);
});
