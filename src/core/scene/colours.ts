// Colours of surfaces and skies, linear.

/** How much red, green and blue a surface throws back, 0…1. */
export type Colour = readonly [red: number, green: number, blue: number];

/** Colours, linear. Luminances as the surfaces that are touched in pictures have them. */
export const COLOURS = {
  grass: [0.07, 0.1, 0.03],
  road: [0.185, 0.18, 0.17],
  sand: [0.42, 0.35, 0.24],
  snow: [0.71, 0.72, 0.76],
  water: [0.03, 0.05, 0.06],
  boards: [0.24, 0.16, 0.1],
  leaves: [0.11, 0.15, 0.05],
  fir: [0.05, 0.09, 0.05],
  bark: [0.1, 0.075, 0.05],
  skin: [0.31, 0.185, 0.13],
  stone: [0.37, 0.35, 0.31],
  iron: [0.05, 0.05, 0.055],
  dark: [0.045, 0.04, 0.045],
  white: [0.74, 0.72, 0.68],
  plaster: [0.5, 0.45, 0.36]
} as const satisfies Readonly<Record<string, Colour>>;

/** Skies by how they look. */
export type SkyLook = 'clear' | 'milky' | 'grey' | 'dusk' | 'night';
const TINTS: Readonly<Record<SkyLook, Colour>> = {
  ...{ clear: [0.72, 1, 1.75], milky: [0.92, 1, 1.22], grey: [0.98, 1, 1.04] },
  ...{ dusk: [1.5, 0.88, 0.72], night: [0.7, 1, 1.9] }
};
/** The colour of a sky, of luminance about 1. */
export const tintOf = (sky: SkyLook): Colour => TINTS[sky];
