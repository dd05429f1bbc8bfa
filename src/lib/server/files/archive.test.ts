// The archive, out and in: what goes out comes back the same, and what is wrong is refused by its line with nothing done.
// Readers from outside: exiftool and exifreader for Exif, a general ZIP reader, Papa Parse for CSV, Ajv for the schema.
import { execFileSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Ajv2020 } from 'ajv/dist/2020.js';
import Database from 'better-sqlite3';
import ExifReader from 'exifreader';
import { XMLParser } from 'fast-xml-parser';
import { unzipSync, zipSync, strToU8 } from 'fflate';
import Papa from 'papaparse';
import sharp from 'sharp';
import { afterEach, describe, expect, test } from 'vitest';
import { archiveJsonSchema } from '#schema/files/archive-schema.ts';
import { ARCHIVE_SCHEMAS, readRecord } from '#schema/files/archive.ts';
import { openDatabase } from '../database/open.ts';
import { STARTING_LIGHT } from '#core/ways/choice.ts';
import { DEMO_FILMS } from '../demo/films.ts';
import { DEMO_CAMERAS } from '../demo/seed.ts';
import { seededDatabase } from '../demo/seeded.test.fixtures.ts';
import { framePictures } from '../log/frame-pictures.ts';
import { frameRepository } from '../log/frames.ts';
import { judgementRepository } from '../learn/judgements.ts';
import { scanIntake } from '../scans/intake.ts';
import { scanRepository } from '../scans/repository.ts';
import { harmless, unharmed } from './formats/csv/cells.ts';
import { likelyMapping, readCsv } from './formats/csv/csv.ts';
import { csvHeader, csvLine } from './formats/csv/write.ts';
import { withExif, xmpSidecar, type Written } from './exif.ts';
import { judgementWith } from '#core/log/frames.test.fixtures.ts';
import { archiveLines } from './export-rows.ts';
import type { ImportView } from './import-job.ts';
import { importJobs } from './imports.ts';
import { nameFault } from './formats/zip/unzip.ts';
import { zipStream } from './formats/zip/zip-out.ts';

const NOW = '2026-10-01T12:00:00.000Z';
/** A picture kept with a frame: the first bytes of a JPEG are enough to be carried. */
const PICTURE = { jpeg: '/9j/4AAQ', subjectStops: -1.25, phone: { offsetStops: 0.5, slope: 1.4 } } as const;
const folders: string[] = [];
afterEach(() => {
  for (const folder of folders.splice(0)) rmSync(folder, { recursive: true, force: true });
});

function home(demo: boolean) {
  const folder = mkdtempSync(join(tmpdir(), 'just-enough-book-'));
  folders.push(folder);
  const db = demo ? seededDatabase() : openDatabase(':memory:');
  if (demo) framePictures(db).put('demo-load-marigold-1', PICTURE);
  const intake = scanIntake(folder, scanRepository(db), () => NOW);
  return { db, folder, intake, jobs: importJobs(db, join(folder, 'incoming'), intake) };
}
type Home = ReturnType<typeof home>;

async function* bytesOf(data: Uint8Array | string) {
  yield typeof data === 'string' ? Buffer.from(data) : data;
  await Promise.resolve();
}

/** Sends a file in and waits until it is read. */
async function bring({ jobs }: Home, data: Uint8Array | string, name = 'archive.jsonl'): Promise<ImportView> {
  const begun = await jobs.start(name, bytesOf(data));
  if (!begun) throw new Error('too large');
  for (;;) {
    const view = jobs.find(begun.id);
    if (view && view.state !== 'reading') return view;
    await new Promise((next) => setTimeout(next, 5));
  }
}
const textOf = (db: Database.Database): string => [...archiveLines(db, NOW)].join('\n');

describe('the archive', () => {
  test('every line fits the published schema (Ajv, JSON Schema 2020-12)', () => {
    const check = new Ajv2020({ strict: false }).compile(archiveJsonSchema());
    for (const line of archiveLines(home(true).db, NOW)) expect(check(JSON.parse(line)), line).toBe(true);
    expect(check({ kind: 'frame' })).toBe(false);
  });

  test('comes back the same in an empty log, and changes nothing where all is there already', async () => {
    const from = home(true);
    const text = textOf(from.db);
    const to = home(false);
    const view = await bring(to, text);
    expect(view.faults).toEqual([]);
    expect(view.state).toBe('ready');
    expect(textOf(to.db).split('\n')).toHaveLength(1);
    expect((await to.jobs.take(view.id))?.state).toBe('done');
    expect(textOf(to.db)).toBe(text);
    const again = await bring(to, text);
    expect(again.counts.frame?.fresh).toBe(0);
    expect(again.counts.frame?.here).toBeGreaterThan(20);
    expect((await to.jobs.take(again.id))?.state).toBe('done');
    expect(textOf(to.db)).toBe(text);
  });

  test('done is said only when it is stored: another upload that breaks off takes nothing along', async () => {
    const from = home(true);
    const to = home(false);
    // one is on its way, another comes after it and is read; then the first breaks off
    let breakOff: (error: Error) => void = () => undefined;
    const broken = new Promise<Uint8Array>((_, fail) => (breakOff = fail));
    const first = to.jobs.start(
      'first.jsonl',
      (async function* () {
        yield Buffer.from('{"kind":"archive"');
        yield await broken;
      })()
    );
    const view = await bring(to, textOf(from.db), 'second.jsonl');
    expect(view.state).toBe('ready');
    breakOff(new Error('the line was cut'));
    await expect(first).rejects.toThrow('the line was cut');
    expect((await to.jobs.take(view.id))?.state).toBe('done');
    expect(textOf(to.db)).toBe(textOf(from.db));
  });

  test('what another program cleared away is not called done', async () => {
    const from = home(true);
    const to = home(false);
    const view = await bring(to, textOf(from.db));
    to.db.exec('delete from incoming.staged; delete from incoming.staged_frame');
    const taken = await to.jobs.take(view.id);
    expect(taken?.state).toBe('refused');
    expect(taken?.faults[0]?.why).toContain('Send the file again');
    expect(textOf(to.db).split('\n')).toHaveLength(1);
  });

  test('what was logged, judged or loaded here after the file was read is told by name, and nothing goes in', async () => {
    const from = home(true);
    const to = home(true);
    const frames = frameRepository(to.db);
    const gone = frames.find('demo-load-marigold-5');
    if (!gone) throw new Error('no frame');
    to.db.exec(
      "delete from frame_words where frame_id = 'demo-load-marigold-5'; delete from frame where id = 'demo-load-marigold-5'"
    );
    const view = await bring(to, textOf(from.db));
    expect(view.state).toBe('ready');
    frames.add({ ...gone, id: 'another' }, null);
    const before = textOf(to.db);
    const taken = await to.jobs.take(view.id);
    expect(taken?.state).toBe('refused');
    expect(taken?.faults.map((f) => f.why)).toEqual(['Frame 5 of its film was logged here meanwhile.']);
    expect(textOf(to.db)).toBe(before);
    expect(await to.jobs.take(view.id)).toBeNull();
  });

  test('random logs come back the same', { timeout: 3_600_000 }, async () => {
    // a few here for the time it takes; JUST_ARCHIVES=10000 tries more
    const archives = Number(process.env['JUST_ARCHIVES'] ?? 12);
    let seed = 20261001;
    const random = (): number => {
      seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0;
      return seed / 2 ** 32;
    };
    const LETTERS = ['a', 'Ö', '“', '\n', '\\', '"', ',', '=', '漢', '🎞', ' ', '\u2028', '<', '&'];
    const word = (): string =>
      Array.from(
        { length: Math.floor(random() * 9) },
        () => LETTERS[Math.floor(random() * LETTERS.length)]
      ).join('');
    const from = home(true);
    const to = home(false);
    const ids = from.db
      .prepare<[], { readonly id: string }>('select id from frame')
      .all()
      .map((r) => r.id);
    for (let i = 0; i < archives; i++) {
      const frames = frameRepository(from.db);
      for (const id of ids.filter(() => random() < 0.4)) {
        from.db
          .prepare('update frame set note = ?, light_lv = ?, series = ? where id = ?')
          .run(word(), random() * 26 - 8, random() < 0.2 ? word() : null, id);
        const tags = [...new Set([word(), word()].map((t) => t.replace(/[,\n]/g, '').trim()))].filter(
          (t) => t !== ''
        );
        const stored = frames.find(id);
        if (!stored) continue;
        frames.change({ ...stored, about: { subject: word(), reason: word(), tags } });
        if (random() < 0.2)
          judgementRepository(from.db).put(
            judgementWith({
              ...{ frameId: id, faults: random() < 0.5 ? ['blur'] : [] },
              ...(random() < 0.5 ? { grade: '3½' } : {})
            })
          );
        const now = frames.find(id);
        if (now && random() < 0.1) frames.change({ ...now, deletedAt: NOW });
      }
      const text = textOf(from.db);
      const dump = (db: Database.Database): unknown =>
        ['frame', 'frame_tag', 'frame_words', 'judgement', 'load', 'film'].map((t) =>
          db.prepare(`select * from ${t} order by 1, 2`).all()
        );
      to.db.exec(
        'delete from frame_picture; delete from judgement; delete from frame_words; delete from frame_tag; delete from frame; delete from load; delete from film_revision; delete from film; delete from thing; delete from camera_revision; delete from camera'
      );
      const view = await bring(to, text);
      expect(view.faults).toEqual([]);
      await to.jobs.take(view.id);
      expect(textOf(to.db)).toBe(text);
      expect(dump(to.db)).toEqual(dump(from.db));
    }
  });

  test('a frame read field by field is refused just when the schema refuses it as a whole', () => {
    const lines = textOf(home(true).db)
      .split('\n')
      .filter((line) => line.startsWith('{"kind":"frame"'));
    const WRONG = [null, '', 'x', -1, 0.5, 1e9, true, [], {}, { kind: 'hand' }, 'a'.repeat(3000)];
    let refused = 0;
    const check = (value: unknown): void => {
      const ok = ARCHIVE_SCHEMAS.frame.isValidSync(value, { strict: true });
      expect(readRecord(JSON.stringify(value)).ok, JSON.stringify(value)).toBe(ok);
      if (!ok) refused += 1;
    };
    const fieldsOf = (value: unknown): Record<string, unknown> =>
      typeof value === 'object' && value !== null ? { ...value } : {};
    lines.forEach((text, i) => {
      const line = fieldsOf(JSON.parse(text));
      const frame = fieldsOf(line['frame']);
      check(line);
      for (const key of Object.keys(frame)) {
        const wrong = WRONG[(i + key.length) % WRONG.length];
        check({ ...line, frame: { ...frame, [key]: wrong } });
        // what was taken as an object before is no object as a text
        check({ ...line, frame: { ...frame, [key]: JSON.stringify(frame[key]) } });
        // JSON leaves it out
        check({ ...line, frame: { ...frame, [key]: undefined } });
      }
      for (const key of ['deletedAt', 'frame'])
        check({ ...line, [key]: WRONG[(i + key.length) % WRONG.length] });
    });
    expect(refused).toBeGreaterThan(200);
  });

  test.each([
    [
      'a newer version',
      (t: string) => t.replace('"version":3', '"version":4'),
      1,
      /version 4; this program reads up to version 3/
    ],
    ['another format', (t: string) => t.replace('just-enough-archive', 'other'), 1, /no archive/],
    ['no JSON', (t: string) => t.replace(/\n\{"kind":"film"/, '\n{"kind":film'), 14, /not readable as JSON/],
    ['an unknown kind', (t: string) => t.replace('"kind":"film"', '"kind":"fish"'), 14, /one of the kinds/],
    ['a bad field', (t: string) => t.replace('"pUsable":0', '"pUsable":7'), null, /pUsable/],
    [
      'a film that is not there',
      (t: string) => t.replace('"filmId":"demo-lantern"', '"filmId":"nowhere"'),
      null,
      /names the film “nowhere”/
    ],
    [
      'a line that stands twice',
      (t: string) => `${t}\n${t.split('\n')[1] ?? ''}`,
      null,
      /stands in the file twice/
    ],
    ['nothing', () => '', 1, /empty/]
  ])('%s is refused by its line, and nothing is stored', async (_name, spoil, line, why) => {
    const to = home(false);
    const view = await bring(to, spoil(textOf(home(true).db)));
    expect(view.state).toBe('refused');
    expect(view.faults.map((f) => f.why).join('\n')).toMatch(why);
    if (line !== null) expect(view.faults[0]?.line).toBe(line);
    expect(await to.jobs.take(view.id)).toBeNull();
    expect(textOf(to.db).split('\n')).toHaveLength(1);
    expect(existsSync(join(to.folder, 'incoming', view.id))).toBe(false);
  });

  test('an archive of version 1 comes in: clocks and revisions that it did not keep are marked as doubts', async () => {
    const to = home(false);
    const [camera] = DEMO_CAMERAS;
    const [film] = DEMO_FILMS;
    if (!camera || !film) throw new Error('no demonstration');
    const at = '2025-05-01T10:00:00Z';
    const frame = {
      ...{
        id: 'frame-of-old',
        loadId: 'old-load',
        number: 1,
        loggedAt: at,
        light: STARTING_LIGHT,
        guess: null
      },
      ...{
        conditions: {},
        choice: {},
        deltaStops: 0.5,
        sdStops: 0.5,
        pUsable: 0.9,
        note: 'fog',
        series: null
      },
      ...{ timedSeconds: null, about: { subject: 'Quay', reason: '', tags: ['old'] } }
    };
    const lines = [
      { kind: 'book', format: 'just-enough-book', version: 1, writtenAt: at },
      { kind: 'camera', camera, addedAt: at, retiredAt: null, revision: 3, stands: {} },
      { kind: 'film', film, addedAt: at, deletedAt: null },
      {
        kind: 'load',
        load: {
          ...{ id: 'old-load', cameraId: camera.id, filmId: film.id, framesTotal: 12 },
          ...{ loadedAt: at, finishedAt: null, side: null }
        }
      },
      { kind: 'frame', frame, cameraRevision: 3, deletedAt: null },
      {
        kind: 'frame',
        frame: { ...frame, id: 'frame-before', number: 2 },
        cameraRevision: 1,
        deletedAt: null
      },
      {
        ...{ kind: 'judgement', frameId: 'frame-of-old', judgedAt: at },
        judgement: { on: 'print', outcome: { kind: 'tone', stops: 1 }, faults: [] }
      }
    ];
    const view = await bring(to, lines.map((line) => JSON.stringify(line)).join('\n'));
    expect(view.faults).toEqual([]);
    expect((await to.jobs.take(view.id))?.state).toBe('done');
    const frames = frameRepository(to.db).listByLoad('old-load');
    expect(frames.map((f) => f.doubts)).toEqual([['zone'], ['setting', 'zone']]);
    expect(frames[0]).toMatchObject({
      note: 'fog',
      cameraRevision: 3,
      takenAt: { at: '2025-05-01T10:00:00.000Z' }
    });
    expect(frames[0]?.set).toHaveLength(camera.controls.length);
    expect(judgementRepository(to.db).find('frame-of-old')).toMatchObject({ outcome: { stops: 1 } });
  });

  test('a CSV is read as UTF-16 and Windows-1252 too; an archive is UTF-8, and what is no text is refused', async () => {
    const to = home(false);
    const wide = await bring(to, Buffer.from('\uFEFFnumber,light,note\n1,12,Grüße\n', 'utf16le'), 'a.csv');
    expect(wide.state).toBe('mapping');
    expect(wide.csv?.sample[0]).toEqual({ number: '1', light: '12', note: 'Grüße' });
    const latin = await bring(to, Buffer.from('number,light,note\n1,12,Gr\xfc\xdfe\n', 'latin1'), 'a.csv');
    expect(latin.csv?.sample[0]?.['note']).toBe('Grüße');
    const archive = await bring(to, Buffer.from(`\uFEFF${textOf(to.db)}`, 'utf16le'));
    expect(archive.faults[0]?.why).toBe('An archive is UTF-8. Save the file as UTF-8.');
    const none = await bring(to, Buffer.from([1, 0, 2, 0, 3]));
    expect(none.faults[0]?.why).toMatch(/^The file is no text/);
  });

  test('an import is dropped, and another takes its place', async () => {
    const to = home(false);
    const view = await bring(to, textOf(home(true).db));
    expect(to.jobs.cancel(view.id)).toBe(true);
    expect(await to.jobs.take(view.id)).toBeNull();
    expect(existsSync(join(to.folder, 'incoming', view.id))).toBe(false);
  });
});

async function zipped(parts: Parameters<typeof zipStream>[0]): Promise<Uint8Array> {
  return new Uint8Array(await new Response(zipStream(parts)).arrayBuffer());
}
const picture = () => sharp({ create: { width: 40, height: 30, channels: 3, background: '#847a66' } });

describe('the ZIP', () => {
  async function withScan(from: Home): Promise<Uint8Array> {
    const taken = await from.intake.take(
      'demo-load-marigold',
      'one.jpg',
      bytesOf(await picture().jpeg().toBuffer())
    );
    if (!taken.ok) throw new Error(taken.error.fault);
    const path = from.intake.pathOf(taken.value, 'original');
    return zipped([
      { name: 'archive.jsonl', lines: archiveLines(from.db, NOW) },
      { name: `scans/${taken.value.id}.jpg`, path }
    ]);
  }

  test('is read by a general ZIP reader, and comes back with its scans byte for byte', async () => {
    const from = home(true);
    const zip = await withScan(from);
    const files = unzipSync(zip);
    expect(Buffer.from(files['archive.jsonl'] ?? []).toString()).toBe(`${textOf(from.db)}\n`);
    const to = home(false);
    const view = await bring(to, zip, 'archive.zip');
    expect(view.faults).toEqual([]);
    expect((await to.jobs.take(view.id))?.state).toBe('done');
    const [scan] = scanRepository(to.db).list();
    if (!scan) throw new Error('no scan');
    expect(readFileSync(to.intake.pathOf(scan, 'original'))).toEqual(
      Buffer.from(files[`scans/${scan.id}.jpg`] ?? [])
    );
    expect(existsSync(to.intake.pathOf(scan, 'thumb'))).toBe(true);
    expect(textOf(to.db)).toBe(textOf(from.db));
  });

  test.each(['../evil.jsonl', '/etc/passwd', 'scans\\..\\x.jpg', 'C:/x', 'scans/../../x.jpg', 'run.sh'])(
    'the name %s is refused',
    async (name) => {
      expect(nameFault(name)).not.toBeNull();
      const to = home(false);
      const view = await bring(
        to,
        zipSync({ [name]: strToU8('x'), 'archive.jsonl': strToU8(textOf(to.db)) }),
        'x.zip'
      );
      expect(view.state).toBe('refused');
    }
  );

  test('cut off, changed or without its scans it is refused, with nothing done', async () => {
    const from = home(true);
    const zip = await withScan(from);
    const files = unzipSync(zip);
    const scanName = Object.keys(files).find((n) => n.startsWith('scans/')) ?? '';
    const to = home(false);
    const tried = [
      zip.slice(0, zip.length / 2),
      zipSync({ ...files, [scanName]: strToU8('no picture') }),
      zipSync({ 'archive.jsonl': files['archive.jsonl'] ?? new Uint8Array() }),
      zipSync({ 'other.txt': strToU8('x') })
    ];
    for (const bad of tried) {
      const view = await bring(to, bad, 'x.zip');
      expect(view.state).toBe('refused');
      expect(scanRepository(to.db).list()).toEqual([]);
    }
  });
});

describe('CSV', () => {
  test('is read by a general reader, cell by cell (RFC 4180)', () => {
    const { db } = home(true);
    const frame = frameRepository(db).find('demo-load-marigold-1');
    if (!frame) throw new Error('no frame');
    const note = 'quotes " commas , and\r\nlines';
    const [head, row] = [
      csvHeader(),
      csvLine({ frame: { ...frame, note }, camera: null, film: null, judgement: null, development: null })
    ];
    const read = Papa.parse<Record<string, string>>(`${head}\r\n${row}\r\n`, {
      header: true,
      skipEmptyLines: true
    });
    expect(read.errors).toEqual([]);
    expect(read.data[0]?.['note']).toBe(note);
    expect(read.data[0]?.['light LV']).toBe(String(frame.light?.lv));
  });

  test.each([
    ...['=1+1', '+SUM(A1)', '-cmd|x', '@x', '\tx', '＝1'],
    // blanks and signs without width before it, and an apostrophe that was the person's own
    ...[' =1', '\u00a0=1', '\n=1', '\u200b@x', '\u3000＋1', '\ufeff=1', "'=1", "''-x"]
  ])('%j runs in no spreadsheet, and comes back as it was', (text) => {
    expect(harmless(text)).toBe(`'${text}`);
    expect(unharmed(harmless(text))).toBe(text);
  });
  test.each(['-0.33', '12', 'plain', "'quoted"])('%j is left alone', (text) => {
    expect(harmless(text)).toBe(text);
    expect(unharmed(text)).toBe(text);
  });

  test.each([
    ['half a quote', 'number,light\n1,"12', /quote/i],
    ['a row too long', 'number,light\n1,12,13', /has 3 cells/],
    ['two columns of one name', 'number,number\n1,2', /two columns named “number”/]
  ])('%s is told', (_name, text, why) => {
    expect(
      readCsv(text)
        .faults.map((f) => f.why)
        .join()
    ).toMatch(why);
  });

  test('rows become frames of a film by the columns named; one bad row and none does', async () => {
    const to = home(true);
    const film = 'demo-load-marigold';
    const { pairFrom } = await import('#core/log/pair.ts');
    const { cameraRepository } = await import('../kit/cameras.ts');
    const { filmRepository } = await import('../kit/films.ts');
    const { loadRepository } = await import('../kit/loads.ts');
    const load = loadRepository(to.db).find(film);
    const camera = load && cameraRepository(to.db).find(load.cameraId);
    const stock = load && filmRepository(to.db).find(load.filmId);
    if (!load || !camera || !stock) throw new Error('no pair');
    const pair = pairFrom({ load, camera, film: stock, frames: [], stands: null, last: null });
    const target = { pair, load, zone: 'UTC' };
    const text = (lv: string): string =>
      `No.;When;LV;Marks;What\r\n8;2026-09-13 10:15;12,5;sun · N · 5 m;Gulls\r\n9;2026-09-13;${lv};;=Bell\r\n`;
    const bad = await bring(to, text('bright'), 'x.csv');
    const mapping = { ...likelyMapping(bad.csv?.headers ?? []), set: 'Marks' };
    expect(mapping).toMatchObject({ number: 'No.', date: 'When', light: 'LV', subject: 'What' });
    expect((await to.jobs.map(bad.id, mapping, target))?.faults).toEqual([
      { line: 3, why: expect.stringMatching(/^light: “bright” is not a light reading/) as unknown }
    ]);
    expect(await to.jobs.take(bad.id)).toBeNull();
    const good = await bring(to, text('13'), 'x.csv');
    expect((await to.jobs.map(good.id, mapping, target))?.state).toBe('ready');
    expect((await to.jobs.take(good.id))?.state).toBe('done');
    const gulls = frameRepository(to.db)
      .listByLoad(film)
      .find((f) => f.number === 8);
    expect(gulls).toMatchObject({
      light: { lv: 12.5 },
      choice: { aperture: 0, focus: 2 },
      takenAt: { at: '2026-09-13T10:15:00.000Z', zone: 'UTC' }
    });
    expect(gulls?.about.subject).toBe('Gulls');
  });
});

describe('what is written into scans', () => {
  const about: Written = {
    ...{ seconds: 1 / 125, fNumber: 8, iso: 400, ms: Date.UTC(2026, 8, 12, 9, 24, 7), zone: 'Etc/GMT+2' },
    description: '3. Net mender · Marigold 6 · “cloud”, ∞'
  };

  test('Exif is read back by exifreader and by exiftool, and no other byte of the picture changed', async () => {
    const jpeg = await picture()
      .withExif({ IFD0: { Software: 'x' } })
      .jpeg()
      .toBuffer();
    const written = withExif(jpeg, about, 6, 'kept');
    const tags = ExifReader.load(written);
    expect(tags.ExposureTime?.value).toEqual([1, 125]);
    expect(tags.FNumber?.value).toEqual([8, 1]);
    expect(tags.ISOSpeedRatings?.value).toBe(400);
    expect(tags.DateTimeOriginal?.description).toBe('2026:09:12 07:24:07');
    expect(tags.Orientation.value).toBe(6);
    const [a, b] = await Promise.all([jpeg, written].map((data) => sharp(data).raw().toBuffer()));
    expect(b).toEqual(a);
    const from = (data: Buffer): Buffer => data.subarray(data.indexOf(Buffer.from([0xff, 0xdb])));
    expect(from(written).equals(from(jpeg))).toBe(true);

    const folder = mkdtempSync(join(tmpdir(), 'just-enough-exif-'));
    folders.push(folder);
    writeFileSync(join(folder, 'a.jpg'), written);
    writeFileSync(join(folder, 'a.xmp'), xmpSidecar(about));
    const said = (file: string): Record<string, unknown> =>
      (
        JSON.parse(
          execFileSync('exiftool', ['-json', '-n', '-charset', 'exif=utf8', join(folder, file)], {
            encoding: 'utf8'
          })
        ) as Record<string, unknown>[]
      )[0] ?? {};
    const exif = said('a.jpg');
    expect(exif).toMatchObject({
      ExposureTime: 0.008,
      FNumber: 8,
      ISO: 400,
      Orientation: 6,
      OffsetTimeOriginal: '-02:00'
    });
    expect(exif['ImageDescription']).toBe(about.description);
    expect(exif['Warning']).toBeUndefined();
    expect(said('a.xmp')).toMatchObject({
      ExposureTime: 0.008,
      FNumber: 8,
      ISO: 400,
      Description: about.description
    });
  });

  test('the sidecar is well-formed for a general XML reader', () => {
    const text = xmpSidecar({ ...about, description: 'a < b & "c"' });
    const read = JSON.stringify(new XMLParser({ ignoreAttributes: false }).parse(text));
    expect(read).toContain('a < b & \\"c\\"');
  });
});

test('frames are read quickly: what many share is checked once, and a changed part is still refused', () => {
  const line = [...archiveLines(home(true).db, NOW)].find((l) => l.startsWith('{"kind":"frame"')) ?? '';
  expect(readRecord(line).ok).toBe(true);
  expect(readRecord(line.replace(/"contrast":"\w+"/, '"contrast":"odd"')).ok).toBe(false);
});
