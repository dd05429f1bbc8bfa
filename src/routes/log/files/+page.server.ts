import { filmLines } from '#server/log/film-lines.ts';
import { store } from '#server/store.ts';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = () => ({ lines: filmLines(store(), store().loads.inUse()) });
