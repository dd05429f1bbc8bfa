// What the server does beside itself: one file for each worker, put into the build.
import { defineConfig } from 'vite';

export default defineConfig({
  build: {
    ssr: true,
    outDir: 'build/workers',
    emptyOutDir: true,
    rolldownOptions: {
      input: {
        learn: 'src/lib/server/learn/worker.ts',
        read: 'src/lib/server/beside/reader-worker.ts',
        task: 'src/lib/server/beside/task-worker.ts'
      },
      output: { entryFileNames: '[name].js' }
    }
  },
  ssr: { noExternal: true, external: ['better-sqlite3'] }
});
