// Judging a film of a camera of which eight hundred frames were judged: what the page asks of the server.
import { momentAt } from '../src/core/sky/moment.ts';
import { TONES } from '../src/core/learn/judgement.ts';
import { NOTHING_ABOUT } from '../src/core/log/frame.ts';
import { positionCount } from '../src/core/camera/camera.ts';
import { openDatabase } from '../src/lib/server/database/open.ts';
import { seedDemo } from '../src/lib/server/demo/seed.ts';
import { pairOf } from '../src/lib/server/kit/pairs.ts';
import { judgeFilm } from '../src/lib/server/learn/judge-film.ts';
import { keepLines } from '../src/lib/server/learn/judged.ts';
import { logbook } from '../src/lib/server/log/logbook.ts';
import { repositoriesOf } from '../src/lib/server/repositories.ts';

const FRAMES = 800;
const PER_FILM = 36;
const BEGIN = Date.parse('2026-01-01T10:00:00Z');
const CAMERAS = ['demo-heron', 'demo-marigold', 'demo-corvane'] as const;

/** Median and longest of some times, ms. */
function times(work: () => void, runs: number): Record<string, string> {
  const all = Array.from({ length: runs }, () => {
    const from = performance.now();
    work();
    return performance.now() - from;
  });
  const [first = NaN] = all;
  const sorted = [...all].sort((a, b) => a - b);
  const say = (ms = NaN): string => `${ms.toFixed(0)} ms`;
  return { first: say(first), median: say(sorted[runs >> 1]), longest: say(sorted.at(-1)) };
}

const table: Record<string, Record<string, string>> = {};
for (const cameraId of CAMERAS) {
  const db = openDatabase(':memory:');
  seedDemo(db);
  const s = repositoriesOf(db);
  const log = logbook(db, () => momentAt(Date.parse('2027-01-01T00:00:00Z'), 'UTC'));
  const camera = s.cameras.find(cameraId)?.value;
  const filmId = s.loads.latestOf(cameraId)?.filmId;
  if (!camera || filmId === undefined) throw new Error(`the demo has no ${cameraId} with a film`);
  let seed = 7;
  const random = (n: number): number => (seed = (seed * 48271) % 2147483647) % n;
  s.together(() => {
    for (let i = 0; i < FRAMES; i++) {
      const loadId = `bench-${Math.floor(i / PER_FILM)}`;
      const at = momentAt(BEGIN + i * 3_600_000, 'UTC');
      if (i % PER_FILM === 0)
        s.loads.add({
          ...{ id: loadId, cameraId, filmId, framesTotal: PER_FILM, firstNumber: 1, loadedAt: at },
          ...{
            finishedAt: at,
            side: null,
            packFilter: null,
            development: null,
            lab: null,
            reel: null,
            remark: '',
            revision: 1
          }
        });
      const done = log.log(
        {
          ...{ id: `bench-frame-${i}`, loadId, number: 1 + (i % PER_FILM), takenAt: at, place: '', note: '' },
          light: { lv: 8 + random(80) / 10, sdStops: 0.6, contrast: 'normal', way: { kind: 'hand' } },
          choice: Object.fromEntries(camera.controls.map((c) => [c.id, random(positionCount(c))])),
          ...{
            guess: null,
            conditions: {},
            timedSeconds: null,
            heardSeconds: null,
            heardSdStops: null,
            series: null
          },
          ...{ about: NOTHING_ABOUT, cameraRevision: 0, filmRevision: 0 }
        },
        { finished: true }
      );
      if (!done.ok) throw new Error(done.refusal.reason);
      s.judgements.put({
        ...{ frameId: `bench-frame-${i}`, on: 'negative', faults: [], judgedAt: at, revision: 1 },
        outcome: { kind: 'tone', stops: TONES[random(TONES.length)] ?? 0 }
      });
    }
  });
  const load = s.loads.find('bench-3');
  const pair = load && pairOf(s, load);
  if (!load || !pair) throw new Error('the film was not stored');
  let judged = 0;
  // as the worker leaves it; the server then starts with nothing in its memory
  const from = performance.now();
  keepLines(s, cameraId);
  const worker = `${(performance.now() - from).toFixed(0)} ms`;
  const started = repositoriesOf(db);
  const again = times(() => judgeFilm(started, load, pair, Date.now()), 9);
  const more = times(() => {
    s.judgements.put({
      ...{ frameId: `bench-frame-${3 * PER_FILM + judged}`, on: 'negative', faults: [] },
      ...{ outcome: { kind: 'tone', stops: TONES[judged++ % TONES.length] ?? 0 }, revision: 1 },
      judgedAt: momentAt(BEGIN, 'UTC')
    });
    judgeFilm(started, load, pair, Date.now());
  }, 9);
  table[camera.name] = {
    'in the worker': worker,
    'since start': again['first'] ?? '',
    again: again['median'] ?? '',
    'after one more is judged': more['median'] ?? '',
    'of these the longest': more['longest'] ?? ''
  };
  db.close();
}
console.log(`\nJudging a film, ${FRAMES} frames of its camera judged`);
console.table(table);
