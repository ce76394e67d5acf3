import { dirname } from 'node:path';
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vite';

/** Bundles the server and the command line with the core's TypeScript for plain Node. */
export default defineConfig({
  root: dirname(fileURLToPath(import.meta.url)),
  ssr: { noExternal: ['@strut-spot/core'] },
  build: {
    ssr: true,
    outDir: 'dist',
    emptyOutDir: true,
    target: 'node20',
    rollupOptions: {
      input: {
        main: 'src/main.ts',
        evaluate: 'src/evaluate.ts',
        search: 'src/search/search.ts',
        searchThread: 'src/search/thread.ts',
      },
    },
  },
});
