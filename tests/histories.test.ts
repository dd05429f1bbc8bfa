// What is noted stays true: random histories of logging, editing, judging, changing cameras and films, retiring, converting,
// developing, finishing, two clients and a phone that is away, against a memory that never forgets.
import fc from 'fast-check';
import { afterAll, expect, test } from 'vitest';
import { runHistory } from './histories/history.ts';
import { openWorld } from './histories/world.ts';

const HISTORIES = Number(process.env['JUST_ENOUGH_HISTORIES'] ?? 300);
const world = openWorld();
afterAll(() => {
  world.close();
});

const drawn = fc.record({
  step: fc.nat(999),
  draws: fc.array(fc.nat(9999), { minLength: 1, maxLength: 12 })
});

test(`no noted fact changes but by an edit of it, in ${HISTORIES} histories`, { timeout: 3_600_000 }, () => {
  let frames = 0;
  const happened = new Set<string>();
  fc.assert(
    fc.property(fc.array(drawn, { minLength: 10, maxLength: 60, size: 'max' }), (history) => {
      const told = runHistory(world, history);
      frames += told.frames;
      for (const name of told.did) happened.add(name);
    }),
    { numRuns: HISTORIES }
  );
  // the histories are not empty ones
  expect(frames).toBeGreaterThan(HISTORIES);
  expect(happened.size).toBeGreaterThan(20);
});
