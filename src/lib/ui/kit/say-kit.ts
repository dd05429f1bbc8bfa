// Words and usual numbers for the kit.
import type { Camera } from '#core/camera/camera.ts';
import { developedRange, type Film, type FilmKind, type FrameFormat } from '#core/film/film.ts';
import { sharedFormat } from '#core/match/conditions.ts';
import { formatFilmSpeed } from '#core/units/film-speed.ts';
import { formatThirds } from '#core/units/stops.ts';

/** What each kind of film is called. */
export const FILM_KIND_WORDS: Readonly<Record<FilmKind, string>> = {
  'instant-colour': 'instant, colour',
  'instant-bw': 'instant, black and white',
  'negative-colour': 'colour negative',
  'negative-bw': 'black and white negative',
  reversal: 'slide'
};

/** What each size of picture is called. */
export const FORMAT_WORDS: Readonly<Record<FrameFormat, string>> = {
  'roll-6x6': 'roll film, 6 × 6',
  'roll-6x9': 'roll film, 6 × 9',
  '135': '35 mm, 24 × 36',
  '135-panorama': '35 mm, panorama',
  'instant-square': 'instant, square',
  pack: 'instant, peel-apart pack',
  'cine-8': '8 mm cine',
  'cine-16': '16 mm cine'
};

/** A film in one line: kind, speed and what it can take. */
export function sayFilm(film: Film): string {
  const { below, above } = developedRange(film);
  return `${FILM_KIND_WORDS[film.kind]}, ${formatFilmSpeed(film.iso)}, holds ${formatThirds(below)} under to ${formatThirds(above)} over mid grey`;
}

/** Frames a film usually gives in a camera: the size of the picture decides on roll and 35 mm film. */
export function typicalFrames(camera: Camera, film: Film): number {
  const format = sharedFormat(camera, film);
  if (format === 'roll-6x9') return 8;
  if (format === 'roll-6x6') return 12;
  if (format === '135') return 36;
  return film.frames;
}
