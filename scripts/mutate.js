// Mutation testing, a folder or a file at a time: node scripts/mutate.js src/core/chance | --changed [since]
import { execFileSync, spawnSync } from 'node:child_process';
import { mkdirSync, statSync } from 'node:fs';

const [what = 'src/core', since = 'HEAD~1'] = process.argv.slice(2);

/** Files of the core that differ from a commit, tests and deleted ones left out. */
function changed() {
  const names = execFileSync('git', ['diff', '--name-only', '--diff-filter=d', since, '--', 'src/core'], {
    encoding: 'utf8'
  });
  return names.split('\n').filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts'));
}

/** The files of a folder as a pattern; a file as it is. */
function pattern(path) {
  return statSync(path).isDirectory()
    ? [`${path}/**/*.ts`, `!${path}/**/*.test.ts`, `!${path}/**/*.test.*.ts`]
    : [path];
}

/** The folder of src/core that it is in; all of it where that is meant. @param {string} path */
function folderOf(path) {
  return /^src\/core\/[a-z]+/.exec(path)?.[0] ?? 'src/core';
}

const files = what === '--changed' ? changed() : pattern(what.replace(/\/$/, ''));
if (files.length === 0) {
  console.log('Nothing in src/core changed.');
  process.exit(0);
}
const name = what.replace(/[^a-z]+/gi, '-').replace(/^-|-$/g, '');
mkdirSync('reports', { recursive: true });
const run = spawnSync(
  'npx',
  [
    'stryker',
    'run',
    '--mutate',
    files.join(','),
    '--incremental',
    '--incrementalFile',
    `reports/${name}.json`
  ],
  { stdio: 'inherit', env: { ...process.env, JUST_ENOUGH_MUTATED: folderOf(what) } }
);
process.exit(run.status ?? 1);
