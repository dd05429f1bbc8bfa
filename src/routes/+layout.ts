import { browser } from '$app/environment';
import { FIRST_SETTINGS } from '#schema/settings/settings.ts';
import { eyeOf } from '#core/practice/exercise.ts';
import { carriedRecent } from '#core/offline/carried.ts';
import { usedHere } from '#ui/in-use.ts';
import { offline } from '#ui/offline/offline.svelte.ts';
import type { LayoutLoad } from './$types';

/** What the server says, else what the phone carries. `asked` is the load that the address names. */
export const load: LayoutLoad = async ({ data, url }) => {
  const asked = url.searchParams.get('load');
  if (data.home) return { ...data.home, asked, away: false };
  // the server has no offline
  if (browser) await offline.open();
  const chosen = browser ? usedHere() : null;
  const { carried, settings = FIRST_SETTINGS } = offline.kept?.offlineKit ?? {};
  return {
    ...{
      pair: null,
      films: carried?.films.map((f) => f.value) ?? [],
      things: carried?.things ?? [],
      settings
    },
    recent: carried ? carriedRecent(carried) : [],
    eye: carried && settings.correctGuesses ? eyeOf(carried.exercises, carried.guesses) : null,
    ...{ notices: [], isDamaged: false },
    ...{ asked: asked ?? chosen, away: true }
  };
};
