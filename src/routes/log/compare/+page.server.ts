import type { Frame } from '#core/log/frame.ts';
import { NO_FILTER } from '#schema/log/frame-filter.ts';
import { asFound } from '#server/log/found.ts';
import { store } from '#server/store.ts';
import type { PageServerLoad } from './$types';

/** Prints side by side: a bracket (`series=`), a subject on any films (`subject=`), or a whole film (`film=`). */
export const load: PageServerLoad = async ({ url }) => {
  const s = store();
  const [series, subject, film] = ['series', 'subject', 'film'].map((k) => url.searchParams.get(k));
  const framesOf = async (): Promise<readonly Frame[]> => {
    if (subject) {
      const { frames } = await s.reading.ask('found', { ...NO_FILTER, words: subject });
      return frames.filter((f) => f.about.subject.toLowerCase() === subject.toLowerCase());
    }
    const onFilm = film ? s.frames.listByLoad(film) : [];
    return series ? onFilm.filter((f) => f.series === series) : onFilm;
  };
  const found = asFound(s, await framesOf(), false);
  return {
    frames: found.frames,
    judgements: found.judgements,
    taken: found.with,
    scans: s.scans.ofFrames(found.frames.map((f) => f.id)),
    title: subject
      ? `“${subject}”, side by side`
      : `${series ? 'A bracket' : (found.with[0]?.film.name ?? 'Frames')} side by side`
  };
};
