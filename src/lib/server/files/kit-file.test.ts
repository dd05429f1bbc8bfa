// A camera, a film and the filters travel to somebody else in a small file, and are there what they were here.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, test } from 'vitest';
import { readRecord } from '#schema/files/archive.ts';
import { openDatabase } from '../database/open.ts';
import { seedDemo } from '../demo/seed.ts';
import { repositoriesOf } from '../repositories.ts';
import { scanIntake } from '../scans/intake.ts';
import { importJobs } from './imports.ts';
import { kitLines, type KitPart } from './kit-file.ts';

const folder = mkdtempSync(join(tmpdir(), 'just-enough-kit-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));
const NOTHING: KitPart = { cameras: [], films: [], things: [], filters: false, revisions: 'newest' };
const WHEN = '2026-10-01T12:00:00.000Z';

function home(seeded: boolean) {
  const db = openDatabase(':memory:');
  if (seeded) seedDemo(db);
  const all = repositoriesOf(db);
  const intake = scanIntake(join(folder, 'scans'), all.scans, () => WHEN);
  const jobs = importJobs(db, join(folder, crypto.randomUUID()), intake);
  async function takeIn(text: string) {
    const started = await jobs.start('kit.jsonl', new Blob([text]).stream());
    const id = started?.id ?? '';
    await expect.poll(() => jobs.find(id)?.state).not.toBe('reading');
    const shown = jobs.find(id);
    return { shown, taken: shown?.state === 'ready' ? await jobs.take(id) : null };
  }
  return { db, ...all, takeIn };
}

describe('a part of the kit', () => {
  test('is there what it was here, told by name before it goes in', async () => {
    const [here, there] = [home(true), home(false)];
    const [camera] = here.cameras.list();
    const [film] = here.films.list();
    if (!camera || !film) throw new Error('nothing in the kit');
    const part = { ...NOTHING, cameras: [camera.value.id], films: [film.value.id], filters: true };
    const text = kitLines(here.db, part, WHEN).join('\n');
    const { shown, taken } = await there.takeIn(text);
    const filters = here.things.list().filter((t) => t.data.kind === 'filter');
    expect(filters.length).toBeGreaterThan(1);
    expect(shown?.names).toEqual([camera.value.name, film.value.name, ...filters.map((f) => f.name)]);
    expect(taken?.state).toBe('done');
    expect(there.cameras.list().map((c) => c.value)).toEqual([camera.value]);
    expect(there.films.list().map((f) => f.value)).toEqual([film.value]);
    expect(there.things.list()).toEqual(filters);
    // a second time nothing is new
    expect((await there.takeIn(text)).shown?.names).toEqual([]);
  });

  test('has the sheet of now, or all of them; every line is one of the published form', () => {
    const { db, cameras, revisions } = home(true);
    const many = cameras.list().find((c) => revisions.ofCamera(c.value.id).length > 1);
    const id = many?.value.id ?? cameras.list()[0]?.value.id ?? '';
    for (const asked of ['all', 'newest'] as const) {
      const [, line = ''] = kitLines(db, { ...NOTHING, cameras: [id], revisions: asked }, WHEN);
      const record = readRecord(line, (value) => value);
      if (!record.ok || record.value.kind !== 'camera') throw new Error('no camera');
      const wanted = asked === 'all' ? revisions.ofCamera(id).length : 1;
      expect(record.value.revisions).toHaveLength(wanted);
      expect(record.value.revisions.at(-1)?.camera).toEqual(revisions.ofCamera(id).at(-1)?.value);
      // where the levers stand here is nobody else's
      expect(record.value.stands).toEqual({});
    }
  });

  test('that is not there is no file', () => {
    const { db } = home(true);
    expect(kitLines(db, { ...NOTHING, cameras: ['none'], films: ['none'] }, WHEN)).toEqual([]);
    expect(kitLines(db, NOTHING, WHEN)).toEqual([]);
  });
});
