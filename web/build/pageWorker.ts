import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { build, type Plugin } from 'vite';

const KEPT = /\.(js|css|html|svg|woff2|png|webmanifest)$/;

/**
 * Builds the service worker when all else is there, since it is told every file the page is made of. It shares nothing with the
 * page, which may be newer or older than it.
 */
export function pageWorker(entry: string, file: string): Plugin {
  let folder = '';
  return {
    name: 'page-worker',
    apply: 'build',
    configResolved(config) {
      folder = join(config.root, config.build.outDir);
    },
    async closeBundle() {
      await build({
        configFile: false,
        publicDir: false,
        logLevel: 'warn',
        define: { PAGE_FILES: JSON.stringify(filesIn(folder, file)) },
        build: {
          outDir: folder,
          emptyOutDir: false,
          rolldownOptions: { input: entry, output: { entryFileNames: file, format: 'iife' } },
        },
      });
    },
  };
}

/** By address; what does not say in its name what is in it, with a revision. */
function filesIn(folder: string, worker: string) {
  return readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((path) => KEPT.test(path) && path !== worker)
    .sort()
    .map((path) => ({
      url: `/${path}`,
      revision: path.startsWith('assets/')
        ? null
        : createHash('sha256')
            .update(readFileSync(join(folder, path)))
            .digest('hex')
            .slice(0, 16),
    }));
}
