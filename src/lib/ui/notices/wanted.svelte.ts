// Whether there has been a message yet, and the last one that could not be drawn over the page.

/** @see say.ts, which sets it; the layout draws it */
export const notices = $state({ wanted: false, plain: '' });
