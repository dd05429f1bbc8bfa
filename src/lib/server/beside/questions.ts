// What is read beside the main thread: questions over the whole log, each a line of this list.
import type { FrameFilter } from '#schema/log/frame-filter.ts';
import { pairOf } from '../kit/pairs.ts';
import { judgeFilm } from '../learn/judge-film.ts';
import { findFrames, type Found } from '../log/found.ts';
import type { FoundFrames } from '../log/frame-search.ts';
import { readNumbers, type Numbers } from '../log/read-numbers.ts';
import type { Repositories } from '../repositories.ts';

/** Each question with what it asks about and its answer; all of it can be sent between threads. */
export interface Questions {
  /** The page of numbers. */
  readonly numbers: { readonly about: null; readonly answer: Numbers };
  /** A page of frames that fit, with what belongs to them. */
  readonly found: { readonly about: FrameFilter; readonly answer: Found };
  /** Frames that fit, so many at most. */
  readonly frames: {
    readonly about: { readonly filter: FrameFilter; readonly most: number };
    readonly answer: FoundFrames;
  };
  /** Everything that a film is judged with; null = there is none, or its camera is gone. */
  readonly judge: {
    readonly about: { readonly loadId: string; readonly nowMs: number };
    readonly answer: ReturnType<typeof judgeFilm> | null;
  };
}

/** The name of a question. */
export type QuestionName = keyof Questions;

const ANSWERS: {
  readonly [N in QuestionName]: (store: Repositories, about: Questions[N]['about']) => Questions[N]['answer'];
} = {
  numbers: (store) => readNumbers(store),
  found: (store, filter) => findFrames(store, filter),
  frames: (store, { filter, most }) => store.search.find(filter, most),
  judge: (store, { loadId, nowMs }) => {
    const load = store.loads.find(loadId);
    const pair = load && pairOf(store, load);
    return load && pair ? judgeFilm(store, load, pair, nowMs) : null;
  }
};

/** The answer to a question. */
export function answerTo<N extends QuestionName>(
  store: Repositories,
  name: N,
  about: Questions[N]['about']
): Questions[N]['answer'] {
  return ANSWERS[name](store, about);
}
