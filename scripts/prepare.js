// What both commands need first: a new enough Node.js, installed packages, a build that is not older than its sources.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The folder of the project. */
export const ROOT = resolve(dirname(fileURLToPath(import.meta.url)), '..');

/**
 * Says one line and ends.
 * @param {string} line
 * @returns {never}
 */
export function fail(line) {
  console.error(line);
  process.exit(1);
}

/** Ends with a clear line on a Node.js that is too old. @param {string} version */
export function refuseOldNode(version = process.versions.node) {
  const [major = 0, minor = 0] = version.split('.').map(Number);
  const good = (major === 20 && minor >= 19) || (major === 22 && minor >= 13) || major > 22;
  if (!good)
    fail(
      `Just Enough needs Node.js 20.19 or newer (or 22.13 or newer); this is ${version}. Install a newer one.`
    );
}

/**
 * Runs a command in the project.
 * @param {string} command
 * @param {string[]} args
 * @param {NodeJS.ProcessEnv} env
 */
export function run(command, args, env = {}) {
  return (
    spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', env: { ...process.env, ...env } }).status ?? 1
  );
}

const NATIVE = join(ROOT, 'node_modules', 'better-sqlite3', 'build', 'Release', 'better_sqlite3.node');

/** Installs the packages of the lock file, unless just these are installed. */
export function installIfMissing() {
  unpackIfMissing();
  const { command, args, env } = compiling();
  if (!isCompiled() && run(command, args, env) !== 0) fail(NO_COMPILER);
}

/** Installs the packages, but for what has to be compiled. */
export function unpackIfMissing() {
  if (isInstalled()) return;
  console.log('Installing packages (a few minutes, once) …');
  if (run('npm', ['ci', '--ignore-scripts', '--no-audit', '--no-fund']) !== 0)
    fail('Installing failed. Check the network, then try again.');
}

/** Whether the native part of the database is there. */
export const isCompiled = () => existsSync(NATIVE);

/** Said when compiling failed. */
export const NO_COMPILER =
  'Compiling the database failed. Check that a C++ compiler, make and python3 are there, then try again.';

/** The command that compiles native parts: against Node's own headers where those are on the disk and nothing may be fetched. */
export function compiling() {
  const headers = existsSync('/usr/include/node') && !process.env.npm_config_nodedir;
  const env = { npm_config_jobs: 'max', ...(headers ? { npm_config_nodedir: '/usr' } : {}) };
  return { command: 'npm', args: ['rebuild'], env };
}

/** Whether every package that the lock file asks for on this machine is there in its version. */
function isInstalled() {
  const installed = join(ROOT, 'node_modules', '.package-lock.json');
  if (!existsSync(installed)) return false;
  /** @type {(file: string) => Record<string, { version?: string; optional?: boolean; extraneous?: boolean }>} */
  const packagesOf = (file) => JSON.parse(readFileSync(file, 'utf8')).packages;
  const have = packagesOf(installed);
  return Object.entries(packagesOf(join(ROOT, 'package-lock.json'))).every(
    // the lock file also names what is never installed here: for other machines, or for nobody (extraneous)
    ([path, { version, optional, extraneous }]) =>
      path === '' || have[path]?.version === version || ((optional ?? extraneous) === true && !have[path])
  );
}

/** Changes with every build. */
export const buildStamp = () =>
  createHash('sha256')
    .update(readFileSync(join(ROOT, 'build', '.sources')))
    .digest('hex')
    .slice(0, 16);

/** Builds the app, if there is no build or a source changed since. */
export function buildIfStale() {
  const stamp = join(ROOT, 'build', '.sources');
  const sources = fingerprint();
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === sources) return;
  console.log('Building …');
  if (run('npx', ['vite', 'build', '--logLevel', 'error']) !== 0)
    fail('Building failed; the lines above say why.');
  if (run('npx', ['vite', 'build', '--config', 'vite.workers.config.ts', '--logLevel', 'error']) !== 0)
    fail('Building the workers failed; the lines above say why.');
  // by a process of its own: its packages may have been installed a moment ago
  if (
    run('node', ['-e', "import('./scripts/places.js').then((m) => m.makePlaces('build/places.sqlite'))"]) !==
    0
  )
    fail('Making the gazetteer failed; the lines above say why.');
  writeFileSync(stamp, sources);
}

/** Sizes and times of every file that goes into the build. */
function fingerprint() {
  const files = ['src', 'static'].flatMap((folder) =>
    readdirSync(join(ROOT, folder), { recursive: true, withFileTypes: true })
      .filter((entry) => entry.isFile() && !/\.test\./.test(entry.name))
      .map((entry) => join(entry.parentPath, entry.name))
  );
  const all = [
    ...files,
    ...[
      'package-lock.json',
      'svelte.config.js',
      'vite.config.ts',
      'vite.first-view.ts',
      'vite.workers.config.ts',
      'scripts/places.js'
    ].map((f) => join(ROOT, f))
  ];
  return all
    .sort()
    .map((file) => {
      const { size, mtimeMs } = statSync(file);
      return `${file} ${size} ${mtimeMs}`;
    })
    .join('\n');
}
