// The start command's own refusals: one clear line each that says what to do.
import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, type Server } from 'node:net';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { afterEach, beforeEach, expect, test } from 'vitest';

const ROOT = resolve(import.meta.dirname, '..');
let folder = '';
let server: Server | null = null;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'just-enough-start-'));
});
afterEach(() => {
  server?.close();
  server = null;
  rmSync(folder, { recursive: true, force: true });
});

function start(env: Readonly<Record<string, string>>, code = "await import('./scripts/start.js')") {
  const run = spawnSync('node', ['--input-type=module', '-e', code], {
    cwd: ROOT,
    encoding: 'utf8',
    timeout: 10_000,
    env: { ...process.env, JUST_ENOUGH_DATA: folder, ...env }
  });
  return { status: run.status, lines: run.stderr.trim().split('\n') };
}

test('a port in use', async () => {
  const port = await new Promise<number>((done) => {
    const busy = createServer();
    server = busy;
    busy.listen(0, '127.0.0.1', () => {
      const address = busy.address();
      done(typeof address === 'object' && address ? address.port : 0);
    });
  });
  const { status, lines } = start({ PORT: String(port) });
  expect(status).toBe(1);
  expect(lines).toEqual([
    `Port ${port} is in use. Stop what runs there, or choose another: PORT=${port + 1} npm start`
  ]);
});

test('a folder that cannot be made', () => {
  writeFileSync(join(folder, 'file'), '');
  const { status, lines } = start({ PORT: '4999', JUST_ENOUGH_DATA: join(folder, 'file', 'below') });
  expect(status).toBe(1);
  expect(lines).toHaveLength(1);
  expect(lines[0]).toMatch(/The folder .* cannot be made\. Give another one: JUST_ENOUGH_DATA=/);
});

test('a port that is no number', () => {
  expect(start({ PORT: 'eighty' }).lines).toEqual([
    'PORT must be a whole number from 1 to 65535, got “eighty”.'
  ]);
});

test.each([
  ['18.20.4', false],
  ['20.18.0', false],
  ['20.19.0', true],
  ['21.7.3', false],
  ['22.12.0', false],
  ['22.13.0', true],
  ['24.1.0', true]
])('Node.js %s is taken: %s', (version, good) => {
  const run = start({}, `(await import('./scripts/prepare.js')).refuseOldNode('${version}')`);
  expect(run.status).toBe(good ? 0 : 1);
  expect(run.lines.join('')).toBe(
    good
      ? ''
      : `Just Enough needs Node.js 20.19 or newer (or 22.13 or newer); this is ${version}. Install a newer one.`
  );
});
