import { json } from '@sveltejs/kit';
import { archiveJsonSchema } from '#schema/files/archive-schema.ts';
import type { RequestHandler } from './$types';

/** What a line of the archive may be, as JSON Schema. */
export const GET: RequestHandler = () => json(archiveJsonSchema());
