// The page was called so once: bookmarks of then lead to where it is.
import { redirect } from '@sveltejs/kit';

export const GET = ({ url }) => redirect(308, `/offline${url.search}`);
