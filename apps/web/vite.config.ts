import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [react()],
  resolve: { conditions: ['source', 'module', 'browser', 'development|production'] },
  server: { proxy: { '/api': `http://127.0.0.1:${process.env.PORT ?? 4310}` } },
  build: { sourcemap: false, target: 'es2022', chunkSizeWarningLimit: 900 },
});
