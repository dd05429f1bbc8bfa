// Mutation testing of the core: how many small faults put into it do the tests notice?
// Run a folder at a time, `npm run mutate -- src/core/chance`, or what changed, `npm run mutate -- --changed`.
/** @type {import('@stryker-mutator/api/core').PartialStrykerOptions} */
export default {
  testRunner: 'vitest',
  plugins: ['@stryker-mutator/vitest-runner', '@stryker-mutator/typescript-checker'],
  vitest: { configFile: 'vitest.mutation.config.js', related: true },
  checkers: ['typescript'],
  tsconfigFile: 'tsconfig.core.json',
  coverageAnalysis: 'perTest',
  ignoreStatic: true,
  mutator: { excludedMutations: ['StringLiteral'] },
  ignorePatterns: [
    'build',
    '.svelte-kit/*',
    '!.svelte-kit/tsconfig.json',
    'docs',
    'static',
    'test-results',
    'reports',
    'data',
    'places.sqlite'
  ],
  reporters: ['clear-text', 'json'],
  clearTextReporter: { allowColor: false, logTests: false, reportTests: false },
  thresholds: { high: 90, low: 85, break: 85 },
  tempDirName: '.stryker-tmp',
  timeoutMS: 30_000,
  concurrency: 2
};
