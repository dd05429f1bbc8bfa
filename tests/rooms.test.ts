// The rooms of the house and who may import whom, read from the source text itself so that the list cannot go stale.
import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, posix, relative, resolve } from 'node:path';
import { describe, expect, test } from 'vitest';

const ROOT = resolve(import.meta.dirname, '..');
const ALIASES: Readonly<Record<string, string>> = {
  '#core': 'src/core',
  '#schema': 'src/lib/schema',
  '#server': 'src/lib/server',
  '#ui': 'src/lib/ui'
};
/** Folders of the core, each may use those left of it and itself. */
const CORE_ORDER = [
  'numeric',
  'units',
  'light',
  'sky',
  'film',
  'picture',
  'ways',
  'scene',
  'camera',
  'focus',
  'flash',
  'kit',
  'routine',
  'error',
  'chance',
  'advice',
  'plan',
  'bench',
  'log',
  'learn',
  'practice',
  'offline'
] as const;

/** What each room may import: folders of ours, and packages by name. */
const RULES: readonly { room: string; folders: readonly string[]; packages: readonly RegExp[] }[] = [
  {
    // a kind of control or program has its stored form beside what it does
    room: 'src/core/camera/kinds',
    folders: ['src/core'],
    packages: [/^yup$/]
  },
  {
    room: 'src/core',
    folders: ['src/core'],
    // pure packages: positions in the sky, wall-clock time with zones, when to ask again
    packages: [/^astronomy-engine$/, /^temporal-polyfill$/, /^ts-fsrs$/]
  },
  {
    room: 'src/workers',
    folders: ['src/core', 'src/lib/schema', 'src/workers'],
    // tables as programs write them, what pictures say of themselves
    packages: [/^papaparse$/, /^exifreader$/]
  },
  {
    room: 'src/lib/schema',
    folders: ['src/core', 'src/lib/schema'],
    // and days as people write them
    packages: [/^yup$/, /^@sodaru\/yup-to-json-schema$/, /^temporal-polyfill$/]
  },
  {
    room: 'src/lib/server',
    folders: ['src/core', 'src/lib/schema', 'src/lib/server'],
    packages: [
      ...[/^node:/, /^better-sqlite3$/, /^yup$/, /^geo-tz\/all$/, /^rate-limiter-flexible$/],
      ...[/^sharp$/, /^file-type$/, /^fflate$/, /^papaparse$/, /^fast-xml-builder$/]
    ]
  },
  {
    room: 'src/lib/ui',
    // the types of a worker's messages; the worker itself is started by its address
    folders: ['src/core', 'src/lib/schema', 'src/lib/ui', 'src/workers'],
    packages: [
      /^svelte(\/|$)/,
      /^\$app\//,
      /^@skeletonlabs\//,
      /^lucide-static\//,
      /^@tanstack\//,
      /^yup$/,
      /^tinykeys$/,
      /^idb$/,
      /^apexcharts$/,
      /^d3-scale$/,
      /^svelte-dnd-action$/,
      // tables that a sensor wrote
      /^papaparse$/,
      /^ical-generator$/
    ]
  },
  {
    room: 'src/routes',
    folders: ['src/core', 'src/lib/schema', 'src/lib/ui', 'src/routes', 'src/app.css'],
    packages: [
      ...[/^svelte(\/|$)/, /^\$app\//, /^@sveltejs\/kit$/, /^\.\/\$types$/],
      ...[/^@skeletonlabs\//, /^lucide-static\//]
    ]
  },
  {
    room: 'tests/e2e',
    // the list of places is what is walked; and which browser there is
    folders: [
      'tests/e2e',
      'src/lib/ui/places/places.ts',
      'scripts/chromium.js',
      'src/core/numeric/seeded.ts',
      'src/lib/server/database/damage.test.fixtures.ts'
    ],
    packages: [/^node:/, /^@playwright\//, /^@axe-core\//, /^sharp$/]
  },
  {
    room: 'bench',
    folders: ['src/core', 'src/lib/schema', 'src/lib/server', 'src/lib/ui/places', 'bench'],
    packages: [/^node:/, /^astronomy-engine$/, /^sharp$/]
  }
];

function specifiersOf(text: string): readonly string[] {
  const found = text.matchAll(
    /(?:^|[\s;])(?:import|export)\s(?:[^'";]*?\sfrom\s+)?['"]([^'"]+)['"]|import\(\s*['"]([^'"]+)['"]/g
  );
  return [...found].map((m) => m[1] ?? m[2] ?? '');
}

/** What is wrong with an import, or null. `file` and the answer are relative to the project. */
function faultOf(file: string, specifier: string): string | null {
  const rule = RULES.find((r) => file.startsWith(`${r.room}/`));
  if (!rule) return null;
  const alias = Object.keys(ALIASES).find((a) => specifier.startsWith(`${a}/`));
  const target = alias
    ? posix.join(ALIASES[alias] ?? '', specifier.slice(alias.length + 1))
    : specifier.startsWith('.') && specifier !== './$types'
      ? posix.join(posix.dirname(file), specifier)
      : null;
  if (target === null) {
    return rule.packages.some((p) => p.test(specifier))
      ? null
      : `${file} may not import the package ${specifier}`;
  }
  const server = /\+[\w-]*\.server\.ts$|\+server\.ts$/.test(file) && target.startsWith('src/lib/server/');
  if (!server && !rule.folders.some((f) => target === f || target.startsWith(`${f}/`)))
    return `${file} may not import ${target}`;
  return coreFault(file, target);
}

function coreFault(file: string, target: string): string | null {
  const at = (path: string): number => CORE_ORDER.findIndex((f) => path.startsWith(`src/core/${f}/`));
  const [from, to] = [at(file), at(target)];
  if (!file.startsWith('src/core/')) return null;
  if (from === -1) return `${file} is in no known folder of the core`;
  return to > from ? `${file} may not import ${target}: ${CORE_ORDER.join(' ← ')}` : null;
}

const files = ['src', 'tests/e2e', 'bench']
  .flatMap((folder) =>
    readdirSync(join(ROOT, folder), { recursive: true, withFileTypes: true })
      .filter((e) => e.isFile() && /\.(ts|svelte)$/.test(e.name) && !/\.test\./.test(e.name))
      .map((e) => join(e.parentPath, e.name))
  )
  .map((f) => relative(ROOT, f));

/** What stands in the transactions of a route. */
function transactionsOf(text: string): readonly string[] {
  return [...text.matchAll(/\btogether\(/g)].map(({ index }) => {
    const rest = text.slice(index);
    let depth = 0;
    for (let i = 0; i < rest.length; i++) {
      if (rest[i] === '(') depth += 1;
      if (rest[i] === ')' && --depth === 0) return rest.slice(0, i);
    }
    return rest;
  });
}

describe('the rooms', () => {
  test('no redirect is thrown in a transaction, which would undo it', () => {
    const redirecting = files.filter((f) =>
      transactionsOf(readFileSync(join(ROOT, f), 'utf8')).some((t) => t.includes('redirect('))
    );
    expect(redirecting).toEqual([]);
    expect(transactionsOf('s.together(() => { put(1); redirect(303, "/"); }); redirect(1)')[0]).toContain(
      'redirect(303'
    );
  });

  test('every import goes inward', () => {
    const faults = files.flatMap((file) =>
      specifiersOf(readFileSync(join(ROOT, file), 'utf8')).flatMap((s) => faultOf(file, s) ?? [])
    );
    expect(faults).toEqual([]);
    expect(files.length).toBeGreaterThan(60);
  });

  test('a control or program is asked what it can do, never what it is called', () => {
    const naming =
      /(control|program|\bc)\.kind [!=]==|\{ kind: '(marked|geared|linked|automatic-time|automatic-aperture)'/;
    const inside = /^tests\/|core\/camera\/kinds\/|server\/demo\/|database\/migrations\//;
    const named = files.filter((f) => !inside.test(f) && naming.test(readFileSync(join(ROOT, f), 'utf8')));
    expect(named).toEqual([]);
    expect(naming.test("camera.program.kind === 'manual'")).toBe(true);
  });

  test.each([
    ['src/core/light/lv.ts', "import { x } from 'svelte';", 'may not import the package svelte'],
    ['src/core/light/lv.ts', "import { readFile } from 'node:fs';", 'may not import the package node:fs'],
    [
      'src/core/light/lv.ts',
      "import type { X } from '../advice/rank.ts';",
      'may not import src/core/advice/rank.ts'
    ],
    [
      'src/core/film/film.ts',
      "import { y } from '#server/store.ts';",
      'may not import src/lib/server/store.ts'
    ],
    [
      'src/lib/ui/api.ts',
      "import { store } from '#server/store.ts';",
      'may not import src/lib/server/store.ts'
    ],
    [
      'src/lib/ui/api.ts',
      "const a = await import('#server/store.ts');",
      'may not import src/lib/server/store.ts'
    ],
    [
      'src/lib/server/db.ts',
      "import A from '#ui/PairChip.svelte';",
      'may not import src/lib/ui/PairChip.svelte'
    ],
    [
      'src/routes/+layout.svelte',
      "import { store } from '#server/store.ts';",
      'may not import src/lib/server/store.ts'
    ],
    ['tests/e2e/app.ts', "import { x } from '#core/light/lv.ts';", 'may not import src/core/light/lv.ts']
  ])('a deliberate violation is found: %s: %s', (file, line, words) =>
    expect(
      specifiersOf(line)
        .map((s) => faultOf(file, s))
        .join()
    ).toContain(words)
  );

  test.each([
    ['src/routes/log/+page.server.ts', "import { store } from '#server/store.ts';"],
    ['src/core/advice/rank.ts', "import { y } from '../light/lv.ts';"]
  ])('what is allowed passes: %s', (file, line) =>
    expect(specifiersOf(line).map((s) => faultOf(file, s))).toEqual([null])
  );

  test('SQL stands in the server’s rooms only', () => {
    const outside = files.filter((f) => !f.startsWith('src/lib/server/') && !dirname(f).startsWith('bench'));
    const sql = outside.filter((f) =>
      /\b(select|insert into|update|delete from)\b[^'"`;]*\b(from|values|set)\b/i.test(
        readFileSync(join(ROOT, f), 'utf8')
      )
    );
    expect(sql).toEqual([]);
  });
});
