import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react(), tailwindcss()],
  build: { outDir: 'dist', assetsInlineLimit: 0 },
  server: {
    proxy: { '/api': 'http://127.0.0.1:5230', '/live': { target: 'http://127.0.0.1:5230', ws: true } },
  },
  test: { include: ['src/**/*.test.ts'], environment: 'node' },
});
