// The log with a hundred thousand frames: searches against the bare query. Leaves that database, and pictures to be sent, in the
// folder that BENCH_FOLDER names, for a server to be measured with.
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import sharp from 'sharp';
import { openDatabase } from '../src/lib/server/database/open.ts';
import { seedDemo } from '../src/lib/server/demo/seed.ts';
import { fewSql, frameSearch, searchSql } from '../src/lib/server/log/frame-search.ts';
import { addFrames } from './long-log.ts';
import { NO_FILTER, type FrameFilter } from '../src/lib/schema/log/frame-filter.ts';

const FRAMES = 100_000;
const folder = process.env['BENCH_FOLDER'] ?? '.';
const percentile = (all: readonly number[], p: number): number =>
  [...all].sort((a, b) => a - b)[Math.min(all.length - 1, Math.floor(all.length * p))] ?? NaN;

const db = openDatabase(join(folder, 'just-enough.sqlite'));
seedDemo(db);
addFrames(db, FRAMES);

const nothing: FrameFilter = NO_FILTER;
const middle = db
  .prepare<[], { taken_at: string; id: string }>(
    "select taken_at, id from frame where id = 'bench-frame-50000'"
  )
  .get();
const SEARCHES: readonly (readonly [string, FrameFilter])[] = [
  ['first page', nothing],
  ['a page in the middle', { ...nothing, after: { takenAt: middle?.taken_at ?? '', id: middle?.id ?? '' } }],
  ['one camera', { ...nothing, cameraId: 'demo-heron' }],
  ['one film', { ...nothing, filmId: 'demo-lantern' }],
  ['light', { ...nothing, fromLv: 12, toLv: 12.2 }],
  ['a month', { ...nothing, fromDay: '2019-03-01', toDay: '2019-03-31' }],
  ['too dark', { ...nothing, verdict: 'dark' }],
  ['faulty', { ...nothing, verdict: 'faulty' }],
  ['not judged', { ...nothing, verdict: 'unjudged' }],
  ['a tag', { ...nothing, tag: 'tag 12' }],
  ['words, rare', { ...nothing, words: 'note 976 harbour' }],
  ['words that are nowhere', { ...nothing, words: 'lighthouse keeper' }],
  ['all at once', { ...nothing, cameraId: 'demo-heron', fromLv: 8, verdict: 'light', words: 'mill' }]
];
const search = frameSearch(db);
const table: Record<string, Record<string, string>> = {};
for (const [name, filter] of SEARCHES) {
  const { sql, values } = searchSql(filter, 61, search.few(filter));
  const [ours, bare]: [number[], number[]] = [[], []];
  for (let i = 0; i < 40; i++) {
    let from = performance.now();
    search.find(filter, 60);
    ours.push(performance.now() - from);
    from = performance.now();
    for (const few of fewSql(filter))
      db.prepare(few.sql)
        .raw()
        .all(...few.values);
    db.prepare(sql)
      .raw()
      .all(...values);
    bare.push(performance.now() - from);
  }
  const half = percentile(ours, 0.5);
  table[name] = {
    'median, ms': half.toFixed(1),
    'p95, ms': percentile(ours, 0.95).toFixed(1),
    'median of the bare query, ms': percentile(bare, 0.5).toFixed(1),
    ratio: (half / percentile(bare, 0.5)).toFixed(2)
  };
}
db.close();
console.log(`${FRAMES} frames:`);
console.table(table);

const SIZE = { width: 4000, height: 3000 };
const noise = await sharp({
  create: { ...SIZE, channels: 3, background: '#808080', noise: { type: 'gaussian', mean: 128, sigma: 30 } }
})
  .blur(3)
  .raw()
  .toBuffer();
// the same piece of memory is another picture each time
sharp.cache(false);
for (const type of ['jpeg', 'tiff', 'png'] as const) {
  for (let i = 0; i < 40; i++) {
    // each file another one
    noise.fill(i * 6, 0, 30_000);
    const picture = sharp(noise, { raw: { ...SIZE, channels: 3 } }).toFormat(
      type,
      type === 'png' ? { compressionLevel: 3 } : type === 'tiff' ? { compression: 'lzw' } : {}
    );
    writeFileSync(join(folder, `${i}.${type}`), await picture.toBuffer());
  }
}
