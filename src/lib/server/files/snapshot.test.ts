// An export is how everything was when it began, whatever is written while it is read; and it holds nothing when it is broken off.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, describe, expect, test, vi } from 'vitest';
import { openDatabase } from '../database/open.ts';
import { seedDemo } from '../demo/seed.ts';
import { archiveLines, snapshotLines, streamOf } from './export-rows.ts';

const folders: string[] = [];
afterEach(() => {
  for (const folder of folders.splice(0)) rmSync(folder, { recursive: true, force: true });
});
function home() {
  const folder = mkdtempSync(join(tmpdir(), 'just-enough-snapshot-'));
  folders.push(folder);
  const db = openDatabase(join(folder, 'log.sqlite'));
  seedDemo(db);
  return db;
}
const THEN = '2026-10-01T12:00:00.000Z';

describe('an export', () => {
  test('is of one moment: what is written behind its back is not in it', () => {
    const db = home();
    const before = [...archiveLines(db, THEN)];
    const lines = snapshotLines(db, THEN);
    const read: string[] = [];
    for (let i = 0; i < 3; i++) read.push(String(lines.next().value));
    db.exec("update frame set note = 'written meanwhile'");
    db.exec("delete from judgement where frame_id like 'demo-%'");
    expect([...read, ...lines]).toEqual(before);
    expect([...snapshotLines(db, THEN)]).toEqual([...archiveLines(db, THEN)]);
    expect([...snapshotLines(db, THEN)]).not.toEqual(before);
    db.close();
  });

  test('that is broken off lets go of the database', async () => {
    const db = home();
    const reader = streamOf(snapshotLines(db, THEN)).getReader();
    expect((await reader.read()).done).toBe(false);
    await reader.cancel();
    // a reader that still held on would keep the log from being folded away
    expect(db.pragma('wal_checkpoint(TRUNCATE)')).toEqual([{ busy: 0, log: 0, checkpointed: 0 }]);
    db.close();
  });

  test('is whole on a machine so busy that each line takes a second', async () => {
    const db = home();
    let ms = 0;
    const clock = vi.spyOn(performance, 'now').mockImplementation(() => (ms += 1000));
    try {
      const sent = await new Response(streamOf(snapshotLines(db, THEN))).text();
      expect(sent.trimEnd().split('\n')).toEqual([...archiveLines(db, THEN)]);
    } finally {
      clock.mockRestore();
      db.close();
    }
  });

  test('of a database in memory is its lines', () => {
    const db = openDatabase(':memory:');
    seedDemo(db);
    expect([...snapshotLines(db, THEN)]).toEqual([...archiveLines(db, THEN)]);
  });
});
