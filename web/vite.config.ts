import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { VitePWA } from 'vite-plugin-pwa';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [
    react(),
    tailwindcss(),
    VitePWA({
      registerType: 'autoUpdate',
      filename: 'sw.js',
      manifestFilename: 'manifest.webmanifest',
      includeAssets: ['spoon.svg', 'spoon-192.png', 'spoon-512.png'],
      manifest: {
        name: 'Amber Spoon',
        short_name: 'Amber Spoon',
        description: 'Chicken on trays, with vegetables, done together.',
        start_url: '/oven',
        display: 'standalone',
        background_color: '#16100c',
        theme_color: '#16100c',
        icons: [
          { src: '/spoon-192.png', sizes: '192x192', type: 'image/png' },
          { src: '/spoon-512.png', sizes: '512x512', type: 'image/png', purpose: 'any' },
          { src: '/spoon.svg', sizes: 'any', type: 'image/svg+xml' },
        ],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2,png}'],
        // What is asked of the kitchen is never answered from a store: the page keeps what it saw itself, with its time.
        navigateFallbackDenylist: [/^\/api\//, /^\/live/, /^\/healthz/, /^\/openapi/],
      },
    }),
  ],
  build: { outDir: 'dist', assetsInlineLimit: 0 },
  server: {
    proxy: { '/api': 'http://127.0.0.1:5230', '/live': { target: 'http://127.0.0.1:5230', ws: true } },
  },
  test: { include: ['src/**/*.test.ts'], environment: 'node' },
});
