import type { Frame } from '#core/log/frame.ts';
import { NO_FILTER } from '#schema/log/frame-filter.ts';
import { findFrames, withPairs } from '#server/log/found.ts';
import { store } from '#server/store.ts';
import type { PageServerLoad } from './$types';

/** Prints side by side: a bracket (`series=`), a subject on any films (`subject=`), or a whole film (`film=`). */
export const load: PageServerLoad = ({ url }) => {
  const s = store();
  const [series, subject, film] = ['series', 'subject', 'film'].map((k) => url.searchParams.get(k));
  const framesOf = (): readonly Frame[] => {
    if (subject) {
      return findFrames(s, { ...NO_FILTER, words: subject }).frames.filter(
        (f) => f.about.subject.toLowerCase() === subject.toLowerCase()
      );
    }
    const onFilm = film ? s.frames.listByLoad(film) : [];
    return series ? onFilm.filter((f) => f.series === series) : onFilm;
  };
  const found = withPairs(s, framesOf(), false);
  const pair = found.pairs[0];
  return {
    frames: found.frames,
    judgements: found.judgements,
    taken: found.with,
    scans: s.scans.ofFrames(found.frames.map((f) => f.id)),
    title: subject
      ? `“${subject}”, side by side`
      : `${series ? 'A bracket' : (pair?.film.name ?? 'Frames')} side by side`
  };
};
