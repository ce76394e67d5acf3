import { spawn } from 'node:child_process';
import { rmSync } from 'node:fs';
import { basename, join } from 'node:path';
import { installPackages, ROOT, run } from './setUp.mjs';

/**
 * Builds one program of the core for plain Node and runs it, once for each list of arguments, all at a time.
 * @param runs lists of arguments; one run with none where it is left out @returns the worst exit status
 */
export async function buildAndRun(entry, ...runs) {
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
  const ended = (runs.length > 0 ? runs : [[]]).map(
    (programArguments) =>
      new Promise((resolve) => {
        const child = spawn(process.execPath, [join(folder, `${name}.js`), ...programArguments], {
          cwd: ROOT,
          stdio: 'inherit',
        });
        child.once('exit', (code) => resolve(code ?? 1));
      }),
  );
  const status = Math.max(...(await Promise.all(ended)));
  rmSync(folder, { recursive: true, force: true });
  return status;
}
