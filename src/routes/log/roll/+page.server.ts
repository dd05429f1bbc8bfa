import { fail } from '@sveltejs/kit';
import { wallClock } from '#core/sky/wall-clock.ts';
import { readWrittenUp } from '#schema/log/roll-entry.ts';
import { filmLines } from '#server/log/film-lines.ts';
import { textsOf } from '#server/http/form.ts';
import { pairOf } from '#server/kit/pairs.ts';
import { explainLogRefusal } from '#server/http/problem.ts';
import { store } from '#server/store.ts';
import type { Actions, PageServerLoad } from './$types';

const zoneNow = (): string => store().settings.read().place?.zone ?? 'UTC';

/** The film to write up: the one asked for, else the one in hand, else the latest. */
function chosenLoad(asked: string | null) {
  const s = store();
  return (asked === null ? null : s.loads.find(asked)) ?? s.loads.inUse() ?? s.loads.latest(1)[0] ?? null;
}

export const load: PageServerLoad = ({ url }) => {
  const s = store();
  const chosen = chosenLoad(url.searchParams.get('film'));
  const frames = chosen ? s.frames.listByLoad(chosen.id) : [];
  const zone = zoneNow();
  return {
    pair: chosen && pairOf(s, chosen),
    frames,
    lines: filmLines(s, chosen),
    /** Where the first frame's clock starts: at the last one's, else when the film was loaded. */
    clock: wallClock(
      Date.parse(frames.at(-1)?.loggedAt ?? chosen?.loadedAt ?? new Date().toISOString()),
      zone
    ),
    zone,
    tags: s.frames.tags()
  };
};

export const actions: Actions = {
  default: async ({ request, url }) => {
    const texts = textsOf(await request.formData());
    const s = store();
    const chosen = chosenLoad(url.searchParams.get('film'));
    const pair = chosen && pairOf(s, chosen);
    if (!pair) return fail(404, { values: texts, faults: [{ field: '', message: 'This film is gone.' }] });
    const { loadId, camera, framesTotal } = pair;
    const read = readWrittenUp(texts, { loadId, camera, framesTotal, zone: zoneNow() }, () =>
      crypto.randomUUID()
    );
    if (!read.ok) return fail(422, { values: texts, faults: read.error });
    const logged = s.logbook.log(read.value.frame, { at: read.value.at, finished: true });
    if (!logged.ok) {
      return fail(409, {
        values: texts,
        faults: [{ field: 'number', message: explainLogRefusal(logged.refusal) }]
      });
    }
    return { logged: logged.frame.id, values: texts };
  }
};
