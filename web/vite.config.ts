import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { VitePWA } from 'vite-plugin-pwa';
import { defineConfig } from 'vitest/config';

/** Where a page begins: these and what they need are all that may be waited for. */
const FIRST = ['/src/main.tsx', '/src/stations/tray/TrayStation.tsx'];

let first: Set<string> | null = null;

/**
 * The first page and what it needs come as one file, and what several other stations need as another: forty small ones take
 * longer to ask for than to read.
 */
function firstChunk(id: string, graph: { getModuleInfo(id: string): { importedIds: readonly string[] } | null }) {
  if (!first) {
    first = new Set();
    const waiting = FIRST.map((path) => import.meta.dirname + path);
    for (let next = waiting.pop(); next; next = waiting.pop()) {
      if (first.has(next)) continue;
      first.add(next);
      waiting.push(...(graph.getModuleInfo(next)?.importedIds ?? []));
    }
  }
  return first.has(id) ? 'first' : null;
}

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
  build: {
    outDir: 'dist',
    assetsInlineLimit: 0,
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [
            { name: firstChunk, priority: 2 },
            { name: 'later', minShareCount: 2, priority: 1 },
          ],
        },
      },
    },
  },
  server: {
    proxy: { '/api': 'http://127.0.0.1:5230', '/live': { target: 'http://127.0.0.1:5230', ws: true } },
  },
  // None leaves anything behind, so one process does for all: two thirds of the work was starting one for each file.
  test: { include: ['src/**/*.test.ts'], environment: 'node', isolate: false, fileParallelism: false },
});
