// What a phone can change while the server is out of reach. Each change has a key of its own, so that sending it twice does
// it once, and says what it was based on, so that nothing done elsewhere meanwhile is overwritten silently.
import type { Choice } from '../camera/setting.ts';
import type { NewFrame, Side } from '../log/frame.ts';

/** What a frame can be changed to afterwards. */
export interface FrameWords {
  readonly number: number;
  readonly note: string;
}

/** What is changed. */
export type Action =
  | { readonly kind: 'log'; readonly frame: NewFrame }
  /** `from` is the frame as the phone knew it. */
  | {
      readonly kind: 'edit';
      readonly frameId: string;
      readonly from: FrameWords;
      readonly to: FrameWords;
    }
  | { readonly kind: 'remove'; readonly frameId: string; readonly from: FrameWords }
  | { readonly kind: 'restore'; readonly frameId: string }
  /** Where the controls of a camera stand. `from` {} = not known. */
  | {
      readonly kind: 'stand';
      readonly cameraId: string;
      readonly from: Choice;
      readonly to: Choice;
    }
  /** The owner's own words before each press. */
  | {
      readonly kind: 'checks';
      readonly cameraId: string;
      readonly from: readonly string[];
      readonly to: readonly string[];
    }
  /** What the program remembers of the person: whoever said it last is right. */
  | { readonly kind: 'settings'; readonly edit: Readonly<Record<string, unknown>> }
  | { readonly kind: 'finish'; readonly loadId: string; readonly finished: boolean }
  | { readonly kind: 'side'; readonly loadId: string; readonly side: Exclude<Side, null> };

/** Kinds of actions. */
export const ACTION_KINDS = [
  'log',
  'edit',
  'remove',
  'restore',
  'stand',
  'checks',
  'settings',
  'finish',
  'side'
] as const satisfies readonly Action['kind'][];

/** A action with its key and its time. */
export interface Change {
  /** Made by the phone, the same however often it is sent. */
  readonly key: string;
  /** By the phone's clock, UTC ISO 8601. */
  readonly madeAt: string;
  readonly action: Action;
}

/** What stands against a change at home. */
export type Conflict =
  /** The frame's words were changed at home: `theirs` is what they are there. */
  | { readonly reason: 'edited'; readonly theirs: FrameWords }
  | { readonly reason: 'deleted' }
  | { readonly reason: 'no-frame' }
  /** The number is another frame's; `next` is free, null = the film is full. */
  | {
      readonly reason: 'taken';
      readonly number: number;
      readonly next: number | null;
      readonly theirs: FrameWords & { readonly loggedAt: string };
    }
  | { readonly reason: 'beyond-end'; readonly number: number; readonly framesTotal: number }
  | { readonly reason: 'finished'; readonly filmName: string }
  | { readonly reason: 'retired'; readonly cameraName: string }
  | { readonly reason: 'gone' }
  | { readonly reason: 'no-such-position' }
  | { readonly reason: 'stands-moved'; readonly theirs: Choice }
  | { readonly reason: 'checks-changed'; readonly theirs: readonly string[] };

/** What came of a change at home. */
export type Outcome =
  /** Done now, or by an earlier sending. */
  | { readonly key: string; readonly outcome: 'done' }
  | { readonly key: string; readonly outcome: 'conflict'; readonly conflict: Conflict };

/** The frame that a action is about; null = none. */
export function frameOf(action: Action): string | null {
  if (action.kind === 'log') return action.frame.id;
  return 'frameId' in action ? action.frameId : null;
}

/** What a action touches: actions that touch the same must be done in order. */
export function subjectOf(action: Action): string {
  const frame = frameOf(action);
  if (frame !== null) return `frame ${frame}`;
  if ('cameraId' in action) return `${action.kind} ${action.cameraId}`;
  return 'loadId' in action ? `load ${action.loadId}` : action.kind;
}
