// How far the subject's important tones lie below and above mid grey, in stops. Starting values: common practice, no source.

/** Kinds of subject contrast a photographer can name at a glance. */
export type Contrast = 'flat' | 'normal' | 'hard' | 'backlit';

/** Stops from mid grey to the darkest (`shadows`) and lightest (`highlights`) tone that matters; both ≥ 0. */
export interface ToneSpan {
  readonly shadows: number;
  readonly highlights: number;
}

/** flat: overcast, open shade · normal: lit from the front, rooms · hard: side light, street lamps · backlit. */
export const TONE_SPANS: Readonly<Record<Contrast, ToneSpan>> = {
  flat: { shadows: 1.3, highlights: 1.3 },
  normal: { shadows: 2, highlights: 2 },
  hard: { shadows: 3.3, highlights: 2.3 },
  backlit: { shadows: 2, highlights: 3 }
};

/** All contrasts, softest first. */
export const CONTRASTS = ['flat', 'normal', 'hard', 'backlit'] as const satisfies readonly Contrast[];
