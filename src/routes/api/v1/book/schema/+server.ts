import { json } from '@sveltejs/kit';
import { bookJsonSchema } from '#schema/files/archive-schema.ts';
import type { RequestHandler } from './$types';

/** What a line of the book may be, as JSON Schema. */
export const GET: RequestHandler = () => json(bookJsonSchema());
