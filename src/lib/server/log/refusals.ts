// Why the log did not take something, as data.
import type { Frame } from '#core/log/frame.ts';
import type { Moment } from '#core/sky/moment.ts';

/** Why a frame was not stored or changed. */
export type LogRefusal =
  | { readonly reason: 'no-load' }
  | { readonly reason: 'no-frame' }
  | { readonly reason: 'finished' }
  /** The number is another frame's; `next` is free, null = side one is full. */
  | { readonly reason: 'taken'; readonly number: number; readonly next: number | null }
  | { readonly reason: 'no-such-position' }
  /** The camera or film was never so, or how it was is not kept. */
  | { readonly reason: 'no-such-revision' }
  | { readonly reason: 'before-load'; readonly loadedAt: Moment }
  | { readonly reason: 'in-future' }
  /** Somebody else changed it since: `theirs` is how it is now. */
  | { readonly reason: 'changed'; readonly theirs: Frame };

/** What came of it. `repeated`: the same frame had been stored before. */
export type LogOutcome =
  | { readonly ok: true; readonly frame: Frame; readonly repeated: boolean }
  | { readonly ok: false; readonly refusal: LogRefusal };
