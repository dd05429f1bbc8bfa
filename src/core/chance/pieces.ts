// The camera's answer as straight pieces: over which wanted exposure values EVset − r(t) = alpha + beta·EV.
// It bends at the camera's limits, at the corners of a program line and where the film's long-exposure loss bends.
import { kindOfProgram } from '../camera/kinds/programs.ts';
import type { Camera } from '../camera/camera.ts';
import { evAtSeconds, rangeOf, respond } from '../camera/respond.ts';
import type { Setting } from '../camera/setting.ts';
import type { Film } from '../film/film.ts';
import { reciprocityKinks, reciprocityStops, type Reciprocity } from '../film/reciprocity.ts';

/** A stretch of wanted exposure values in which EVset − r(t) = alpha + beta·EV. */
export interface Piece {
  readonly from: number;
  readonly to: number;
  readonly alpha: number;
  readonly beta: number;
}

/**
 * What the camera gives less what the film loses, when it wants `ev`.
 * @param ev what it wants, log2(N²/t)
 * @returns EV − r(t): more where the film loses to a long time
 */
export function givenEv(camera: Camera, film: Film, setting: Setting, ev: number): number {
  const exposure = respond(camera, setting, ev);
  return exposure.ev - reciprocityStops(film.reciprocity, exposure.seconds);
}

const known = new WeakMap<Setting, WeakMap<Reciprocity, readonly Piece[]>>();

/**
 * The pieces, ascending over −∞…∞. Remembered: they are the same for every light and every film of that long-exposure loss.
 * @param setting the object itself is what is remembered
 * @returns at least two pieces; the outer ones are level
 */
export function piecesOf(camera: Camera, film: Film, setting: Setting): readonly Piece[] {
  const bySetting = known.get(setting) ?? new WeakMap<Reciprocity, readonly Piece[]>();
  known.set(setting, bySetting);
  const before = bySetting.get(film.reciprocity);
  if (before) return before;
  const pieces = makePieces(camera, film, setting);
  bySetting.set(film.reciprocity, pieces);
  return pieces;
}

function makePieces(camera: Camera, film: Film, setting: Setting): readonly Piece[] {
  const range = rangeOf(camera, setting);
  const value = (ev: number): number => givenEv(camera, film, setting, ev);
  const bends = [range.min, range.max, ...bendsOf(camera, film, setting)];
  const sorted = [...new Set(bends)].sort((a, b) => a - b);
  const pieces: Piece[] = [{ from: -Infinity, to: range.min, alpha: value(range.min), beta: 0 }];
  sorted.slice(1).forEach((to, i) => {
    const from = sorted[i] ?? to;
    const beta = (value(to) - value(from)) / (to - from);
    pieces.push({ from, to, alpha: value(from) - beta * from, beta });
  });
  pieces.push({ from: range.max, to: Infinity, alpha: value(range.max), beta: 0 });
  return pieces;
}

/** Wanted exposure values inside the limits at which the film's loss, or a program line's time, bends. */
function bendsOf(camera: Camera, film: Film, setting: Setting): readonly number[] {
  const corners = kindOfProgram(camera.program).bends(camera.program);
  const kinks = reciprocityKinks(film.reciprocity).flatMap(
    (kink) => evAtSeconds(camera, setting, kink) ?? []
  );
  return [...corners, ...kinks];
}
