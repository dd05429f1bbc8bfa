// Every check of the project, in order: install what is missing, formatting, lint, types, unit tests, build, and the
// real interface in Chromium. Ends with one line: N passed, N failed.
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { CHROMIUMS, chromiumPath } from './chromium.js';
import {
  buildIfStale,
  compiling,
  fail,
  isCompiled,
  NO_COMPILER,
  refuseOldNode,
  ROOT,
  run,
  unpackIfMissing
} from './prepare.js';

/** What the tests need of Debian beside a Chromium: a program and its package. */
const NEEDED = [
  ['/usr/bin/exiftool', 'libimage-exiftool-perl'],
  ['/usr/bin/openssl', 'openssl'],
  ['/usr/bin/pdftotext', 'poppler-utils']
];
const out = mkdtempSync(join(tmpdir(), 'just-enough-test-'));
let passed = 0;
let failed = 0;
/** @type {string[]} what failed, said again at the end: the start of a long run is out of sight by then */
const failures = [];

refuseOldNode();
// the one waits for the line, the other for the disk
const programs = programsThere();
unpackIfMissing();
if (!(await programs)) fail('Installing with apt-get failed; the lines above say why.');

run('npx', ['svelte-kit', 'sync']);
// compiling keeps one core busy for minutes, and nothing of these asks for it
const compiled = compile();
await sideBySide([
  ['formatting', ['prettier', '--check', '--log-level', 'warn', '.']],
  ['types', ['svelte-check', '--tsconfig', './tsconfig.json', '--fail-on-warnings', '--output', 'human']],
  ['types of the core alone', ['tsc', '-p', 'tsconfig.core.json']],
  ['types of the service worker', ['tsc', '-p', 'tsconfig.sw.json']],
  ['lint', ['eslint', '.']]
]);
if (!(await compiled)) fail(NO_COMPILER);
counted('unit tests', 'vitest', [
  'run',
  '--reporter=default',
  '--reporter=json',
  `--outputFile.json=${out}/unit.json`
]);
buildIfStale();
passed += 1;
// a walk that needs its second try is named at the end: it passed, and is to be looked at
counted('the real interface', 'playwright', ['test', '--retries=1'], {
  PLAYWRIGHT_JSON_OUTPUT_NAME: `${out}/e2e.json`
});
rmSync(out, { recursive: true, force: true });
for (const failure of failures) console.log(`failed: ${failure}`);
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);

/** Programs through apt as root; otherwise the one command to run. @returns whether they are there */
async function programsThere() {
  const [[shell, shellName], [, wholeName]] = CHROMIUMS;
  const missing = NEEDED.filter(([path]) => !existsSync(path)).map(([, name]) => name);
  const isRoot = process.getuid?.() === 0;
  if (!isRoot) {
    if (!existsSync(chromiumPath())) missing.push(shellName);
    if (missing.length > 0) fail(`Missing for the tests. Run: sudo apt-get install -y ${missing.join(' ')}`);
    return true;
  }
  if (missing.length === 0 && existsSync(shell)) return true;
  console.log(`Installing ${[...missing, shellName].join(' ')} …`);
  await apt('apt-get update -qq');
  if (missing.length > 0) await apt(`apt-get install -y -qq ${missing.join(' ')}`);
  // where a Debian has no headless shell the whole browser does as well, and takes longer
  await apt(`apt-get install -y -qq ${shellName}`);
  if (!existsSync(chromiumPath())) await apt(`apt-get install -y -qq ${wholeName}`);
  return existsSync(chromiumPath()) && NEEDED.every(([path]) => existsSync(path));
}

/** Runs a command of apt. @param {string} command */
async function apt(command) {
  const child = spawn('sh', ['-c', command], {
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
  });
  await once(child, 'close');
}

/** Compiles what is not yet. @returns whether it is there; what the compiler said is shown when it failed */
async function compile() {
  if (isCompiled()) return true;
  const { command, args, env } = compiling();
  const child = spawn(command, args, { cwd: ROOT, env: { ...process.env, ...env } });
  let said = '';
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => (said += chunk));
  const [status] = await once(child, 'close');
  if (status !== 0) console.log(said);
  return status === 0;
}

/**
 * Checks that pass or fail as a whole, run at the same time: each keeps one core busy. What one says comes in one piece.
 * @param {readonly (readonly [name: string, args: string[]])[]} checks
 */
async function sideBySide(checks) {
  const running = checks.map(async ([name, args]) => {
    const child = spawn('npx', args, { cwd: ROOT, env: process.env });
    let said = '';
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => (said += chunk));
    const [status] = await once(child, 'close');
    console.log(`\n== ${name}\n${said.trim()}`);
    if (status === 0) passed += 1;
    else {
      failed += 1;
      failures.push(name);
    }
  });
  await Promise.all(running);
}

/**
 * A test runner that leaves its counts in a JSON file.
 * @param {string} name
 * @param {'vitest' | 'playwright'} runner
 * @param {string[]} args
 * @param {NodeJS.ProcessEnv} env
 */
function counted(name, runner, args, env = {}) {
  console.log(`\n== ${name}`);
  const status = run('npx', [runner, ...args], env);
  const file = join(out, runner === 'vitest' ? 'unit.json' : 'e2e.json');
  if (!existsSync(file)) {
    failed += 1;
    failures.push(`${name}: no report`);
    return;
  }
  const report = JSON.parse(readFileSync(file, 'utf8'));
  const walks = runner === 'vitest' ? [] : walksOf(report.suites);
  failures.push(...(runner === 'vitest' ? failedTests(report) : walks.filter(({ ok }) => !ok).map(named)));
  const good = runner === 'vitest' ? report.numPassedTests : report.stats.expected + report.stats.flaky;
  const bad = runner === 'vitest' ? report.numFailedTests : report.stats.unexpected;
  for (const walk of walks.filter(({ tests }) => tests.some(({ status }) => status === 'flaky')))
    console.log(`passed at the second try: ${named(walk)}`);
  for (const walk of longest(walks)) console.log(`among the longest: ${walk}`);
  passed += good;
  // a runner that fails with no failed test has still failed; one that ran nothing has not passed
  failed += bad > 0 ? bad : status === 0 && good > 0 ? 0 : 1;
}

/**
 * @param {{ testResults: readonly { assertionResults: readonly { status: string, fullName: string }[] }[] }} report
 * @returns names of the unit tests that failed
 */
function failedTests({ testResults }) {
  const tests = testResults.flatMap(({ assertionResults }) => assertionResults);
  return tests.filter(({ status }) => status === 'failed').map(({ fullName }) => fullName);
}

/**
 * @typedef {{ status: string, results: readonly { duration: number }[] }} Tried
 * @typedef {{ ok: boolean, title: string, file: string, tests: readonly Tried[] }} Walk
 * @param {readonly { specs?: readonly Walk[], suites?: readonly any[] }[]} suites
 * @returns {Walk[]}
 */
function walksOf(suites) {
  return suites.flatMap(({ specs = [], suites: inner = [] }) => [...specs, ...walksOf(inner)]);
}

/** @param {Walk} walk */
function named({ file, title }) {
  return `${file} › ${title}`;
}

/** @param {readonly Walk[]} walks @returns {string[]} the ten longest of them, with their seconds */
function longest(walks) {
  const timed = walks.map((walk) => {
    const ms = walk.tests.flatMap(({ results }) => results).reduce((sum, { duration }) => sum + duration, 0);
    return { walk, ms };
  });
  const first = timed.sort((a, b) => b.ms - a.ms).slice(0, 10);
  return first.map(({ walk, ms }) => `${Math.round(ms / 1000)} s ${named(walk)}`);
}
