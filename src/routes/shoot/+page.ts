import { browser } from '$app/environment';
import { keptBracket } from '#ui/shoot/bracket.ts';
import type { PageLoad } from './$types';

/** A bracket that a reload interrupted is there before the page answers: the next press belongs to it. */
export const load: PageLoad = async () => ({ bracket: browser ? await keptBracket(sessionStorage) : null });
