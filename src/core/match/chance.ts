// The chance that a frame's error falls in a window. Set by hand it is closed form. On a camera that sets itself the
// reading x = LV + o + w comes before the clip; between the points where the camera's answer bends, error and reading are
// jointly normal, so the chance is a sum of bivariate normal rectangles, good to 1e-10.
import { evAtSeconds, evRange, respond } from '../camera/respond.ts';
import { reciprocityKinks, reciprocityStops } from '../film/reciprocity.ts';
import type { StopWindow } from '../film/window.ts';
import { evFromSetting } from '../light/lv.ts';
import { bivariateRectangle } from '../numeric/bivariate.ts';
import { normalBetween } from '../numeric/normal.ts';
import type { Setting } from '../camera/setting.ts';
import { constantStops, errorOfFrame, sumTerms, wantedEv } from './delta.ts';
import { circumstancesOf, spreadOf, type Situation } from './situation.ts';

/** A stretch of wanted exposure values in which EVset − r(t) = alpha + beta·EV. */
interface Piece {
  readonly from: number;
  readonly to: number;
  readonly alpha: number;
  readonly beta: number;
}

/** Chance 0…1 that the error of a setting falls in the window. */
export function chanceWithin(situation: Situation, setting: Setting, window: StopWindow): number {
  return chanceCurve(situation, setting, window)(situation.light.lv);
}

/**
 * The chance of a setting as a function of the light's mean: what does not depend on it is worked out once.
 * @returns LV → chance 0…1, for the situation's uncertainty of the light
 */
export function chanceCurve(
  situation: Situation,
  setting: Setting,
  window: StopWindow
): (lv: number) => number {
  const { camera, film, light } = situation;
  const { readingSd, afterSd } = spreadOf(situation);
  const circumstances = circumstancesOf(situation);
  if (camera.program.kind === 'manual') {
    const sd = Math.hypot(light.sdStops, afterSd);
    const atZero = sumTerms(errorOfFrame(camera, film, setting, 0, circumstances).terms);
    return (lv) => normalBetween(atZero + lv, sd, window.lo, window.hi);
  }
  const constant = constantStops(camera, film, setting, circumstances);
  const wantedAtZero = wantedEv(camera, setting, circumstances.eyeOffsetStops, circumstances);
  const wantedSd = Math.hypot(light.sdStops, readingSd);
  const lightVariance = light.sdStops ** 2;
  const pieces = piecesOf(situation, setting).map((piece) => ({
    ...piece,
    sd: Math.sqrt(
      Math.max(
        0,
        lightVariance + piece.beta ** 2 * wantedSd ** 2 - 2 * piece.beta * lightVariance + afterSd ** 2
      )
    ),
    covariance: lightVariance - piece.beta * wantedSd ** 2
  }));
  return (lv) => {
    const meanWanted = wantedAtZero + lv;
    let chance = 0;
    for (const piece of pieces) {
      const mean = constant + lv - piece.alpha - piece.beta * meanWanted;
      const { sd, covariance } = piece;
      chance += pieceChance(piece, { mean, sd, meanWanted, wantedSd, covariance }, window);
    }
    return Math.min(1, Math.max(0, chance));
  };
}

interface Joint {
  readonly mean: number;
  readonly sd: number;
  readonly meanWanted: number;
  readonly wantedSd: number;
  readonly covariance: number;
}

/** Beyond this many sds nothing that shows is left (1e-11). */
const FAR = 6.8;

function pieceChance(piece: Piece, joint: Joint, window: StopWindow): number {
  const { mean, sd, meanWanted, wantedSd, covariance } = joint;
  if (wantedSd === 0) {
    const here = meanWanted > piece.from && meanWanted <= piece.to;
    return here ? normalBetween(mean, sd, window.lo, window.hi) : 0;
  }
  const from = (piece.from - meanWanted) / wantedSd;
  const to = (piece.to - meanWanted) / wantedSd;
  if (from > FAR || to < -FAR) return 0;
  if (sd === 0) return mean >= window.lo && mean <= window.hi ? normalBetween(0, 1, from, to) : 0;
  if (mean + FAR * sd < window.lo || mean - FAR * sd > window.hi) return 0;
  if (from < -FAR && to > FAR) return normalBetween(mean, sd, window.lo, window.hi);
  const r = Math.min(1, Math.max(-1, covariance / (wantedSd * sd)));
  return bivariateRectangle(from, to, (window.lo - mean) / sd, (window.hi - mean) / sd, r);
}

/** The pieces between the limits and the bends of the film's long-exposure loss, ascending over −∞…∞. */
function piecesOf(situation: Situation, setting: Setting): readonly Piece[] {
  const { camera, film } = situation;
  const range = evRange(camera, setting);
  const value = (ev: number): number => {
    const exposure = respond(camera, setting, ev);
    return exposure.ev - reciprocityStops(film.reciprocity, exposure.seconds);
  };
  const bends = [range.min, range.max, ...bendsOf(situation, setting, range.min, range.max)];
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
function bendsOf(situation: Situation, setting: Setting, min: number, max: number): readonly number[] {
  const { camera, film } = situation;
  const corners =
    camera.program.kind === 'program'
      ? camera.program.points.map((p) => evFromSetting(p.fNumber, p.seconds))
      : [];
  const kinks = reciprocityKinks(film.reciprocity).flatMap(
    (kink) => evAtSeconds(camera, setting, kink) ?? []
  );
  return [...corners, ...kinks].filter((ev) => ev > min && ev < max);
}
