// What Shoot stores beside a frame: where controls stand, conditions, guesses, series, timed lengths; and a better light later.
import Database from 'better-sqlite3';
import { describe, expect, test } from 'vitest';
import { PLAIN } from '#core/error/circumstances.ts';
import { choiceFromReading, choiceFromShadow } from '#core/ways/choice.ts';
import type { Frame, NewFrame } from '#core/log/frame.ts';
import { newFrameWith } from '#core/log/frames.test.fixtures.ts';
import { moment } from '#core/sky/moment.ts';
import { cameraRepository } from '../kit/cameras.ts';
import { MIGRATIONS, openDatabase } from '../database/open.ts';
import { seedDemo } from '../demo/seed.ts';
import { frameRepository } from './frames.ts';
import { logbook } from './logbook.ts';
import { migrate } from '../database/migrate.ts';

function demo() {
  const db = openDatabase(':memory:');
  seedDemo(db);
  return {
    log: logbook(db, () => NOW),
    frames: frameRepository(db),
    cameras: cameraRepository(db)
  };
}
const NOW = moment('2026-09-13T10:00:00Z', 'Europe/Lisbon');
const frame = (more: Partial<NewFrame> = {}): NewFrame =>
  newFrameWith({
    ...{ id: 'frame-of-heron-1', loadId: 'demo-load-heron', takenAt: NOW },
    choice: { dial: 2, scene: 1, compensation: 0, focus: 0 },
    ...more
  });
const deltaOf = ({ expected }: Frame): number => expected?.deltaStops ?? NaN;

describe('a frame with all that was true of it', () => {
  test('comes back as it was', () => {
    const { log, frames } = demo();
    const whole = frame({
      guess: choiceFromShadow('soft'),
      conditions: {
        circumstances: {
          ...PLAIN,
          eyeOffsetStops: 1.5,
          filters: [{ name: 'Smoke', stops: 2, place: 'pack' }]
        },
        ...{ support: 'standing', scene: 'uneven', purpose: 'light-trails' },
        motion: { metresPerSecond: 1.4, way: 'across' }
      },
      ...{ series: 'a-series', timedSeconds: 8.4, about: { subject: '', reason: '', tags: [] } }
    });
    expect(log.log(whole).ok).toBe(true);
    const stored = frames.find(whole.id);
    expect(stored).toMatchObject({
      ...{ guess: whole.guess, conditions: whole.conditions },
      ...{ series: 'a-series', timedSeconds: 8.4, about: { subject: '', reason: '', tags: [] } }
    });
  });
  test('its conditions are in what was expected of it', () => {
    const { log } = demo();
    const plain = log.log(frame());
    const filtered = log.log(
      frame({
        ...{ id: 'frame-of-heron-2', number: 2 },
        conditions: { circumstances: { ...PLAIN, filters: [{ name: '', stops: 2, place: 'pack' }] } }
      })
    );
    if (!plain.ok || !filtered.ok) throw new Error('refused');
    expect(deltaOf(filtered.frame) - deltaOf(plain.frame)).toBeCloseTo(-2, 9);
  });
  test('a better light changes what was expected, and nothing else', () => {
    const { log, frames } = demo();
    const first = log.log(frame());
    if (!first.ok) throw new Error('refused');
    const reading = choiceFromReading('EV 9', { kind: 'ev', lv: 9, ev: 9, iso: 100 });
    const changed = log.change(frame().id, { number: 3, note: 'read again', light: reading });
    if (!changed.ok) throw new Error('refused');
    expect(deltaOf(changed.frame)).not.toBeCloseTo(deltaOf(first.frame), 1);
    expect(frames.find(frame().id)).toMatchObject({
      ...{ number: 3, note: 'read again', light: reading, choice: first.frame.choice },
      takenAt: first.frame.takenAt
    });
    expect(log.change(frame().id, { number: 3, note: 'same light' }).ok).toBe(true);
    expect(frames.find(frame().id)?.light).toEqual(reading);
  });
});

describe('where controls stand', () => {
  test('a logged frame leaves them where they were set; setting them says so', () => {
    const { log, cameras } = demo();
    expect(cameras.standsAt('demo-heron')).toBeNull();
    log.log(frame());
    expect(cameras.standsAt('demo-heron')).toMatchObject({ dial: 2, scene: 1 });
    expect(cameras.leaveAt('demo-heron', { dial: 0, scene: 0, compensation: 4, focus: 0 })).toBe(true);
    expect(cameras.standsAt('demo-heron')).toMatchObject({ compensation: 4 });
    expect(cameras.leaveAt('nobody', {})).toBe(false);
    expect(cameras.standsAt('nobody')).toBeNull();
  });
});

test('frames of an older database learn the new ways to light', () => {
  const all = MIGRATIONS;
  const db = new Database(':memory:');
  migrate(db, all.slice(0, 4));
  const ways = [
    { kind: 'shadow', clue: 'sharp', bright: true, backlit: false },
    { kind: 'reading', text: 'EV 12' },
    { kind: 'hand' }
  ];
  db.exec(`
    insert into camera (id, name, focal_mm, condition, formats, controls, program, bias_stops, traits, created_at)
      values ('c', 'c', 50, 'old', '["135"]', '[]', '{"kind":"manual"}', 0,
        '{"focusing":{"kind":"symbols"},"flash":{"kind":"none"},"transport":{"kind":"still"},"finder":{"rightMm":0,"upMm":0,"rightShare":0,"upShare":0},"toleranceStops":null,"repeats":false,"needsPackBattery":false,"perforations":[]}', '2026');
    insert into film (id, name, kind, iso, below_stops, above_stops, reciprocity, development_stops, age_stops, sd_stops, formats, frames, traits, created_at)
      values ('f', 'f', 'reversal', 100, 3, 2.5, '{"kind":"none"}', 0, 0, 0.2, '["135"]', 36, '{}', '2026');
    insert into load (id, camera_id, film_id, frames_total, loaded_at) values ('l', 'c', 'f', 36, '2026');`);
  ways.forEach((way, i) => {
    db.prepare(
      `insert into frame (id, load_id, number, logged_at, camera_revision, light_lv, light_sd_stops, light_way, contrast, choice, delta_stops, sd_stops, p_usable, note)
       values (?, 'l', ?, '2026', 1, 12, 0.3, ?, 'normal', '{}', 0, 0.3, 0.9, '')`
    ).run(`frame-${i}`, i + 1, JSON.stringify(way));
  });
  migrate(db, all);
  const frames = frameRepository(db).listByLoad('l');
  expect(frames.map((f) => f.light?.way)).toEqual([
    { ...ways[0], shaded: false, lowSun: 'no' },
    { ...ways[1], of: 'incident', elsewhere: false, meter: null },
    ways[2]
  ]);
  expect(frames.every((f) => f.guess === null && f.series === null && f.timedSeconds === null)).toBe(true);
  expect(cameraRepository(db).find('c')?.value.checks).toEqual([]);
  db.close();
});
