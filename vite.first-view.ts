// How the program is cut into files for the browser. By itself the bundler makes some ninety small ones for Shoot's first view:
// each is asked for, answered and taken in by itself, and small texts compress badly. What that view is made of is one file.
import { fileURLToPath } from 'node:url';
import type { Plugin } from 'vite';

const ROOTS = ['src/routes/+layout.svelte', 'src/routes/shoot/+page.svelte'];

/** What is said of a module, as far as it is looked at here. */
type InfoOf = (id: string) => { readonly importedIds: readonly string[] } | null;

/** Our own modules that a page needs before it answers; the packages that they use follow them. */
function neededAtFirst(infoOf: InfoOf): ReadonlySet<string> {
  const src = fileURLToPath(new URL('src/', import.meta.url));
  const seen = new Set<string>();
  const open = ROOTS.map((path) => fileURLToPath(new URL(path, import.meta.url)));
  for (let next = open.pop(); next !== undefined; next = open.pop()) {
    if (seen.has(next) || !next.startsWith(src)) continue;
    seen.add(next);
    open.push(...(infoOf(next)?.importedIds ?? []));
  }
  return seen;
}

/** Puts what Shoot's first view needs into one file; what is fetched later stays in files of its own. */
export function firstViewInOneFile(): Plugin {
  let needed: ReadonlySet<string> | null = null;
  const name = (id: string, modules: { getModuleInfo: InfoOf }): string | null => {
    needed ??= neededAtFirst((other) => modules.getModuleInfo(other));
    // the pages themselves are asked for by name
    return needed.has(id) && !id.includes('/src/routes/') ? 'program' : null;
  };
  return {
    name: 'first-view-in-one-file',
    apply: 'build',
    config: (_, { isSsrBuild }) =>
      isSsrBuild ? {} : { build: { rolldownOptions: { output: { codeSplitting: { groups: [{ name }] } } } } }
  };
}
