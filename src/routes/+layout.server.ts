import { LOOK_COOKIE, schemeOf, type Scheme } from '#schema/settings/settings.ts';
import { eyeOf } from '#core/practice/exercise.ts';
import { outdoorsAt } from '#core/ways/choice-from-sun.ts';
import { loadInUse } from '#server/kit/in-use.ts';
import { pairOf, recentFrames } from '#server/kit/pairs.ts';
import type { Load } from '#core/log/load.ts';
import { store } from '#server/store.ts';
import type { LayoutServerLoad } from './$types';

/** What the server knows. The service worker puts null in its place where the server is out of reach. */
function homeOf(inUse: Load | null, look: Scheme | null) {
  const settings = store().settings.read();
  return {
    pair: inUse && pairOf(store(), inUse),
    films: store()
      .films.list()
      .map((f) => f.value),
    things: store().things.list(),
    settings: { ...settings, scheme: look ?? settings.scheme },
    recent: recentFrames(store()),
    outdoors: settings.place ? outdoorsAt(settings.place, Date.now()) : null,
    eye: settings.correctGuesses ? eyeOf(store().exercises.list(), store().exercises.guesses()) : null,
    notices: store().notices.waiting(),
    isDamaged: store().damage !== null
  };
}

export const load: LayoutServerLoad = ({
  url,
  locals,
  cookies
}): { home: ReturnType<typeof homeOf> | null } => ({
  // at the gate nobody is told anything
  home: locals.signedIn
    ? homeOf(loadInUse(store(), { url, cookies }), schemeOf(cookies.get(LOOK_COOKIE)))
    : null
});
