// The light as the photographer chose it: by which way, and what that came to. Every way but the marker and an earlier frame
// can be worked out again from what is kept of it.
import type { LightKind } from '../film/traits.ts';
import { lightByEye, NO_MODIFIERS, type EyeClue, type LightModifiers } from '../light/by-eye.ts';
import type { Contrast } from '../light/contrast.ts';
import type { LightValue } from '../light/lv.ts';
import { AT_SUBJECT, lightFromReading, METERED_TONES, type Metering } from '../light/metering.ts';
import type { LightReading } from '../light/reading-text.ts';
import { sceneById, type NamedScene } from '../light/scenes.ts';
import type { Bound, PictureLight } from '../picture/touched.ts';
import type { Surface } from '../picture/tones.ts';
import type { ShadowClue } from '../light/shadow-edge.ts';
import type { SkyClue } from '../light/sky-first.ts';
import type { Place } from '../sky/position.ts';
import type { SkyScene } from '../sky/sky-scene.ts';

/** A place with its name and clocks. */
export interface NamedPlace extends Place {
  readonly name: string;
  /** A time-zone name or offset. */
  readonly zone: string;
}

/** Light summed up from sun, moon and sky. */
export interface SunWay extends SkyScene {
  readonly kind: 'sun';
  readonly place: NamedPlace;
  /** Milliseconds since 1970. */
  readonly ms: number;
}

/** Light out of a phone's picture of the scene. */
export interface PictureWay {
  readonly kind: 'picture';
  /** What was touched; null = the whole picture counted. */
  readonly surface: Surface | null;
  /** Exposure value at ISO 100 that the picture was taken at. */
  readonly ev100: number;
  /** Whether the patch had run off the picture's scale. */
  readonly bound: Bound;
  /** The phone, as the picture names it; '' = it does not. */
  readonly phone: string;
}

/** What a guess was corrected by, where the person's own record is used. */
export interface ByRecord {
  /** Stops that the guess was lowered by, and how sure it is so, one sd. */
  readonly eye?: { readonly biasStops: number; readonly sdStops: number } | undefined;
}

/** How the light was found. `hand`: the marker was put there on the ruler. `frame`: as it was for an earlier frame. */
export type LightWay =
  | ({ readonly kind: 'shadow'; readonly clue: ShadowClue } & LightModifiers & ByRecord)
  | ({ readonly kind: 'sky'; readonly clue: SkyClue } & LightModifiers & ByRecord)
  | ({ readonly kind: 'scene'; readonly scene: string } & ByRecord)
  | ({ readonly kind: 'reading'; readonly text: string } & Metering)
  | SunWay
  | PictureWay
  | { readonly kind: 'frame'; readonly frameId: string; readonly label: string }
  | { readonly kind: 'hand' };

/** Every way, in the order of the panel. */
export const WAY_KINDS = [
  'shadow',
  'sky',
  'scene',
  'reading',
  'sun',
  'picture',
  'frame',
  'hand'
] as const satisfies readonly LightWay['kind'][];

/** A light, the way it was found and the contrast that goes with it. */
export interface LightChoice extends LightValue {
  readonly way: LightWay;
  readonly contrast: Contrast;
}

/** What an earlier frame's light has become since, one sd in stops, in quadrature with its own. Common practice, no source. */
export const EARLIER_SD = 0.3;

/**
 * The light of a clue of either school.
 * @param view the clue, of shadow or sky @param modifiers what changes the light beside it
 * @returns LV with its spread
 */
export function choiceByEye(view: EyeClue, modifiers: LightModifiers): LightChoice {
  const { lv, sdStops, contrast } = lightByEye(view, modifiers);
  const way: LightWay =
    view.school === 'shadow'
      ? { kind: 'shadow', clue: view.clue, ...modifiers }
      : { kind: 'sky', clue: view.clue, ...modifiers };
  return { lv, sdStops, contrast, way };
}

/**
 * The light of a shadow clue.
 * @param modifiers those left out change nothing
 * @returns LV with its spread
 */
export function choiceFromShadow(clue: ShadowClue, modifiers: Partial<LightModifiers> = {}): LightChoice {
  return choiceByEye({ school: 'shadow', clue }, { ...NO_MODIFIERS, ...modifiers });
}

/**
 * The light of a named scene.
 * @returns LV with its spread
 */
export function choiceFromScene({ id, lv, sdStops, contrast }: NamedScene): LightChoice {
  return { lv, sdStops, contrast, way: { kind: 'scene', scene: id } };
}

/**
 * The light of a reading. A luminance (cd/m²) is reflected light, whatever was said of the meter.
 * @param text as typed @param reading as understood
 */
export function choiceFromReading(
  text: string,
  reading: LightReading,
  metering: Metering = AT_SUBJECT
): LightChoice {
  const of = reading.kind === 'luminance' && metering.of === 'incident' ? 'scene' : metering.of;
  const light = lightFromReading(reading.lv + constantStops(reading, metering), { ...metering, of });
  return { ...light, way: { kind: 'reading', text, ...metering, of } };
}

/** The constants that typed lux and cd/m² are taken with. ISO 2720:1974 gives the ranges that these are usual in. */
const USUAL = { lux: 250, luminance: 12.5 } as const;

/** Stops by which a meter with a constant of its own means another light by its lux or cd/m² than most. */
function constantStops(reading: LightReading, { meter }: Metering): number {
  if (!meter?.constant || (reading.kind !== 'lux' && reading.kind !== 'luminance')) return 0;
  return Math.log2(USUAL[reading.kind] / meter.constant);
}

/** The light out of a picture. @param light of what was touched, or of all of it */
export function choiceFromPicture(
  { lv, sdStops, bound }: PictureLight,
  way: Omit<PictureWay, 'kind' | 'bound'>,
  contrast: Contrast
): LightChoice {
  return { lv, sdStops, contrast, way: { kind: 'picture', bound, ...way } };
}

/**
 * The light of an earlier frame.
 * @param label what the frame is called
 * @returns the same LV, less sure
 */
export function choiceFromFrame(
  frame: { readonly id: string; readonly light: LightChoice },
  label: string
): LightChoice {
  const { lv, sdStops, contrast } = frame.light;
  return {
    ...{ lv, contrast, sdStops: Math.hypot(sdStops, EARLIER_SD) },
    way: { kind: 'frame', frameId: frame.id, label }
  };
}

/**
 * Which speed of the film counts in a light: lamps where a scene is lit by them.
 * @returns `lamps` or `daylight`
 */
export function lightKindOf(way: LightWay): LightKind {
  return way.kind === 'scene' && sceneById(way.scene)?.lamps === true ? 'lamps' : 'daylight';
}

/**
 * Contrast that goes with a reading.
 * @returns by what was measured
 */
export function contrastOfMetered(metering: Metering): Contrast {
  return METERED_TONES[metering.of].contrast;
}

/** The light that the program starts with: a sharp shadow edge. */
export const STARTING_LIGHT: LightChoice = choiceFromShadow('sharp');
