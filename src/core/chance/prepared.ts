// What of a situation is the same for every setting: worked out once, so that many settings can be tried.
import { setsItself } from '../camera/camera.ts';
import type { FrameFormat } from '../film/formats.ts';
import { filmWindow, type FilmWindow } from '../film/window.ts';
import { speedStops } from '../units/film-speed.ts';
import type { Circumstances } from '../error/circumstances.ts';
import { limitsOf, sharedFormat, type Limits } from './conditions.ts';
import { filmTerms, sumTerms } from '../error/delta.ts';
import { eyeFilterStops, filmFilterStops } from '../error/filters.ts';
import { circumstancesOf, spreadOf, type Situation, type Spread } from '../error/situation.ts';

/** A situation with what does not depend on the setting or on where the light is. */
export interface Prepared {
  readonly situation: Situation;
  readonly circumstances: Circumstances;
  readonly format: FrameFormat;
  readonly window: FilmWindow;
  /** The windows where a flash outshines the rest: it lights the front of the subject evenly, flat stays flat. */
  readonly flashWindow: FilmWindow;
  readonly spread: Spread;
  readonly limits: Limits;
  /** By which the film differs from its printed speed, stops. */
  readonly filmStops: number;
  /** log2(S_eff/100) less filters, plus the camera's own error and several exposures, stops. */
  readonly fixedStops: number;
  /** What filters take from the camera's eye, stops. */
  readonly eyeFilterStops: number;
  /** log2 of the number of exposures on the frame. */
  readonly repeatStops: number;
}

/**
 * Prepares a situation.
 * @param situation any; it is kept, not copied
 * @returns what all its settings share
 */
export function prepare(situation: Situation): Prepared {
  const { camera, film, contrast } = situation;
  const circumstances = circumstancesOf(situation);
  const filmStops = sumTerms(filmTerms(film, circumstances));
  const manual = !setsItself(camera);
  return {
    situation,
    circumstances,
    format: sharedFormat(camera, film) ?? camera.formats[0] ?? '135',
    window: filmWindow(film, contrast),
    flashWindow: filmWindow(film, contrast === 'flat' ? 'flat' : 'normal'),
    spread: spreadOf(situation),
    limits: limitsOf(situation),
    filmStops,
    fixedStops:
      speedStops(film.iso) +
      filmStops -
      filmFilterStops(circumstances.filters) +
      // a camera that sets itself answers for its own error by the exposure it wants
      (manual ? camera.biasStops : 0),
    eyeFilterStops: eyeFilterStops(camera, circumstances.filters),
    repeatStops: Math.log2(circumstances.exposures)
  };
}
