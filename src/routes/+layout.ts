import { browser } from '$app/environment';
import { redirect } from '@sveltejs/kit';
import { FIRST_SETTINGS } from '#schema/settings/settings.ts';
import { eyeOf } from '#core/practice/exercise.ts';
import { carriedRecent } from '#core/offline/carried.ts';
import { queryFromLight, sunToWorkOut } from '#schema/address/light-query.ts';
import { readersFor, type NoteReaders } from '#schema/address/notes.ts';
import { usedHere } from '#ui/in-use.ts';
import { keptText } from '#ui/light/told-here.ts';
import { offline } from '#ui/offline/offline.svelte.ts';
import type { LayoutLoad } from './$types';

/** An address that says where and when, as they once did, leads to the one that says the light as well. */
async function workOutSun({ pathname, searchParams }: URL, readers: NoteReaders | null): Promise<void> {
  // asked for by name: the rest of the address may change without all being loaded anew
  if (!searchParams.has('sun') || searchParams.has('lv')) return;
  const way = sunToWorkOut(searchParams, readers);
  if (!way) return;
  const { choiceFromSun } = await import('#core/ways/choice-from-sun.ts');
  const others = [...searchParams].filter(([name]) => name !== 'sun');
  redirect(307, `${pathname}?${new URLSearchParams([...others, ...queryFromLight(choiceFromSun(way))])}`);
}

/** What the server says, else what the phone carries. `asked` is the load that the address names. */
export const load: LayoutLoad = async ({ data, url }) => {
  const readers = await readersFor(url.searchParams, new URLSearchParams(browser ? keptText() : ''));
  await workOutSun(url, readers);
  const asked = url.searchParams.get('load');
  if (data.home) return { ...data.home, asked, readers, away: false };
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
    outdoors: null,
    eye: carried && settings.correctGuesses ? eyeOf(carried.exercises, carried.guesses) : null,
    ...{ notices: [], isDamaged: false },
    ...{ asked: asked ?? chosen, readers, away: true }
  };
};
