import { tellRevisions } from '#server/api/kit.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** How a camera was, from which moment on. */
export const GET: RequestHandler = ({ params }) => tellRevisions(store(), params.id);
