// A film to try a camera with while the kit has none that fits: colour negative of a usual speed.
import { TYPICAL_RANGE, type Film } from '#core/film/film.ts';
import { FRAME_FORMATS } from '#core/film/formats.ts';
import { PLAIN_FILM_TRAITS } from '#core/film/traits.ts';

/** Colour negative ISO 200 in every size; common practice, no source. */
export const SAMPLE_FILM: Film = {
  ...{ id: 'sample', name: 'a colour negative film of ISO 200', kind: 'negative-colour', iso: 200 },
  belowStops: TYPICAL_RANGE['negative-colour'].below,
  aboveStops: TYPICAL_RANGE['negative-colour'].above,
  reciprocity: { kind: 'none' },
  ...{ developmentStops: 0, ageStops: 0, sdStops: 0.2, formats: FRAME_FORMATS, frames: 24 },
  ...{ ...PLAIN_FILM_TRAITS, packBattery: true }
};
