import { readNumbers } from '#server/log/numbers.ts';
import { store } from '#server/store.ts';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = () => ({ numbers: readNumbers(store()) });
