import { pairInHand, recentFrames } from '#server/pairs.ts';
import { store } from '#server/store.ts';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = ({ url }) => ({
  pair: pairInHand(store(), url.searchParams.get('load')),
  films: store().films.list(),
  things: store().things.list(),
  settings: store().settings.read(),
  recent: recentFrames(store())
});
