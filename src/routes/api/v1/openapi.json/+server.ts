import { json } from '@sveltejs/kit';
import { openApiDocument } from '#server/api/openapi.ts';
import type { RequestHandler } from './$types';

/** The description of this API, OpenAPI 3.1. */
export const GET: RequestHandler = () => json(openApiDocument());
