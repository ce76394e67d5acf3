/** Shared by the scripts: what a fresh clone needs before anything else runs. Only Node's own modules are used here. */
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, readFileSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = join(dirname(fileURLToPath(import.meta.url)), '..');

/** Runs a command to its end; its output goes to stderr so that results on stdout stay clean. */
export function run(command, args, options = {}) {
  const { status, error } = spawnSync(command, args, { cwd: ROOT, stdio: ['ignore', 2, 2], ...options });
  if (error) throw error;
  return status ?? 1;
}

/** npm ci, when the packages are missing or older than the lock file. */
export function installPackages() {
  const marker = join(ROOT, 'node_modules/.package-lock.json');
  const lock = join(ROOT, 'package-lock.json');
  if (existsSync(marker) && statSync(marker).mtimeMs >= statSync(lock).mtimeMs) return;
  console.error('Installing packages (npm ci)…');
  if (run('npm', ['ci', '--prefer-offline', '--no-audit', '--no-fund', '--loglevel=error']) !== 0)
    throw new Error('npm ci failed');
}

const CHROMIUM = '/usr/bin/chromium';
const DRIVER = '/usr/bin/chromedriver';

/** Debian's chromium and its driver, with sudo where not root. */
export function installBrowser() {
  if (existsSync(CHROMIUM) && existsSync(DRIVER)) return;
  console.error('Installing chromium and chromium-driver (apt-get)…');
  const sudo = process.getuid?.() === 0 ? [] : ['sudo'];
  const apt = (...args) => {
    const [command, ...rest] = [...sudo, 'apt-get', ...args];
    return run(command, rest, { env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } });
  };
  apt('update', '-qq');
  if (apt('install', '-y', '-qq', '--no-install-recommends', 'chromium', 'chromium-driver') !== 0) {
    throw new Error('chromium and chromium-driver could not be installed: install them by hand, then try again');
  }
}

/** Builds the page and the server. */
export function build() {
  console.error('Building…');
  if (run('npm', ['run', 'build', '--silent']) !== 0) throw new Error('the build failed');
}

/** Starts the built server; resolves with its address once it listens. */
export function startServer(env = {}) {
  const child = spawn(process.execPath, ['server/dist/main.js'], {
    cwd: ROOT,
    env: { ...process.env, ...env },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  return new Promise((resolve, reject) => {
    child.once('exit', (code) => reject(new Error(`the server ended with ${code}`)));
    child.stdout.on('data', (data) => {
      const address = /http:\/\/\S+/.exec(String(data))?.[0];
      if (address) resolve({ child, address });
    });
  });
}

export const readJson = (path) => JSON.parse(readFileSync(join(ROOT, path), 'utf8'));
