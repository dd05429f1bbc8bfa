// What a phone can change while the server is out of reach. Each change has a key of its own, so that sending it twice does
// it once, and says what it was based on, so that nothing done elsewhere meanwhile is overwritten silently.
import type { Choice } from '../camera/setting.ts';
import type { FrameFacts, NewFrame } from '../log/frame.ts';
import type { FramePicture } from '../log/frame-picture.ts';
import type { Side } from '../log/load.ts';
import type { Outing } from '../plan/outing.ts';
import type { Exercise } from '../practice/exercise.ts';
import type { Moment } from '../sky/moment.ts';

/** Some facts of a frame. */
export type SomeFacts = Partial<FrameFacts>;

/** What is changed. */
export type Action =
  | { readonly kind: 'log'; readonly frame: NewFrame }
  /** `from` is what the phone knew of what it changed, `to` what it made of it: the same facts. */
  | { readonly kind: 'edit'; readonly frameId: string; readonly from: SomeFacts; readonly to: SomeFacts }
  | { readonly kind: 'remove'; readonly frameId: string; readonly from: SomeFacts }
  | { readonly kind: 'restore'; readonly frameId: string }
  /** A picture of the scene is kept with a frame, in place of the one before; null = it is taken away. */
  | { readonly kind: 'picture'; readonly frameId: string; readonly picture: FramePicture | null }
  /** Where the controls of a camera stand, as places on its revision. `from` {} = not known. */
  | {
      readonly kind: 'stand';
      readonly cameraId: string;
      readonly cameraRevision: number;
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
  /** What the program remembers of the person; `from` is what the phone knew of it. */
  | {
      readonly kind: 'settings';
      readonly from: Readonly<Record<string, unknown>>;
      readonly edit: Readonly<Record<string, unknown>>;
    }
  | { readonly kind: 'finish'; readonly loadId: string; readonly finished: boolean }
  | { readonly kind: 'side'; readonly loadId: string; readonly side: Exclude<Side, null> }
  /** The filter that belongs on a pack was laid on it, or taken off. */
  | { readonly kind: 'pack-filter'; readonly loadId: string; readonly on: boolean }
  /** A day out, as the phone knew it and as it made it; null = there is none. */
  | {
      readonly kind: 'outing';
      readonly outingId: string;
      readonly from: Outing | null;
      readonly to: Outing | null;
    }
  /** An answer of a drill, or a day in the field: kept as it was, a reading may be added. */
  | { readonly kind: 'practise'; readonly exercise: Exercise };

/** Kinds of actions. */
export const ACTION_KINDS = [
  'log',
  'edit',
  'remove',
  'restore',
  'picture',
  'stand',
  'checks',
  'settings',
  'finish',
  'side',
  'pack-filter',
  'outing',
  'practise'
] as const satisfies readonly Action['kind'][];

/** An action with its key and its time. */
export interface Change {
  /** Made by the phone, the same however often it is sent. */
  readonly key: string;
  /** By the phone's clock. */
  readonly madeAt: Moment;
  readonly action: Action;
}

/** What stands against a change at the server. */
export type Conflict =
  /** Facts of the frame were changed there: `theirs` is what those that the phone changed are now. */
  | { readonly reason: 'edited'; readonly theirs: SomeFacts }
  | { readonly reason: 'deleted' }
  | { readonly reason: 'no-frame' }
  /** The server stored it once and does not know it any more: an older copy was brought back there. The phone itself finds it out. */
  | { readonly reason: 'lost' }
  /** The number is another frame's; `next` is free, null = side one is full. */
  | {
      readonly reason: 'taken';
      readonly number: number;
      readonly next: number | null;
      readonly theirs: { readonly number: number; readonly note: string; readonly takenAt: Moment };
    }
  | { readonly reason: 'before-load'; readonly loadedAt: Moment }
  | { readonly reason: 'finished'; readonly filmName: string }
  | { readonly reason: 'retired'; readonly cameraName: string }
  | { readonly reason: 'gone' }
  | { readonly reason: 'no-such-position' }
  | { readonly reason: 'stands-moved'; readonly theirs: Choice }
  | { readonly reason: 'checks-changed'; readonly theirs: readonly string[] }
  | { readonly reason: 'settings-changed'; readonly theirs: Readonly<Record<string, unknown>> }
  /** `theirs`: null = it was deleted there. */
  | { readonly reason: 'outing-changed'; readonly theirs: Outing | null };

/** What came of a change at the server. */
export type Outcome =
  /** Done now, or by an earlier sending. */
  | { readonly key: string; readonly outcome: 'done' }
  | { readonly key: string; readonly outcome: 'conflict'; readonly conflict: Conflict };

/**
 * The frame that an action is about; null = none.
 * @returns id of the frame
 */
export function frameOf(action: Action): string | null {
  if (action.kind === 'log') return action.frame.id;
  return 'frameId' in action ? action.frameId : null;
}

/**
 * What an action touches: actions that touch the same must be done in order.
 * @returns a key, equal for actions on the same thing
 */
export function subjectOf(action: Action): string {
  const frame = frameOf(action);
  if (frame !== null) return `frame ${frame}`;
  if (action.kind === 'practise') return `exercise ${action.exercise.id}`;
  if ('outingId' in action) return `outing ${action.outingId}`;
  if ('cameraId' in action) return `${action.kind} ${action.cameraId}`;
  return 'loadId' in action ? `load ${action.loadId}` : action.kind;
}
