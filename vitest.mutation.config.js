import { defineConfig } from 'vitest/config';

/** The core's own tests, without the simulations: they take minutes under instrumentation and find nothing more. */
export default defineConfig({
  test: {
    environment: 'node',
    // what a kind asks for on its sheet is tested with the sheet
    include: ['src/core/**/*.test.ts', 'src/lib/schema/sheet/**/*.test.ts'],
    exclude: ['src/core/learn/near-limits.test.ts', 'src/core/chance/whole-frame.test.ts'],
    testNamePattern: '^(?!.*(simulat|sum over everything|seeds)).*$',
    // the property of the remedies, on fewer situations than in the tests
    env: { JUST_ENOUGH_SITUATIONS: '25' },
    testTimeout: 120_000
  }
});
