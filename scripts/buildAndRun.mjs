import { rmSync } from 'node:fs';
import { basename, join } from 'node:path';
import { installPackages, ROOT, run } from './setUp.mjs';

/** Builds one program of the core for plain Node and runs it. @returns its exit status */
export async function buildAndRun(entry, programArguments = []) {
  installPackages();
  run('npm', ['run', 'catalog', '--silent']);
  const { build } = await import('vite');
  const name = basename(entry, '.ts');
  const folder = join(ROOT, 'core/dist', name);
  await build({
    root: ROOT,
    logLevel: 'warn',
    configFile: false,
    build: { ssr: join(ROOT, entry), outDir: folder, emptyOutDir: true, target: 'node20' },
  });
  const status = run(process.execPath, [join(folder, `${name}.js`), ...programArguments], { stdio: 'inherit' });
  rmSync(folder, { recursive: true });
  return status;
}
