import { spawnSync } from 'node:child_process';
import { resolve } from 'node:path';
import { existsSync } from 'node:fs';
import { installPackages, ROOT, run } from './setUp.mjs';

/** Runs one of the command lines in server/dist with the arguments of this one, built first where it is not there; the first is a file, told from where it was asked. */
export function serverProgram(name) {
  installPackages();
  const program = `server/dist/${name}.js`;
  if (!existsSync(`${ROOT}/${program}`)) {
    run('npm', ['run', 'catalog', '--silent']);
    if (run('npx', ['vite', 'build', '--config', 'server/vite.config.ts', '--logLevel', 'warn']) !== 0) process.exit(1);
  }
  const [file, ...rest] = process.argv.slice(2);
  const programArguments = file ? [resolve(process.env.INIT_CWD ?? process.cwd(), file), ...rest] : [];
  const { status } = spawnSync(process.execPath, [program, ...programArguments], { cwd: ROOT, stdio: 'inherit' });
  process.exit(status ?? 1);
}
