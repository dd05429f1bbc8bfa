// What Shoot's first view is made of: what weighs much and is seldom needed there is fetched where it is needed.
import { existsSync, readFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { expect, test } from 'vitest';

const ROOT = join(import.meta.dirname, '..');
const ALIASES: Readonly<Record<string, string>> = {
  '#core': 'src/core',
  '#schema': 'src/lib/schema',
  '#ui': 'src/lib/ui'
};
const ROOTS = ['src/routes/+layout.svelte', 'src/routes/+layout.ts', 'src/routes/shoot/+page.svelte'];

/** Packages that the first view may be made of, with what each is for. The sky's sums, dates, charts and checks are none of them. */
const PACKAGES = [
  /^svelte(\/|$)/,
  /^@sveltejs\/kit$/,
  /^\$app\//,
  /^lucide-static\/icons\/[\w-]+\.svg\?raw$/,
  /^@skeletonlabs\/skeleton-svelte$/,
  /^tinykeys$/,
  /^idb$/
];

/** What a file needs before it runs: types and what is fetched later are left out. */
function needsOf(text: string): readonly string[] {
  const code = text
    .replace(/\/\*[\s\S]*?\*\//g, '')
    .replace(/^\s*\/\/.*$/gm, '')
    .replace(/\bimport type [^;]*;/g, '');
  return [...code.matchAll(/(?:^|\n)\s*(?:import|export)\s+(?:([^'";]*?)\s+from\s+)?'([^']+)'/g)].flatMap(
    ([, names = '', from = '']) => (/^\{(\s*type [^,}]+,?)+\s*\}$/.test(names.trim()) ? [] : [from])
  );
}

function pathOf(file: string, specifier: string): string | null {
  if (specifier.startsWith('.')) return join(dirname(file), specifier);
  const [alias = '', ...rest] = specifier.split('/');
  return ALIASES[alias] ? join(ROOT, ALIASES[alias], ...rest) : null;
}

/** Every package that is needed, with the file that first asks for it. */
function packagesOf(roots: readonly string[]): ReadonlyMap<string, string> {
  const found = new Map<string, string>();
  const seen = new Set(roots.map((root) => join(ROOT, root)));
  for (const file of seen) {
    for (const specifier of existsSync(file) ? needsOf(readFileSync(file, 'utf8')) : []) {
      const path = pathOf(file, specifier);
      if (path) seen.add(path);
      else if (!found.has(specifier)) found.set(specifier, relative(ROOT, file));
    }
  }
  return found;
}

test('Shoot’s first view is made of nothing that weighs much and is seldom needed', () => {
  const packages = packagesOf(ROOTS);
  // it looks far enough to find what is there
  expect([...packages.keys()]).toEqual(expect.arrayContaining(['svelte', 'tinykeys', 'idb']));
  const others = [...packages].filter(([name]) => !PACKAGES.some((p) => p.test(name)));
  expect(others).toEqual([]);
});

test('what is looked for is found', () => {
  expect(needsOf("import { a, type B } from './a.ts';\nimport type { C } from 'c';\nimport 'd';")).toEqual([
    ...['./a.ts', 'd']
  ]);
  expect(needsOf("import { type B } from './b.ts';\nconst e = await import('e');")).toEqual([]);
});
