// What can be done to a logged frame from its card.
import { invalidateAll } from '$app/navigation';
import type { About, Frame } from '#core/log/frame.ts';
import type { Result } from '#core/numeric/result.ts';
import type { LightChoice } from '#core/ways/choice.ts';
import { changeFrame, removeFrame, restoreFrame } from '../api.ts';

/** Where a card's changes go. */
export interface FrameActs {
  /** Whether all of a frame can be changed, not its number and note alone. */
  readonly whole: boolean;
  readonly change: (
    frame: Frame,
    to: {
      readonly number: number;
      readonly note: string;
      readonly light?: LightChoice;
      readonly about?: About;
    }
  ) => Promise<Result<null, string>>;
  readonly remove: (frame: Frame) => Promise<Result<null, string>>;
  readonly restore: (frame: Frame) => Promise<Result<null, string>>;
  /** After each of them: fetches what is true now. */
  readonly changed: () => Promise<void>;
}

/** At home: straight into the log. */
export const homeActs: FrameActs = {
  whole: true,
  change: (frame, to) => changeFrame(frame.id, to),
  remove: (frame) => removeFrame(frame.id),
  restore: (frame) => restoreFrame(frame.id),
  changed: invalidateAll
};
