// Whether there has been a message yet, and the last one that could not be drawn over the page.

/** @see say.ts, which sets it; the layout draws it */
export const notices = $state({ wanted: false, plain: '' });

let begin = (): void => undefined;
/** Settled once the page answers: what draws messages is fetched after that, and holds nothing up. */
export const pageAnswers = new Promise<void>((done) => (begin = done));
/** The layout says so with its first effects. */
export const answersNow = (): void => begin();
