import { store } from '#server/store.ts';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async () => ({ numbers: await store().reading.ask('numbers', null) });
