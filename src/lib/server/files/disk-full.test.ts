// A disk that is full while a ZIP is unpacked or a file comes in: told in words, nothing is stored, the server goes on.
// `/dev/full` is the full disk of Linux (full(4)): every write there ends with ENOSPC.
import { mkdirSync, mkdtempSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { zipSync } from 'fflate';
import { afterAll, expect, test } from 'vitest';
import { explainSqlite } from '../database/sqlite-words.ts';
import { uploadFailed } from '../http/bodies.ts';
import { explainDisk } from './disk-words.ts';
import { unpack } from './formats/zip/unzip.ts';

const root = mkdtempSync(join(tmpdir(), 'just-enough-full-'));
afterAll(() => rmSync(root, { recursive: true, force: true }));

test.each([
  ['the lines', 'archive.jsonl', 3_000_000],
  ['a scan', 'a.png', 3_000_000],
  // less than one piece: the error comes only when the file is closed
  ['a small scan', 'a.png', 100]
])('%s find no room: the disk is told, not a damaged file', async (_, full, bytes) => {
  const folder = join(root, crypto.randomUUID());
  mkdirSync(folder);
  symlinkSync('/dev/full', join(folder, full));
  const zip = join(folder, 'file');
  const noise = Uint8Array.from({ length: bytes }, (_none, i) => (i * 7919) % 251);
  writeFileSync(zip, zipSync({ 'archive.jsonl': noise, 'scans/a.png': noise }, { level: 0 }));
  const unpacked = await unpack(zip, folder);
  expect(unpacked).toEqual({
    ok: false,
    error: `The disk that ${folder} lies on is full. Make room there, then do it again.`
  });
});

const systemError = (code: string, path?: string): unknown =>
  Object.assign(new Error(`${code}: it says so`), { code, ...(path ? { path } : {}) });

test('each refusal of a disk is said with where it is and what to do; another error is none', () => {
  expect(explainDisk(systemError('ENOSPC', '/data/scans/x'), '/elsewhere')).toMatch(
    /\/data\/scans .*is full\. Make room/
  );
  for (const [code, words] of [
    ['EDQUOT', 'used up'],
    ['EROFS', 'cannot be written'],
    ['EACCES', 'may not write'],
    ['EIO', 'fails']
  ] as const)
    expect(explainDisk(systemError(code), '/data')).toMatch(new RegExp(`/data .*${words}|${words}.*/data`));
  expect([
    explainDisk(systemError('ENOENT'), '/data'),
    explainDisk(new Error('x'), '/data'),
    explainDisk(null, '')
  ]).toEqual([...[null, null, null]]);
});

test('an upload that finds no room is answered with where and what to do', async () => {
  const answer = uploadFailed(systemError('ENOSPC'), '/data/scans');
  expect(answer.status).toBe(507);
  expect(answer.headers.get('connection')).toBe('close');
  expect(await answer.json()).toMatchObject({
    detail:
      'The disk that /data/scans lies on is full. Make room there, then do it again. Nothing was stored.'
  });
});

test('a database that was full beside the server says so too', () => {
  expect(explainSqlite(systemError('SQLITE_FULL'), '/data/log.sqlite')).toMatch(
    /log\.sqlite lies on is full/
  );
});
