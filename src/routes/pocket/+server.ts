// The page was called so once: bookmarks of then lead to where it is.
import { redirect } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = ({ url }) => redirect(308, `/offline${url.search}`);
