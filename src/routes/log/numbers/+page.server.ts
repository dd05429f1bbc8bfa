import { readNumbers } from '#server/log/read-numbers.ts';
import { store } from '#server/store.ts';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = () => ({ numbers: readNumbers(store()) });
