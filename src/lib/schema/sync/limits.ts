// What both ends of a sending hold to. Apart from the shapes: whoever sends needs these alone.

/** The form of what is sent. A server that speaks another says so. */
export const SYNC_FORM = 2;
/** Changes in one sending at most. */
export const MOST_CHANGES = 50;
/** JSON of changes in one sending, characters: what a body may have, with room around it. */
export const MOST_CHARS = 200_000;
/** Most frames that are asked about at once. */
export const MOST_ASKED = 1000;
