import { fail } from '@sveltejs/kit';
import type { Load } from '#core/log/load.ts';
import { wallClock } from '#core/sky/wall-clock.ts';
import { readWrittenUp } from '#schema/log/roll-entry.ts';
import { filmLines } from '#server/log/film-lines.ts';
import { textsOf } from '#server/http/form.ts';
import { filmAskedOrLatest } from '#server/kit/in-use.ts';
import { pairOf } from '#server/kit/pairs.ts';
import { explainLogRefusal } from '#server/http/problem.ts';
import { serverNow, store } from '#server/store.ts';
import type { Actions, PageServerLoad } from './$types';

/** The pair as it was while the film was shot: its camera may have been changed since. */
function pairThen(load: Load) {
  const s = store();
  const pair = pairOf(s, load);
  const at = load.finishedAt?.at ?? serverNow().at;
  const camera = s.revisions.cameraAt(load.cameraId, at);
  return pair && camera
    ? {
        ...{ ...pair, camera: camera.value, cameraRevision: camera.revision },
        present: camera.revision === pair.cameraRevision ? pair.present : {}
      }
    : pair;
}

/** The film to write up: the one asked for, else the one in use, else the latest. */
export const load: PageServerLoad = ({ url, cookies }) => {
  const s = store();
  const chosen = filmAskedOrLatest(s, { url, cookies });
  const frames = chosen ? s.frames.listByLoad(chosen.id) : [];
  const last = frames.at(-1)?.takenAt ?? chosen?.loadedAt ?? serverNow();
  return {
    pair: chosen && pairThen(chosen),
    frames,
    lines: filmLines(s, chosen),
    /** Where the first frame's clock starts: at the last one's, else when the film was loaded. */
    clock: wallClock(Date.parse(last.at) + (frames.length > 0 ? 60_000 : 0), last.zone),
    zone: last.zone,
    tags: s.frames.tags()
  };
};

/** The field that a refusal is about. */
const FIELD_OF: Readonly<Record<string, string>> = { 'before-load': 'date', 'in-future': 'date' };

export const actions: Actions = {
  default: async ({ request, url, cookies }) => {
    const texts = textsOf(await request.formData());
    const s = store();
    const chosen = filmAskedOrLatest(s, { url, cookies });
    const pair = chosen && pairThen(chosen);
    if (!pair) return fail(404, { values: texts, faults: [{ field: '', message: 'This film is gone.' }] });
    const zone = (s.frames.listByLoad(pair.loadId).at(-1)?.takenAt ?? chosen.loadedAt).zone;
    const read = readWrittenUp(texts, { ...pair, zone }, () => crypto.randomUUID());
    if (!read.ok) return fail(422, { values: texts, faults: read.error });
    const logged = s.logbook.log(read.value, { finished: true });
    if (!logged.ok) {
      const field = FIELD_OF[logged.refusal.reason] ?? 'number';
      const faults = [{ field, message: explainLogRefusal(logged.refusal) }];
      return fail(409, { values: texts, faults });
    }
    // the next frame was taken later: a minute, until its own time is given
    const { at } = logged.frame.takenAt;
    const next = wallClock(Date.parse(at) + 60_000, zone);
    return { logged: logged.frame.id, values: { ...texts, date: next.date, time: next.time } };
  }
};
