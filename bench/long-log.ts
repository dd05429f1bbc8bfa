// A log of many years, made at once: the demonstration's kit and films, over and over, with frames, words, tags, judgements and the
// rows of scans.
import type { openDatabase } from '../src/lib/server/database/open.ts';

const PER_FILM = 36;
/** A film is begun so many seconds after the one before, and a frame taken so many after the one before. */
const [FILM_S, FRAME_S] = [130_000, 600];

/**
 * Adds frames to a database that has the demonstration's kit and films. Half of them are judged, a third has a tag, one in fifty a
 * scan. Their ids are `bench-frame-0` and on, their films’ `bench-0` and on.
 * @param frames how many
 */
export function addFrames(db: ReturnType<typeof openDatabase>, frames: number): void {
  const films = Math.ceil(frames / PER_FILM);
  const taken = `1400000000 + (i / ${PER_FILM}) * ${FILM_S} + (i % ${PER_FILM}) * ${FRAME_S}`;
  db.transaction(() => {
    db.exec(`
      -- what has frames is repeated: each with its own camera's marks
      create temp table source as
        select row_number() over (order by load.id) - 1 as k, load.id as load_id, load.camera_id, load.film_id, count(*) as frames
        from load join frame on frame.load_id = load.id group by load.id;
      create temp table example as
        select load_id, row_number() over (partition by load_id order by number) - 1 as place, id from frame;
      with recursive n(i) as (select 0 union all select i + 1 from n where i < ${films - 1})
      insert into load (id, camera_id, film_id, frames_total, loaded_at, loaded_zone, finished_at, finished_zone, side)
      select 'bench-' || i, camera_id, film_id, ${PER_FILM},
        strftime('%Y-%m-%dT%H:%M:%SZ', 1400000000 + i * ${FILM_S}, 'unixepoch'), 'UTC',
        strftime('%Y-%m-%dT%H:%M:%SZ', 1400000000 + i * ${FILM_S} + 90000, 'unixepoch'), 'UTC', null
      from n join source on k = i % (select count(*) from source);
      with recursive n(i) as (select 0 union all select i + 1 from n where i < ${frames - 1})
      insert into frame (id, load_id, number, taken_at, taken_zone, taken_day, camera_revision, film_revision, set_marks, light_lv,
        light_sd_stops, light_way, contrast, guess, conditions, choice, delta_stops, sd_stops, p_usable, note, series, timed_seconds,
        subject, reason)
      select 'bench-frame-' || i, 'bench-' || (i / ${PER_FILM}), 1 + i % ${PER_FILM},
        strftime('%Y-%m-%dT%H:%M:%SZ', ${taken}, 'unixepoch'), 'UTC', strftime('%Y-%m-%d', ${taken}, 'unixepoch'),
        camera_revision, film_revision, set_marks, 4 + (i * 7919 % 1200) / 100.0, 0.5, light_way, contrast, guess, conditions, choice, delta_stops, sd_stops,
        p_usable, 'note ' || (i * 31 % 977) || ' by the ' || case i % 5 when 0 then 'harbour' when 1 then 'mill' else 'road' end,
        null, null, 'subject ' || (i % 400), ''
      from n join source on k = i / ${PER_FILM} % (select count(*) from source)
        join example on example.load_id = source.load_id and example.place = i % ${PER_FILM} % source.frames join frame on frame.id = example.id;
      drop table source;
      drop table example;
      insert into frame_words (frame_id, words) select id, note || ' · ' || subject from frame where id like 'bench-%';
      insert into frame_tag (frame_id, tag, place)
      select id, 'tag ' || (length(id) * number % 40), 0 from frame where id like 'bench-%' and number % 3 = 0;
      insert into judgement (frame_id, judged_on, outcome, faults, judged_at)
      select id, 'print', json_object('kind', 'tone', 'stops', number % 5 - 2), case when number % 7 = 0 then '["blur"]' else '[]' end,
        taken_at
      from frame where id like 'bench-%' and number % 2 = 0;
      insert into scan (id, load_id, frame_id, name, type, bytes, width, height, sha256, middle, dark_share, light_share, added_at)
      select 'scan-' || id, load_id, id, 'scan ' || number || '.jpg', 'jpeg', 3000000, 4000, 3000, lower(hex(randomblob(32))), 0.4, 0.1,
        0.1, taken_at
      from frame where id like 'bench-%' and rowid % 50 = 0;
      analyze;`);
  })();
}
