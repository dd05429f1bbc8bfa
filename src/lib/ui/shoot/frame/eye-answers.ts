// What a camera's eye may see beside the subject, as photographers meet it. Stops: common practice, no source.

/** A ready answer. */
export interface EyeAnswer {
  readonly words: string;
  /** Stops by which the eye sees more light (+) than the subject gets. */
  readonly stops: number;
}

/** Ready answers in both directions, the usual one first. */
export const EYE_ANSWERS: readonly EyeAnswer[] = [
  { words: 'the subject’s own light', stops: 0 },
  { words: 'I am in the shade, the subject is in the sun', stops: -3 },
  { words: 'the subject is in the shade, I am in the sun', stops: 3 },
  { words: 'a bright window behind the subject', stops: 2 },
  { words: 'more sky than in the last frame', stops: 1 },
  { words: 'a dark wall or a dark train fills the view', stops: -1.5 }
];
