/** Writes web/src/demo/skerra.json anew from makeDemo.ts; run after a change of the catalogue that the demo uses. */
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'vite';
import { ROOT } from './setUp.mjs';

const folder = mkdtempSync(join(ROOT, 'web/.make-demo-'));
try {
  await build({
    root: ROOT,
    logLevel: 'warn',
    configFile: false,
    ssr: { noExternal: true },
    build: { ssr: join(ROOT, 'web/src/demo/makeDemo.ts'), outDir: folder, target: 'node20' },
  });
  const { makeDemo } = await import(pathToFileURL(join(folder, 'makeDemo.js')).href);
  writeFileSync(join(ROOT, 'web/src/demo/skerra.json'), `${JSON.stringify(makeDemo(), null, 2)}\n`);
} finally {
  rmSync(folder, { recursive: true });
}
