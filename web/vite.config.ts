import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { dirname } from 'node:path';
import { fileURLToPath } from 'node:url';
import { constants } from 'node:zlib';
import { defineConfig } from 'vite';
import { compression, defineAlgorithm } from 'vite-plugin-compression2';
import { VitePWA } from 'vite-plugin-pwa';

export default defineConfig({
  root: dirname(fileURLToPath(import.meta.url)),
  plugins: [
    react(),
    tailwindcss(),
    // At the trailhead there is no network: everything is kept on the first visit.
    VitePWA({
      // An open page keeps the files it began with until its reader says so (src/shell/newVersion.ts).
      registerType: 'prompt',
      injectRegister: false,
      manifest: {
        name: 'Strut Spot',
        short_name: 'Strut Spot',
        description: 'Where the camera goes, how it points and what it will see.',
        start_url: '/',
        display: 'standalone',
        background_color: '#f2efe4',
        theme_color: '#f2efe4',
        icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' }],
      },
      workbox: {
        // From the first visit on the page has its files from what was kept, also when the server has newer ones.
        clientsClaim: true,
        globPatterns: ['**/*.{js,css,html,svg,woff2,ttf}'],
        navigateFallbackDenylist: [/^\/api\//],
        maximumFileSizeToCacheInBytes: 4_000_000,
      },
    }),
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
