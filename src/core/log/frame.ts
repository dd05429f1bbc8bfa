// A logged frame: what was done, by itself. It names the revisions of its camera and film, and the marks as they were.
import type { NotedMark } from '../camera/noted.ts';
import type { Choice } from '../camera/setting.ts';
import type { Conditions } from '../error/situation.ts';
import type { Moment } from '../sky/moment.ts';
import type { LightChoice } from '../ways/choice.ts';

/** What people write about a frame beside its note. */
export interface About {
  /** What is on it. */
  readonly subject: string;
  /** What the guess or the setting went by. */
  readonly reason: string;
  /** The person's own words to find it by, each once, in their order. */
  readonly tags: readonly string[];
}

/** Nothing written yet. */
export const NOTHING_ABOUT: About = { subject: '', reason: '', tags: [] };

/** What a person notes of a frame, and can put right afterwards. */
export interface FrameFacts {
  /** The person's own: as counted on the film, or running on over all packs. */
  readonly number: number;
  readonly takenAt: Moment;
  /** In few words; '' = not noted. */
  readonly place: string;
  /** Null = nobody told it: the frame is no evidence of anything then. */
  readonly light: LightChoice | null;
  /** The light as guessed before it was read; null = it was not. */
  readonly guess: LightChoice | null;
  readonly conditions: Conditions;
  /** Position numbers on the camera of the frame's revision. */
  readonly choice: Choice;
  readonly note: string;
  /** How long a long exposure was really held open, seconds; null = not timed. */
  readonly timedSeconds: number | null;
  /** The time that a camera which times itself was heard to take, seconds; null = not listened for. */
  readonly heardSeconds: number | null;
  /** How unsure that is, one sd in stops, where it was recorded and confirmed; null = by ear, or not listened for. */
  readonly heardSdStops: number | null;
  readonly about: About;
}

/** The names of {@link FrameFacts}. */
export const FRAME_FACTS = [
  ...(['number', 'takenAt', 'place', 'light', 'guess', 'conditions', 'choice', 'note'] as const),
  ...(['timedSeconds', 'heardSeconds', 'heardSdStops', 'about'] as const)
] satisfies readonly (keyof FrameFacts)[];

/** What was expected of a frame. */
export interface Expected {
  /** The error, stops, + = over. */
  readonly deltaStops: number;
  readonly sdStops: number;
  /** Chance 0…1 of a usable frame. */
  readonly pUsable: number;
}

/**
 * What cannot be told of a frame any more, as older versions did not keep it. `setting`: its camera was changed since, and the
 * marks are those of the camera as it was found. `zone`: the clocks were not noted. `time`: it was unreadable.
 */
export const DOUBTS = ['setting', 'zone', 'time'] as const;
/** @see DOUBTS */
export type Doubt = (typeof DOUBTS)[number];

/** A frame to be logged. What was expected of it is worked out where it is stored. */
export interface NewFrame extends FrameFacts {
  /** Made by whoever logs it, so that sending it twice stores it once. */
  readonly id: string;
  readonly loadId: string;
  /** The camera and film as whoever logged it saw them; 0 = not known: as they were when it was taken. */
  readonly cameraRevision: number;
  readonly filmRevision: number;
  /** Name shared by the frames of a bracket; null = it stands alone. */
  readonly series: string | null;
}

/** A logged frame. */
export interface Frame extends NewFrame {
  /** The marks that were set, with the values they had. */
  readonly set: readonly NotedMark[];
  /** Null when nobody told the light. */
  readonly expected: Expected | null;
  readonly doubts: readonly Doubt[];
  /** Rises with every change. */
  readonly revision: number;
}

/**
 * The facts of a frame alone.
 * @returns a copy without what the store adds
 */
export function factsOf(frame: FrameFacts): FrameFacts {
  const {
    number,
    takenAt,
    place,
    light,
    guess,
    conditions,
    choice,
    note,
    timedSeconds,
    heardSeconds,
    heardSdStops,
    about
  } = frame;
  return {
    ...{ number, takenAt, place, light, guess, conditions, choice, note, timedSeconds },
    ...{ heardSeconds, heardSdStops, about }
  };
}
