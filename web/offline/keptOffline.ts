import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { rolldown } from 'rolldown';
import type { Plugin } from 'vite';

const KEPT = /\.(js|css|html|svg|woff2|ttf|webmanifest)$/;

/** A file as the worker asks for it: by its name where that tells its content, else by a digest of it. */
function entry(folder: string, url: string) {
  const named = url.startsWith('assets/');
  return {
    url,
    revision: named
      ? null
      : createHash('md5')
          .update(readFileSync(join(folder, url)))
          .digest('hex'),
  };
}

/** Builds what keeps all the page's files on the first visit: at the trailhead there is no network. */
export function keptOffline(): Plugin {
  let folder = '';
  return {
    name: 'kept-offline',
    apply: 'build',
    configResolved: ({ root, build }) => {
      folder = join(root, build.outDir);
    },
    closeBundle: async () => {
      const files = readdirSync(folder, { recursive: true, encoding: 'utf8' }).filter((name) => KEPT.test(name));
      const entries = files
        .filter((name) => name !== 'sw.js')
        .sort()
        .map((name) => entry(folder, name));
      const bundle = await rolldown({
        input: fileURLToPath(new URL('serviceWorker.ts', import.meta.url)),
        logLevel: 'warn',
        transform: {
          define: { KEPT_FILES: JSON.stringify(entries), 'process.env.NODE_ENV': '"production"' },
        },
      });
      await bundle.write({ file: join(folder, 'sw.js'), format: 'iife', minify: true });
      await bundle.close();
    },
  };
}
