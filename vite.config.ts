import { availableParallelism } from 'node:os';
import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { svelteTesting } from '@testing-library/svelte/vite';
import { defineConfig } from 'vitest/config';
import { firstViewInOneFile } from './vite.first-view.ts';

export default defineConfig({
  plugins: [tailwindcss(), sveltekit(), firstViewInOneFile()],
  worker: { format: 'es' },
  test: {
    expect: { requireAssertions: true },
    // a machine may be busy with something else: no test is about time
    testTimeout: 120_000,
    hookTimeout: 120_000,
    // all cores: by itself it leaves one of two idle
    maxWorkers: availableParallelism(),
    projects: [
      {
        extends: true,
        test: {
          name: 'core',
          environment: 'node',
          include: ['src/core/**/*.test.ts'],
          // sums keep nothing between two files: each worker loads the core once
          isolate: false
        }
      },
      {
        extends: true,
        test: {
          name: 'server',
          environment: 'node',
          include: ['src/**/*.test.ts', 'tests/*.test.ts'],
          exclude: ['src/**/*.svelte.test.ts', 'src/core/**']
        }
      },
      {
        extends: true,
        plugins: [svelteTesting()],
        test: {
          name: 'client',
          environment: 'jsdom',
          include: ['src/**/*.svelte.test.ts']
        }
      }
    ]
  }
});
