// Logs of a thousand, ten thousand and a hundred thousand frames, in folders of their own under the one that BENCH_FOLDER names, for a
// server to be measured with; beside them the list of the places.
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { openDatabase } from '../src/lib/server/database/open.ts';
import { seedDemo } from '../src/lib/server/demo/seed.ts';
import { PLACES } from '../src/lib/ui/places/places.ts';
import { addFrames } from './long-log.ts';

const folder = process.env['BENCH_FOLDER'] ?? '.';
for (const frames of [1000, 10_000, 100_000]) {
  const db = openDatabase(join(folder, String(frames), 'just-enough.sqlite'));
  seedDemo(db);
  addFrames(db, frames);
  db.close();
}
writeFileSync(join(folder, 'places.json'), JSON.stringify(PLACES.map(({ name, path }) => [name, path])));
