// A film goes out as a table and comes back whole: how each frame was taken and judged, and how the film was developed.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, expect, test } from 'vitest';
import { PLAIN } from '#core/error/circumstances.ts';
import { SUPPORTS, type Conditions } from '#core/error/situation.ts';
import { FAULTS, TONES, type Judgement } from '#core/learn/judgement.ts';
import { frameWith, loadWith } from '#core/log/frames.test.fixtures.ts';
import type { Frame } from '#core/log/frame.ts';
import type { Development, Load } from '#core/log/load.ts';
import { pairFrom } from '#core/log/pair.ts';
import { seeded } from '#core/numeric/seeded.ts';
import { moment } from '#core/sky/moment.ts';
import { choiceFromShadow } from '#core/ways/choice.ts';
import { seededDatabase } from '../../../demo/seeded.test.fixtures.ts';
import { repositoriesOf } from '../../../repositories.ts';
import { scanIntake } from '../../../scans/intake.ts';
import { importJobs } from '../../imports.ts';
import { likelyMapping } from './csv.ts';
import { csvHeader, csvLine } from './write.ts';

const folder = mkdtempSync(join(tmpdir(), 'just-enough-kept-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));
const NOON = moment('2026-09-01T12:00:00.000Z', 'Europe/Oslo');
let random = seeded(29);
const oneOf = <T>(all: readonly T[]): T => all[Math.floor(random.between(0, all.length))] as T;
const POURED: Development = {
  ...{ developer: 'Umber', dilution: '1+31', minutes: 9.5, temperatureC: 20, shiftStops: 1 }
};

function conditions(): Conditions {
  return {
    ...(random.between(0, 1) < 0.5 ? { support: oneOf(SUPPORTS) } : {}),
    ...(random.between(0, 1) < 0.3 ? { motion: { metresPerSecond: 1.4, way: 'across' } } : {}),
    ...(random.between(0, 1) < 0.3 ? { trails: { from: 2, to: 30 } } : {}),
    ...(random.between(0, 1) < 0.5
      ? {
          circumstances: {
            ...{ ...PLAIN, subjectM: 3, flash: { kind: 'off' } as const },
            filters: [{ name: 'Grey, “8”', stops: 3, place: 'lens' as const }]
          }
        }
      : {})
  };
}

function house() {
  const db = seededDatabase();
  const all = repositoriesOf(db);
  const like = all.loads.find('demo-load-marigold');
  const camera = like && all.cameras.find(like.cameraId);
  const film = like && all.films.find(like.filmId);
  if (!camera || !film) throw new Error('no pair');
  const add = (part: Partial<Load>): Load => {
    const load = loadWith({
      ...{ cameraId: camera.value.id, filmId: film.value.id, framesTotal: 36 },
      ...{ loadedAt: NOON, finishedAt: NOON, ...part }
    });
    all.loads.add(load);
    return load;
  };
  const intake = scanIntake(folder, all.scans, () => NOON.at);
  const jobs = importJobs(db, join(folder, crypto.randomUUID()), intake);
  /** Reads a table as frames of a load. */
  const map = async (text: string, load: Load) => {
    // eslint-disable-next-line @typescript-eslint/require-await -- as it comes in
    const bytes = async function* () {
      yield Buffer.from(text);
    };
    const id = (await jobs.start('table.csv', bytes()))?.id ?? '';
    await expect.poll(() => jobs.find(id)?.state).toBe('mapping');
    const pair = pairFrom({ load, camera, film, frames: [], stands: null, last: null });
    const view = await jobs.map(id, likelyMapping(csvHeader().split(',')), { pair, load, zone: 'UTC' });
    return { id, view };
  };
  /** Ten frames with all that can be said of them, as rows. */
  const rows = (development: Development | null) => {
    random = seeded(29);
    return Array.from({ length: 10 }, (_, i) => {
      const frame: Frame = frameWith(camera.value, film.value, {
        ...{ id: `f${i}`, number: i + 1, light: choiceFromShadow('soft'), conditions: conditions() },
        ...{ takenAt: NOON, series: i < 3 ? 'a bracket' : null, heardSeconds: 0.5, heardSdStops: 0.125 }
      });
      const judgement: Judgement | null =
        i % 2 === 0
          ? null
          : {
              ...{
                frameId: frame.id,
                on: 'print' as const,
                revision: 2,
                judgedAt: NOON,
                faults: [oneOf(FAULTS)]
              },
              outcome:
                i % 3 === 0 ? { kind: 'tone', stops: oneOf(TONES) } : { kind: 'word', word: 'too-dark' }
            };
      return { frame, judgement, line: csvLine({ frame, camera: null, film: null, judgement, development }) };
    });
  };
  return { ...all, add, map, rows, jobs };
}
const table = (lines: readonly { readonly line: string }[]): string =>
  [csvHeader(), ...lines.map(({ line }) => line)].join('\r\n');

test('support, filters, flash, movement, brackets, heard times, judgements and the development come back', async () => {
  const { add, map, rows, jobs, frames, judgements, loads } = house();
  const to = add({ id: 'to' });
  const out = rows(POURED);
  const { id, view } = await map(table(out), to);
  expect(view?.faults).toEqual([]);
  expect(view?.csv?.developed).toBe('Umber 1+31, 9.5 min, 20 °C, +1 stop');
  expect((await jobs.take(id))?.state).toBe('done');
  expect(loads.find('to')?.development).toEqual(POURED);
  const back = frames.listByLoad('to');
  expect(back).toHaveLength(out.length);
  for (const { frame, judgement } of out) {
    const own = back.find(({ number }) => number === frame.number);
    if (!own) throw new Error(`frame ${frame.number} is lost`);
    const { conditions: held, series, heardSeconds, heardSdStops } = own;
    expect({ held, series, heardSeconds, heardSdStops }).toEqual({
      ...{ held: frame.conditions, series: frame.series },
      ...{ heardSeconds: frame.heardSeconds, heardSdStops: frame.heardSdStops }
    });
    const said = judgements.ofFrames([own.id])[0] ?? null;
    expect(said).toEqual(judgement && { ...judgement, frameId: own.id });
  }
  expect(jobs.taken(id)?.developed).toBe('to');
});

test('what a frame was expected to be goes by the development that comes with it', async () => {
  const { add, map, rows, jobs, frames } = house();
  const [pushed, plain] = [add({ id: 'pushed' }), add({ id: 'plain' })];
  for (const [load, development] of [
    [pushed, POURED],
    [plain, null]
  ] as const)
    await jobs.take((await map(table(rows(development)), load)).id);
  const stops = (id: string): number => frames.listByLoad(id)[0]?.expected?.deltaStops ?? NaN;
  expect(stops('pushed') - stops('plain')).toBeCloseTo(1, 1);
});

test.each<[string, Partial<Load>, (lines: readonly string[]) => readonly string[], RegExp]>([
  [
    'rows that disagree',
    {},
    (l) => [...l.slice(0, 9), (l[9] ?? '').replace('1+31""', '1+15""')],
    /otherwise than in line 2/
  ],
  ['a film in the camera', { finishedAt: null }, (l) => l, /still in the camera/],
  [
    'a film that was developed otherwise',
    { development: { ...POURED, minutes: 5 } },
    (l) => l,
    /otherwise than is noted with this film/
  ],
  [
    'a spoiled cell',
    {},
    (l) => l.map((x) => x.replace('""shiftStops"":1', '""shiftStops"":""much""')),
    /development as kept: “/
  ],
  [
    'a spoiled judgement',
    {},
    (l) => l.map((x) => x.replace('""too-dark""', '""gone""')),
    /judgement as kept: “/
  ],
  [
    'spoiled conditions',
    {},
    (l) => l.map((x) => x.replace('{""support"":""', '{""support"":""x')),
    /conditions as kept: “/
  ]
])('%s: refused by line, nothing is stored', async (_, part, spoil, why) => {
  const { add, map, rows, jobs, frames, loads, cameras } = house();
  // one film at a time is in a camera
  const open = loads.openOf(add({ id: 'seen' }).cameraId);
  if (open && part.finishedAt === null) loads.change({ ...open, finishedAt: NOON });
  const to = add({ id: 'to', ...part });
  expect(cameras.list().length).toBeGreaterThan(0);
  const lines = spoil(rows(POURED).map(({ line }) => line));
  const { id, view } = await map(table(lines.map((line) => ({ line }))), to);
  expect(view?.state).toBe('refused');
  expect(view?.faults.map((f) => f.why).join('\n')).toMatch(why);
  expect(await jobs.take(id)).toBeNull();
  expect(frames.listByLoad('to')).toEqual([]);
  expect(loads.find('to')?.development ?? null).toEqual(part.development ?? null);
});

test('a development noted meanwhile is not overwritten', async () => {
  const { add, map, rows, jobs, frames, loads } = house();
  const to = add({ id: 'to' });
  const { id } = await map(table(rows(POURED)), to);
  const other = { ...POURED, minutes: 4 };
  loads.change({ ...to, development: other });
  expect((await jobs.take(id))?.faults[0]?.why).toMatch(/noted here meanwhile/);
  expect(loads.find('to')?.development).toEqual(other);
  expect(frames.listByLoad('to')).toEqual([]);
});

test('a push that is planned comes to a film in the camera; what was poured does not', async () => {
  const { add, map, rows, jobs, loads } = house();
  const open = loads.openOf(add({ id: 'seen' }).cameraId);
  if (open) loads.change({ ...open, finishedAt: NOON });
  const to = add({ id: 'to', finishedAt: null });
  const planned = { developer: '', dilution: '', minutes: null, temperatureC: null, shiftStops: 1 };
  const { id, view } = await map(table(rows(planned)), to);
  expect(view?.faults).toEqual([]);
  expect(view?.csv?.developed).toBe('+1 stop');
  expect((await jobs.take(id))?.state).toBe('done');
  expect(loads.find('to')?.development).toEqual(planned);
});
