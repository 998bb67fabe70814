import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';
import { pageWorker } from './build/pageWorker.ts';

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
  plugins: [react(), tailwindcss(), pageWorker('src/offline/worker.ts', 'sw.js')],
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
