import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { compression } from 'vite-plugin-compression2';
import { VitePWA } from 'vite-plugin-pwa';

/** Modules that so many screens share, about half of them, are one file: half the requests at sign-in, and no more bytes. */
const SHARED_BY = 26;

export default defineConfig({
  plugins: [
    react(),
    VitePWA({
      registerType: 'prompt',
      injectRegister: null,
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2}'],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//],
      },
      manifest: {
        name: 'Grevik',
        short_name: 'Grevik',
        description:
          'Working tool of a plumbing or waterworks contractor who chooses, orders and keeps valves.',
        theme_color: '#1d2b45',
        background_color: '#eceae3',
        display: 'standalone',
        icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' }],
      },
    }),
    // Sent instead to a browser that takes it; Brotli would save a tenth more, for twice the time of a build.
    compression({ threshold: 1024, include: /\.(?:js|css|svg|webmanifest)$/, algorithms: ['gzip'] }),
  ],
  resolve: { conditions: ['source', 'module', 'browser', 'development|production'] },
  server: { proxy: { '/api': `http://127.0.0.1:${process.env.PORT ?? 4310}` } },
  build: {
    sourcemap: false,
    target: 'es2022',
    chunkSizeWarningLimit: 900,
    rolldownOptions: {
      output: { codeSplitting: { groups: [{ name: 'shared', minShareCount: SHARED_BY }] } },
    },
  },
});
