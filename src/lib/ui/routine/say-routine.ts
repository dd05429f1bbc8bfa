// Parts of a routine by name.
import type { RoutinePart, StepDrawing } from '#core/camera/routine-step.ts';

/** What each part is called. */
export const PART_WORDS: Readonly<Record<RoutinePart, string>> = {
  'before-loading': 'Before loading',
  loading: 'Loading',
  'before-press': 'Before each press',
  after: 'After',
  changing: 'Changing',
  end: 'End'
};

/** What each drawing shows. */
export const DRAWING_WORDS: Readonly<Record<StepDrawing, string>> = {
  tab: 'tab, film end',
  loop: 'loop',
  'dark-slide': 'dark slide',
  power: 'switch',
  cap: 'cap',
  cocking: 'cocking',
  rewind: 'rewinding',
  'red-window': 'red window',
  'turn-over': 'turning over',
  winding: 'winding'
};
