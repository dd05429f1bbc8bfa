// Tricks that hold an automatic camera open, ready to be taken over and changed. Common practice, no source: whether a camera lends
// itself to one its owner finds out, without film.
import type { TrickSteps } from './control.ts';

/** A trick. */
export interface Trick {
  readonly name: string;
  readonly steps: TrickSteps;
}

/** The usual ones. */
export const TRICKS: readonly Trick[] = [
  {
    name: 'The eye is covered',
    steps: {
      opens: 'Cover its eye with black tape or a thumb, then press and keep the release down.',
      closes: 'Uncover the eye towards a lamp: it has light enough and closes.',
      after: '',
      caution:
        'Where its timer has an end it closes by itself then. Do not press the lens cover onto the glass.'
    }
  },
  {
    name: 'A door is opened',
    steps: {
      opens:
        'In a dark room, lens covered: press, and open the film door before it closes. Then uncover the lens.',
      closes: 'Cover the lens.',
      after: 'In a dark bag shut the door: the camera goes on, closes, and sends the picture out.',
      caution: 'With the door open the film lies bare: any light fogs it. Never force a door.'
    }
  },
  {
    name: 'The power is cut',
    steps: {
      opens: 'Press, and switch it off while the shutter is open; or lift the pack off its contacts.',
      closes: 'Cover the lens.',
      after: 'In a dark bag switch it on or push the pack home: it ends its turn and sends the picture out.',
      caution:
        'Rollers start by themselves: fingers away. Leave flash parts alone: they hold a dangerous charge.'
    }
  }
];
