// The log with a hundred thousand frames: searches against the bare query, a book in and out, and forty scans at once.
import { createWriteStream, mkdtempSync, createReadStream, rmSync, statSync } from 'node:fs';
import { once } from 'node:events';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { bookLines } from '../src/lib/server/book/export-rows.ts';
import { importDesk } from '../src/lib/server/book/imports.ts';
import { openDatabase } from '../src/lib/server/db.ts';
import { seedDemo } from '../src/lib/server/demo/seed.ts';
import { frameSearch, searchSql, type FrameSearch } from '../src/lib/server/frame-search.ts';
import { scanIntake } from '../src/lib/server/scans/intake.ts';
import { scanRepository } from '../src/lib/server/scans/repository.ts';

const FRAMES = 100_000;
const PER_FILM = 36;
const folder = mkdtempSync(join(tmpdir(), 'just-enough-bench-log-'));
const now = (): string => new Date().toISOString();
const percentile = (all: readonly number[], p: number): number =>
  [...all].sort((a, b) => a - b)[Math.min(all.length - 1, Math.floor(all.length * p))] ?? NaN;
const mb = (bytes: number): string => `${(bytes / 1024 / 1024).toFixed(0)} MB`;
const megabytesNow = (): string => mb(process.memoryUsage().rss);

const db = openDatabase(join(folder, 'log.sqlite'));
seedDemo(db);
db.transaction(() => {
  db.exec(`
    with recursive n(i) as (select 0 union all select i + 1 from n where i < ${Math.ceil(FRAMES / PER_FILM)})
    insert into load (id, camera_id, film_id, frames_total, loaded_at, finished_at, side)
    select 'bench-' || i, camera_id, film_id, ${PER_FILM},
      strftime('%Y-%m-%dT%H:%M:%SZ', 1400000000 + i * 130000, 'unixepoch'),
      strftime('%Y-%m-%dT%H:%M:%SZ', 1400000000 + i * 130000 + 90000, 'unixepoch'), null
    from n join load on load.rowid = 1 + i % 12;
    with recursive n(i) as (select 0 union all select i + 1 from n where i < ${FRAMES - 1})
    insert into frame (id, load_id, number, logged_at, camera_revision, light_lv, light_sd_stops, light_way, contrast, guess,
      conditions, choice, delta_stops, sd_stops, p_usable, note, series, timed_seconds, subject, reason)
    select 'bench-frame-' || i, 'bench-' || (i / ${PER_FILM}), 1 + i % ${PER_FILM},
      strftime('%Y-%m-%dT%H:%M:%SZ', 1400000000 + (i / ${PER_FILM}) * 130000 + (i % ${PER_FILM}) * 600, 'unixepoch'),
      1, 4 + (i * 7919 % 1200) / 100.0, 0.5, light_way, contrast, guess, conditions, choice, delta_stops, sd_stops, p_usable,
      'note ' || (i * 31 % 977) || ' by the ' || case i % 5 when 0 then 'harbour' when 1 then 'mill' else 'road' end,
      null, null, 'subject ' || (i % 400), ''
    from n join frame on frame.id = 'demo-load-marigold-' || (1 + i % 5);
    insert into frame_words (frame_id, words) select id, note || ' · ' || subject from frame where id like 'bench-%';
    insert into frame_tag (frame_id, tag, place) select id, 'tag ' || (length(id) * number % 40), 0 from frame where id like 'bench-%' and number % 3 = 0;
    insert into judgement (frame_id, judged_on, outcome, faults, judged_at)
    select id, 'print', json_object('kind', 'tone', 'stops', number % 5 - 2), case when number % 7 = 0 then '["blur"]' else '[]' end, logged_at
    from frame where id like 'bench-%' and number % 2 = 0;
    analyze;`);
})();

const nothing: FrameSearch = {
  ...{ words: '', cameraId: null, filmId: null, loadId: null, fromDay: null, toDay: null, fromLv: null },
  ...{ toLv: null, verdict: null, tag: null, trash: false, after: null, from: null, until: null }
};
const middle = db
  .prepare<[], { logged_at: string; id: string }>(
    "select logged_at, id from frame where id = 'bench-frame-50000'"
  )
  .get();
const SEARCHES: readonly (readonly [string, FrameSearch])[] = [
  ['first page', nothing],
  [
    'a page in the middle',
    { ...nothing, after: { loggedAt: middle?.logged_at ?? '', id: middle?.id ?? '' } }
  ],
  ['one camera', { ...nothing, cameraId: 'demo-heron' }],
  ['one film', { ...nothing, filmId: 'demo-lantern' }],
  ['light', { ...nothing, fromLv: 12, toLv: 12.2 }],
  ['a month', { ...nothing, from: '2019-03-01T00:00:00Z', until: '2019-04-01T00:00:00Z' }],
  ['too dark', { ...nothing, verdict: 'dark' }],
  ['faulty', { ...nothing, verdict: 'faulty' }],
  ['not judged', { ...nothing, verdict: 'unjudged' }],
  ['a tag', { ...nothing, tag: 'tag 12' }],
  ['words, rare', { ...nothing, words: 'note 976 harbour' }],
  ['words that are nowhere', { ...nothing, words: 'lighthouse keeper' }],
  ['all at once', { ...nothing, cameraId: 'demo-heron', fromLv: 8, verdict: 'light', words: 'mill' }]
];
const search = frameSearch(db);
console.log(`log: ${FRAMES} frames, ${megabytesNow()}`);
for (const [name, filter] of SEARCHES) {
  const { sql, values } = searchSql(filter, 61, /rare|nowhere/.test(name));
  const [ours, bare]: [number[], number[]] = [[], []];
  for (let i = 0; i < 40; i++) {
    let from = performance.now();
    search.find(filter, 60);
    ours.push(performance.now() - from);
    from = performance.now();
    db.prepare(sql)
      .raw()
      .all(...values);
    bare.push(performance.now() - from);
  }
  const [a, b] = [percentile(ours, 0.95), percentile(bare, 0.95)];
  console.log(
    `  ${name}: p95 ${a.toFixed(1)} ms, bare query ${b.toFixed(1)} ms, ratio of medians ${(percentile(ours, 0.5) / percentile(bare, 0.5)).toFixed(2)}`
  );
}

const book = join(folder, 'book.jsonl');
let from = performance.now();
const out = createWriteStream(book);
for (const line of bookLines(db, now())) if (!out.write(`${line}\n`)) await once(out, 'drain');
out.end();
await once(out, 'finish');
console.log(
  `book out: ${mb(statSync(book).size)} in ${((performance.now() - from) / 1000).toFixed(1)} s, ${megabytesNow()}`
);
db.close();

const fresh = openDatabase(join(folder, 'fresh.sqlite'));
const intake = scanIntake(join(folder, 'scans'), scanRepository(fresh), now);
const desk = importDesk(fresh, join(folder, 'scans', 'incoming'), intake);
let [peak, longest, beat] = [0, 0, performance.now()];
const pulse = setInterval(() => {
  peak = Math.max(peak, process.memoryUsage().rss);
  longest = Math.max(longest, performance.now() - beat);
  beat = performance.now();
}, 5);
from = performance.now();
const begun = await desk.start('book.jsonl', createReadStream(book));
const id = begun?.id ?? '';
while (desk.find(id)?.state === 'reading') await new Promise((next) => setTimeout(next, 20));
const read = performance.now() - from;
const blockedReading = longest;
const taking = performance.now();
desk.take(id);
const took = performance.now() - taking;
const view = desk.find(id);
await new Promise((next) => setTimeout(next, 20));
console.log(
  `book in: ${view?.counts.frame?.fresh ?? 0} frames ${view?.state ?? ''}, read in ${(read / 1000).toFixed(1)} s (longest pause ${blockedReading.toFixed(0)} ms), taken in ${(took / 1000).toFixed(1)} s, peak ${mb(peak)}`
);

const SIZE = { width: 4000, height: 3000 };
const noise = await sharp({
  create: { ...SIZE, channels: 3, background: '#808080', noise: { type: 'gaussian', mean: 128, sigma: 30 } }
})
  .blur(3)
  .raw()
  .toBuffer();
const fileOf = (type: 'jpeg' | 'png' | 'tiff', i: number): Promise<Buffer> => {
  // each file another one
  noise[i] = ((noise[i] ?? 0) + 64) % 256;
  return sharp(noise, { raw: { ...SIZE, channels: 3 } })
    .toFormat(type, type === 'png' ? { compressionLevel: 3 } : type === 'tiff' ? { compression: 'lzw' } : {})
    .toBuffer();
};
const loadId = 'demo-load-marigold';
for (const type of ['jpeg', 'tiff', 'png'] as const) {
  const files: string[] = [];
  for (let i = 0; i < 40; i++) {
    const path = join(folder, `${type}-${i}`);
    const writing = createWriteStream(path);
    writing.end(await fileOf(type, i));
    await once(writing, 'finish');
    files.push(path);
  }
  [longest, peak, beat] = [0, 0, performance.now()];
  const pauses: number[] = [];
  const page = setInterval(() => {
    const asked = performance.now();
    setImmediate(() => pauses.push(performance.now() - asked));
  }, 10);
  from = performance.now();
  const taken = await Promise.all(
    files.map((path, i) => intake.take(loadId, `${i}.${type}`, createReadStream(path)))
  );
  const seconds = (performance.now() - from) / 1000;
  clearInterval(page);
  console.log(
    `40 ${type} of 12 megapixels: ${seconds.toFixed(1)} s, taken ${taken.filter((t) => t.ok).length}, longest pause ${longest.toFixed(0)} ms, peak ${mb(peak)}`
  );
}
clearInterval(pulse);
fresh.close();
rmSync(folder, { recursive: true, force: true });
