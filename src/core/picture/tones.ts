// What a patch is of, in a word: how much of the light its surface throws back, against what a meter takes for grey.
// Reflectances, from memory: McCamy, Marcus and Davidson, "A Color-Rendition Chart", J. Appl. Photogr. Eng. 2 (1976), for skin,
// foliage and white; IES Lighting Handbook, reflectances of building and ground surfaces, for asphalt, concrete, brick, grass, earth
// and snow; Krinov, "Spectral Reflectance Properties of Natural Formations" (1947), for sand and leaves; Jones and Condit (1941)
// for a whole scene.

/** A surface. */
export interface SurfaceTone {
  readonly name: string;
  /** Share of light it throws back, 0…1. */
  readonly reflectance: number;
  /** How differently such surfaces throw it back, one sd in stops. */
  readonly sdStops: number;
}

/** Surfaces that can be touched, as a photographer names them. */
export const SURFACES = {
  'grey-card': { name: 'a grey card', reflectance: 0.18, sdStops: 0.05 },
  'light-skin': { name: 'light skin', reflectance: 0.36, sdStops: 0.35 },
  skin: { name: 'middle skin', reflectance: 0.2, sdStops: 0.35 },
  'dark-skin': { name: 'dark skin', reflectance: 0.1, sdStops: 0.35 },
  leaves: { name: 'green leaves', reflectance: 0.13, sdStops: 0.5 },
  grass: { name: 'grass', reflectance: 0.085, sdStops: 0.5 },
  'grey-road': { name: 'a worn grey road', reflectance: 0.18, sdStops: 0.4 },
  asphalt: { name: 'new asphalt', reflectance: 0.07, sdStops: 0.4 },
  concrete: { name: 'concrete, pale stone', reflectance: 0.35, sdStops: 0.4 },
  brick: { name: 'red brick', reflectance: 0.3, sdStops: 0.35 },
  sand: { name: 'dry sand', reflectance: 0.35, sdStops: 0.4 },
  'wet-sand': { name: 'wet sand', reflectance: 0.15, sdStops: 0.4 },
  snow: { name: 'snow', reflectance: 0.72, sdStops: 0.3 },
  white: { name: 'white paint or paper', reflectance: 0.72, sdStops: 0.25 },
  earth: { name: 'dark earth, bark', reflectance: 0.07, sdStops: 0.5 },
  'black-coat': { name: 'a black coat', reflectance: 0.04, sdStops: 0.5 }
} as const satisfies Readonly<Record<string, SurfaceTone>>;

/** The name of a surface. */
export type Surface = keyof typeof SURFACES;
/** Whether there is such a surface. */
export const isSurface = (name: unknown): name is Surface =>
  typeof name === 'string' && Object.hasOwn(SURFACES, name);
/** All of them, in the order of the list. */
export const SURFACE_NAMES: readonly Surface[] = Object.keys(SURFACES).filter(isSurface);

/** An 18 % card is so much lighter than what a reflected meter takes for grey, stops. Common practice, no source. */
const CARD_STOPS = 0.2;
/** The light on a patch differs so much from that on a dome beside it when nobody knows where it comes from, one sd. Common practice, no source. */
export const UNKNOWN_LIGHT_SD = 0.4;

/**
 * Stops by which a surface reads lighter than meter grey.
 * @returns stops, + = lighter
 */
export function lighterStops(surface: Surface): number {
  return Math.log2(SURFACES[surface].reflectance / 0.18) + CARD_STOPS;
}
