// Effects that give something on say so: what they only pass by must not start them anew. A light that was changed elsewhere would be
// overwritten the next time the settings are read; an effect that reads what it writes would never end.
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from 'vitest';

const ROOT = join(import.meta.dirname, '..');

/** The bodies of the effects in a file. */
function effectsIn(text: string): readonly string[] {
  return [...text.matchAll(/\$effect(?:\.pre)?\(\(\) => \{/g)].map((found) => {
    const start = found.index + found[0].length;
    let depth = 1;
    let at = start;
    for (; depth > 0 && at < text.length; at++) depth += text[at] === '{' ? 1 : text[at] === '}' ? -1 : 0;
    return text.slice(start, at - 1);
  });
}
/** Calls of what a parent gave, and writes to what all pages share. */
const GIVES_ON = /(?<![.\w])on[a-z]+\(|\bcurrent\.\w+ = |\bcurrent\.\w+\(/;

test('an effect that calls its parent or writes what pages share does so untracked', () => {
  const all = readdirSync(join(ROOT, 'src'), { recursive: true, encoding: 'utf8' });
  const files = all.filter((f) => /\.svelte(\.ts)?$/.test(f)).map((f) => join('src', f));
  expect(files.length).toBeGreaterThan(100);
  let effects = 0;
  const wrong = files.flatMap((file) => {
    const bodies = effectsIn(readFileSync(join(ROOT, file), 'utf8'));
    effects += bodies.length;
    return bodies.some((b) => GIVES_ON.test(b) && !b.includes('untrack(')) ? [file] : [];
  });
  expect(effects).toBeGreaterThan(20);
  expect(wrong).toEqual([]);
});

test('what is looked for is found', () => {
  const one = '$effect(() => { if (way) { onlight(way); } }); $effect.pre(() => { current.eye = eye; });';
  expect(effectsIn(one).map((b) => GIVES_ON.test(b))).toEqual([true, true]);
  expect(effectsIn('$effect(() => { offline.open(); });').map((b) => GIVES_ON.test(b))).toEqual([false]);
});
