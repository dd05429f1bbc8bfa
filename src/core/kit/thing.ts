// What else is in the bag beside cameras and films: each kind with the numbers that the engine can use.
import type { FlashUnit } from '../camera/traits.ts';

/** A grey or coloured filter. `factor` and `density` are kept as they were given; `stops` is what they come to. */
export interface FilterThing {
  readonly kind: 'filter';
  readonly stops: number;
  /** How its strength was given. */
  readonly givenAs: 'stops' | 'density' | 'factor';
  /** Its thread, mm; left out = nobody said, or it is held before the lens. */
  readonly sizeMm?: number | undefined;
}

/** A separate flash. */
export interface FlashThing extends Omit<FlashUnit, 'name'> {
  readonly kind: 'flash';
}

/** A light meter, with its own constant and error. */
export interface MeterThing {
  readonly kind: 'meter';
  readonly reads: 'incident-dome' | 'incident-flat' | 'reflected';
  /** Its calibration constant: C for incident, K for reflected. */
  readonly constant: number;
  /** Whether it shows tenths of a stop after the aperture. */
  readonly showsTenths: boolean;
  /** Stops by which it reads too high (+); taken off its readings. */
  readonly offsetStops: number;
  /** One sd of its readings, stops. */
  readonly sdStops: number;
}

/** What the camera can stand on. */
export interface SupportThing {
  readonly kind: 'support';
}

/** A lamp with what its label or a meter says. */
export interface LampThing {
  readonly kind: 'lamp';
  /** Lux at one metre on its axis. */
  readonly luxAtOneMetre: number;
  /** Colour temperature, kelvin. */
  readonly kelvin: number;
}

/** What is put before a lamp or flash: a softbox, grid, umbrella. */
export interface ModifierThing {
  readonly kind: 'modifier';
  /** Stops it takes, ≥ 0. */
  readonly stops: number;
}

/** What one stock of a developer is made of, in the order of mixing. */
export interface DeveloperStock {
  readonly name: string;
  readonly parts: readonly { readonly name: string; readonly gramsPerLitre: number }[];
}

/** A developer for black and white film: mixed by its owner, or from a bottle. */
export interface DeveloperThing {
  readonly kind: 'developer';
  /** Parts by volume: of each stock, then of water; [1] = used as it is. */
  readonly dilution: readonly number[];
  readonly stocks: readonly DeveloperStock[];
  /** Minutes that its sheet gives, from and to, at a temperature. */
  readonly fromMinutes: number;
  readonly toMinutes: number;
  readonly atC: number;
  /** Stops of film speed that it costs, ≥ 0. */
  readonly lossStops: number;
  readonly agitation: 'gentle' | 'ordinary';
}

/** A phone that was made a meter, with the lens that its pictures are taken through. */
export interface PhoneThing {
  readonly kind: 'phone';
  /** As its pictures name it. */
  readonly model: string;
  /** Of that lens, mm, as its pictures give it; null = they do not. */
  readonly focalMm: number | null;
  /** Stops by which its pictures are to be read higher. */
  readonly offsetStops: number;
  /** Steepness of its curve at grey, > 0. */
  readonly slope: number;
  /** How many readings it was found by. */
  readonly readings: number;
  /** What was left over, one sd in stops; null = not known. */
  readonly residualStops: number | null;
}

/** What a thing is. */
export type ThingData =
  | PhoneThing
  | FilterThing
  | FlashThing
  | MeterThing
  | SupportThing
  | LampThing
  | ModifierThing
  | DeveloperThing;

/** A thing in the kit. */
export interface Thing {
  readonly id: string;
  readonly name: string;
  readonly data: ThingData;
}

/** All kinds, in the order they are listed. */
export const THING_KINDS = [
  'filter',
  'flash',
  'meter',
  'support',
  'lamp',
  'modifier',
  'developer',
  'phone'
] as const satisfies readonly ThingData['kind'][];
