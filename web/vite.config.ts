import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { dirname } from 'node:path';
import { fileURLToPath } from 'node:url';
import { constants } from 'node:zlib';
import { defineConfig } from 'vite';
import { compression, defineAlgorithm } from 'vite-plugin-compression2';
import { keptOffline } from './offline/keptOffline';

export default defineConfig({
  root: dirname(fileURLToPath(import.meta.url)),
  plugins: [
    react(),
    tailwindcss(),
    keptOffline(),
    // The server hands out what is packed here; tests can do with less tightly packed files.
    compression({
      include: /\.(js|css|html|svg)$/,
      algorithms: [
        defineAlgorithm('brotliCompress', {
          params: { [constants.BROTLI_PARAM_QUALITY]: process.env.STRUT_SPOT_PACK === 'quick' ? 4 : 11 },
        }),
      ],
      logLevel: 'silent',
    }),
  ],
  worker: { format: 'es' },
  build: { outDir: 'dist', emptyOutDir: true, target: 'es2022', assetsInlineLimit: 0, chunkSizeWarningLimit: 700 },
  server: { host: '127.0.0.1', proxy: { '/api': 'http://127.0.0.1:4610' } },
});
