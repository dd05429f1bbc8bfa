// What is told of the sky and of how the subject stands under it. Apart from the sums over it: whoever asks needs these alone.

/** Kinds of sky. `partly`: clouds with sun between; `cloudy`: no sun. */
export const SKIES = ['clear', 'partly', 'cloudy'] as const;
/** @see SKIES */
export type Sky = (typeof SKIES)[number];
/** A sky as it was told: `unsaid` stands for all of them. */
export const TOLD_SKIES = [...SKIES, 'unsaid'] as const;
/** @see TOLD_SKIES */
export type ToldSky = (typeof TOLD_SKIES)[number];

/** How the subject stands to the sun (or, at night, the moon). `shaded-side`: in the sun, its dark side metered for itself. */
export const FACINGS = ['front', 'side', 'back', 'shaded-side', 'open-shade'] as const;
/** @see FACINGS */
export type Facing = (typeof FACINGS)[number];

/** What lies around, and throws light back. */
export const GROUNDS = ['ground', 'sand', 'snow'] as const;
/** @see GROUNDS */
export type Ground = (typeof GROUNDS)[number];

/** What is asked beside place and time. */
export interface SkyScene {
  readonly sky: ToldSky;
  readonly facing: Facing;
  readonly ground: Ground;
}
