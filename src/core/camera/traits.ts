// What a camera is beside its exposure controls: how it is focused, framed and lit, how film moves in it, what it will take.
import type { Perforation } from '../film/traits.ts';
import type { RoutineStep } from './routine-step.ts';

/** How the lens is focused: left alone, or set with the camera's focus control by what stands on it. */
export type Focusing =
  /**
   * `atM`: metres it is focused at (10 000 for far away), null = at the hyperfocal distance of its widest opening. `sharpFromM`: as
   * its owner found it at every opening; `sharpBy`: at some of them, f-number and metres.
   */
  | {
      readonly kind: 'fixed';
      readonly atM: number | null;
      readonly sharpFromM: number | null;
      readonly sharpBy?: readonly { readonly fNumber: number; readonly fromM: number }[] | undefined;
    }
  | { readonly kind: 'symbols' }
  | { readonly kind: 'scale' }
  /** With a rangefinder or on a ground glass. */
  | { readonly kind: 'rangefinder' }
  /** The camera focuses by itself, from its nearest distance on, metres. */
  | { readonly kind: 'autofocus'; readonly nearestM: number };

/** What each way of focusing can do: reach any distance, and measure it by itself. */
export const FOCUSING: Readonly<
  Record<Focusing['kind'], { readonly anyDistance: boolean; readonly measures: boolean }>
> = {
  fixed: { anyDistance: false, measures: false },
  symbols: { anyDistance: false, measures: false },
  scale: { anyDistance: true, measures: false },
  rangefinder: { anyDistance: true, measures: true },
  autofocus: { anyDistance: true, measures: true }
};

/** A flash, built in or put on. */
export interface FlashUnit {
  readonly name: string;
  /** Guide number in metres at ISO 100 and full power, > 0. */
  readonly guideNumber: number;
  /** Powers to choose from, stops below full; [0] = full only. */
  readonly powers: readonly number[];
  /** How long it shines at full power, seconds. */
  readonly seconds: number;
  /** Angle it covers across, degrees; null = not known. */
  readonly angleDegrees: number | null;
  /** Burns bulbs, one a frame, which light up slowly: the shortest shutter time that lets the whole of one through. None = electronic. */
  readonly bulbs?: { readonly leastSeconds: number } | undefined;
}

/** A bulb of the usual kind is burnt out in so many seconds, with the contact that electronic flashes use. Common practice, no source. */
export const BULB_SECONDS = 1 / 30;

/** What a camera that sets itself gives once a separate flash is fitted. `fNumber`: null = what it gives without one. */
export interface FittedProgram {
  readonly fNumber: number | null;
  readonly seconds: number;
}

/** What the camera does about flash. */
export type CameraFlash =
  | { readonly kind: 'none' }
  /**
   * Takes a separate flash. `syncSeconds`: the shortest time that lets the whole flash through; null = any. `fitted`: what it sets with
   * one; none = it goes on timing the light.
   */
  | {
      readonly kind: 'shoe';
      readonly syncSeconds: number | null;
      readonly fitted?: FittedProgram | null | undefined;
    }
  /** Built in, fires when its switch is on. */
  | { readonly kind: 'switch'; readonly unit: FlashUnit; readonly syncSeconds: number | null }
  /** Built in, fires by itself when its eye reads less than `belowLv`. `quenched`: its own cell cuts it off when there is enough. */
  | {
      readonly kind: 'automatic';
      readonly unit: FlashUnit;
      readonly belowLv: number;
      readonly overridable: boolean;
      readonly quenched: boolean;
    };

/** How film meets the light: all of the frame at once, through a slit that swings by, or picture after picture. */
export type Transport =
  | { readonly kind: 'still' }
  /** Exposure is the slit's time; the sweep takes longer and is what has to be held. */
  | { readonly kind: 'swing'; readonly sweepSeconds: number }
  | { readonly kind: 'cine'; readonly framesPerSecond: number };

/** Where the finder looks, against the lens. */
export interface Finder {
  /** The finder's place beside and above the lens, mm (+ = right, + = up). */
  readonly rightMm: number;
  readonly upMm: number;
  /** Aim that is off at any distance, as a share of the frame (+ = the picture lies further right or up than seen). */
  readonly rightShare: number;
  readonly upShare: number;
}

/** What a camera can stand on, and what releases it; null = nobody said. */
export interface Mounts {
  /** Thread of the lens for filters, mm; null = not known, or none. */
  readonly filterMm: number | null;
  /** `adapter`: a clamp or plate of its own goes between. `flat`: it has no socket, it is laid on something. */
  readonly stand: 'socket' | 'adapter' | 'flat' | null;
  readonly release: 'socket' | 'adapter' | 'none' | null;
}
/** Ways a camera stands. */
export const STANDS = ['socket', 'adapter', 'flat'] as const satisfies readonly Mounts['stand'][];
/** Ways a cable release is put on. */
export const RELEASES = ['socket', 'adapter', 'none'] as const satisfies readonly Mounts['release'][];

/** What a test of the electric eye found: it follows the light, follows it badly, not at all, or is off by a constant. */
export const EYE_FINDINGS = ['alive', 'slow', 'dead', 'off'] as const;
/** @see EYE_FINDINGS */
export type EyeFound = (typeof EYE_FINDINGS)[number];

/** The most reminders a camera has. */
export const MOST_REMINDERS = 8;

/** A camera beside its exposure controls. */
export interface CameraTraits {
  readonly focusing: Focusing;
  readonly flash: CameraFlash;
  readonly transport: Transport;
  readonly finder: Finder;
  /** One sd of the exposure in stops, as measured; null = by its condition. */
  readonly toleranceStops: number | null;
  /** Whether its lens is a single element or of plastic: its softness hides shake. */
  readonly singleElement: boolean;
  /** Whether several exposures can be made on one frame. */
  readonly repeats: boolean;
  /** Whether it runs on the battery of its film pack. */
  readonly needsPackBattery: boolean;
  /** Perforations it can drive; empty = it does not matter. */
  readonly perforations: readonly Perforation[];
  /** What its owner wants to be reminded of before each press, in few words: "cock the shutter". */
  readonly checks: readonly string[];
  /** Left out = nobody said. */
  readonly mounts?: Mounts | undefined;
  /** Its owner's own routine; left out = the usual one of its kind. */
  readonly routine?: readonly RoutineStep[] | undefined;
  /** Left out = nobody tested it. */
  readonly eyeFound?: EyeFound | undefined;
}

/** A still camera with nothing special: focused by its control if it has one, no flash, finder over the lens. */
export const PLAIN_TRAITS: CameraTraits = {
  focusing: { kind: 'fixed', atM: null, sharpFromM: null },
  flash: { kind: 'none' },
  transport: { kind: 'still' },
  finder: { rightMm: 0, upMm: 0, rightShare: 0, upShare: 0 },
  toleranceStops: null,
  singleElement: false,
  repeats: false,
  needsPackBattery: false,
  perforations: [],
  checks: []
};
