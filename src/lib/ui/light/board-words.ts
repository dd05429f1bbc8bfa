// What the ready scenes of the eye board are called.
import type { BoardScene } from '#core/ways/eye-board.ts';

/** A name for each scene. */
export const BOARD_WORDS: Readonly<Record<BoardScene, string>> = {
  window: 'a person before a bright window',
  ferry: 'a ferry that fills half the frame',
  shade: 'I stand in shade, my subject in the sun',
  snow: 'a person in snow',
  street: 'a street by night, with lamps'
};
