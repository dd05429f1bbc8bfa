import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from 'vitest';
import { SHADOW_STEPS } from '#core/light/shadow-edge.ts';
import { SKY_STEPS } from '#core/light/sky-first.ts';

test('every clue of both schools has a drawing of its own', () => {
  const css = readFileSync(join(import.meta.dirname, 'clues.css'), 'utf8');
  const clues = [
    ...SHADOW_STEPS.map(({ clue }) => `shadow-${clue}`),
    ...SKY_STEPS.map(({ clue }) => `sky-${clue}`)
  ];
  const drawings = clues.map((name) => {
    expect(css).toContain(`.clue-${name} {\n  background-image: url('./${name}.svg');\n}`);
    return readFileSync(join(import.meta.dirname, `${name}.svg`), 'utf8');
  });
  expect(new Set(drawings).size).toBe(clues.length);
});
