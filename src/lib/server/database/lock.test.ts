// One server for each database: a second process is refused and told who has it; however the first one ends, the lock goes with it.
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, expect, test } from 'vitest';
import { holdLock } from './lock.ts';

const folder = mkdtempSync(join(tmpdir(), 'just-enough-lock-'));
afterEach(() => rmSync(folder, { recursive: true, force: true }));

/** Another process with a lock of the same kind, until it is ended. */
async function another(path: string) {
  const script = `const Database = require('better-sqlite3');
    const db = new Database(${JSON.stringify(`${path}.lock`)});
    db.exec("create table if not exists holder (who text not null) strict; delete from holder; insert into holder values ('process 12, port 4170'); begin immediate");
    console.log('held'); setInterval(() => db, 1000);`;
  const child = spawn(process.execPath, ['-e', script], { stdio: ['ignore', 'pipe', 'inherit'] });
  await once(child.stdout, 'data');
  return child;
}

test('is held once, named to whoever comes after, and free again when its process is killed', async () => {
  const path = join(folder, 'just-enough.sqlite');
  const child = await another(path);
  expect(() => holdLock(path, 'process 13')).toThrow(
    `The database ${path} is in use by another server of this program (process 12, port 4170). Stop that one first`
  );
  child.kill('SIGKILL');
  await once(child, 'exit');
  const held = holdLock(path, 'process 13');
  // the same process finds its own
  expect(holdLock(path, 'process 13')).toBe(held);
  held.release();
  holdLock(path, 'process 14').release();
});
