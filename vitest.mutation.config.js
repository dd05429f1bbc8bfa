import { defineConfig } from 'vitest/config';

/** The folder whose faults are looked for: its own tests must notice them, and thousands of others need not run for each. */
const own = process.env['JUST_ENOUGH_MUTATED'] ?? 'src/core';

/** The core's own tests, without the simulations: they take minutes under instrumentation and find nothing more. */
export default defineConfig({
  test: {
    environment: 'node',
    // what a kind asks for on its sheet is tested with the sheet
    include: [
      `${own}/**/*.test.ts`,
      ...(own.startsWith('src/core/camera') || own === 'src/core'
        ? ['src/lib/schema/sheet/**/*.test.ts']
        : [])
    ],
    exclude: ['src/core/learn/near-limits.test.ts', 'src/core/chance/whole-frame.test.ts'],
    testNamePattern: '^(?!.*(simulat|sum over everything|seeds)).*$',
    // the property of the remedies, on fewer situations than in the tests
    env: { JUST_ENOUGH_SITUATIONS: '25' },
    testTimeout: 120_000
  }
});
