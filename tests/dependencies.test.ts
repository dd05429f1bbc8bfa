// The list of packages is complete, says the licence each one says itself, and where it ends up.
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from 'vitest';

const ROOT = join(import.meta.dirname, '..');
const read = (path: string): string => readFileSync(join(ROOT, path), 'utf8');
const rows = [
  ...read('docs/dependencies.md').matchAll(
    /^\|\s*`([^`]+)`\s*\|\s*([^|]+?)\s*\|\s*([^|]+?)\s*\|\s*([^|]+?)\s*\|$/gm
  )
].map(([, name = '', licence = '', where = '', why = '']) => ({
  name,
  licence,
  where: where.split(', '),
  why
}));
interface Package {
  readonly license?: string;
  readonly dependencies?: Readonly<Record<string, string>>;
  readonly devDependencies?: Readonly<Record<string, string>>;
}
const { dependencies = {}, devDependencies = {} } = JSON.parse(read('package.json')) as Package;

test('every package is listed, with a reason', () => {
  expect(rows.map((r) => r.name)).toEqual(Object.keys({ ...dependencies, ...devDependencies }).sort());
  expect(rows.filter((r) => r.why.length < 4)).toEqual([]);
});

test.each(rows)('$name has the licence it says, one that may go with ours', ({ name, licence }) => {
  const { license } = JSON.parse(read(`node_modules/${name}/package.json`)) as Package;
  if (license !== undefined) expect(licence).toBe(license);
  expect(licence).toMatch(/^(MIT|ISC|Apache-2\.0|MPL-2\.0|BSD-[23]-Clause)$/);
});

test('what server and browser are made of is said to be there, and nothing else is', () => {
  const sources = readdirSync(join(ROOT, 'src'), { recursive: true, encoding: 'utf8' })
    .filter((file) => /\.(ts|svelte|css)$/.test(file) && !/\.test\./.test(file))
    .map((file) => read(join('src', file)));
  const isImported = (name: string): boolean => {
    const from = new RegExp(
      `(?:from|import)\\s*\\(?\\s*['"]${name.replace(/[/.]/g, '\\$&')}(?:/[^'"]*)?['"]`
    );
    return sources.some((text) => from.test(text));
  };
  const said = rows.filter((r) => r.where.some((w) => w === 'server' || w === 'browser')).map((r) => r.name);
  expect(
    rows
      .map((r) => r.name)
      .filter(isImported)
      .filter((n) => !said.includes(n))
  ).toEqual(['tailwindcss']);
  expect(said.filter((name) => !isImported(name))).toEqual([]);
});
