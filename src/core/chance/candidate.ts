// One setting in one situation, ready to be asked about many lights: its error, what the camera gives, and its chances.
// Set by hand the chance is closed form. On a camera that sets itself the reading x = LV + o + w comes before the clip;
// between the bends of the camera's answer error and reading are jointly normal, so the chance is a sum of bivariate
// normal rectangles, good to 1e-10. With flash the two lights are added by quadrature (flash-chance.ts).
import type { Camera } from '../camera/camera.ts';
import { respond, type Exposure } from '../camera/respond.ts';
import type { Setting } from '../camera/setting.ts';
import { reciprocityStops } from '../film/reciprocity.ts';
import type { StopWindow } from '../film/window.ts';
import { flashSeconds, mixedStops } from '../flash/flash.ts';
import { rectangleFor, type Rectangle } from '../numeric/bivariate.ts';
import { normalBetween } from '../numeric/normal.ts';
import { closeFocusStops, focusMagnification, wantedEv, type FlashOnFrame } from '../error/delta.ts';
import { flashErrorStops, flashFor } from '../error/firing.ts';
import { flashChance, handFlashChance } from './flash-chance.ts';
import { piecesOf, type Piece } from './pieces.ts';
import type { Prepared } from './prepared.ts';
import { spreadWith } from '../error/situation.ts';

/** What a frame comes to when light and reading are at their means. */
export interface FrameAt {
  readonly exposure: Exposure;
  /** Error, stops. */
  readonly deltaStops: number;
  readonly flash: FlashOnFrame | null;
}

/** A setting with what comes of it; the functions take the light's mean, LV. */
export interface Candidate {
  readonly setting: Setting;
  frameAt(lv: number): FrameAt;
  /** Chance 0…1 that the error falls in a window, for the situation's uncertainty of the light. */
  chanceAt(lv: number, window: StopWindow): number;
  /** A chance that {@link chanceAt} does not exceed, for less work. */
  boundAt(lv: number, window: StopWindow): number;
}

/** Makes a candidate. */
export function candidateOf(prepared: Prepared, setting: Setting): Candidate {
  if (prepared.situation.camera.program.kind !== 'manual') return new SetByItself(prepared, setting);
  return prepared.circumstances.flash.kind === 'fired'
    ? new SetByHandWithFlash(prepared, setting)
    : new SetByHand(prepared, setting);
}

/** The flash on a frame, or null. @param ambientStops error by the other light alone */
function flashOn(
  prepared: Prepared,
  setting: Setting,
  exposure: Exposure,
  readLv: number,
  ambientStops: number
): FlashOnFrame | null {
  const { situation, circumstances, filmStops } = prepared;
  const { camera, film } = situation;
  const fired = flashFor(camera, circumstances, readLv);
  if (!fired) return null;
  const m = focusMagnification(camera, setting);
  const on = { camera, film, setting, circumstances };
  const stops = flashErrorStops(fired, on, exposure.fNumber, filmStops, m);
  return { stops, ambientStops, seconds: flashSeconds(fired.use) };
}

/** What a setting made by hand gives, whatever the film and the light. */
interface Given {
  readonly exposure: Exposure;
  /** −EVset and what is lost by moving the lens out, stops. */
  readonly stops: number;
}

// a setting belongs to one camera: what it gives is worked out once
const givenBySetting = new WeakMap<Setting, Given>();

function givenBy(camera: Camera, setting: Setting): Given {
  const before = givenBySetting.get(setting);
  if (before) return before;
  const exposure = respond(camera, setting, 0);
  const given = { exposure, stops: closeFocusStops(camera, setting) - exposure.ev };
  givenBySetting.set(setting, given);
  return given;
}

class SetByHand implements Candidate {
  readonly setting: Setting;
  protected readonly exposure: Exposure;
  /** Error in no light at all (LV 0), without flash and before exposures are added up. */
  protected readonly base: number;
  protected readonly afterSd: number;
  readonly #sd: number;
  readonly #repeatStops: number;

  constructor(prepared: Prepared, setting: Setting) {
    const { camera, film, light } = prepared.situation;
    const given = givenBy(camera, setting);
    this.setting = setting;
    this.exposure = given.exposure;
    const { kind } = film.reciprocity;
    const lost = kind === 'none' ? 0 : reciprocityStops(film.reciprocity, given.exposure.seconds);
    this.base = prepared.fixedStops + given.stops + lost;
    this.afterSd = setting.timedByHand
      ? spreadWith(prepared.spread, setting).afterSd
      : prepared.spread.afterSd;
    this.#sd = Math.sqrt(light.sdStops * light.sdStops + this.afterSd * this.afterSd);
    this.#repeatStops = prepared.repeatStops;
  }

  frameAt(lv: number): FrameAt {
    return { exposure: this.exposure, deltaStops: this.base + lv + this.#repeatStops, flash: null };
  }

  chanceAt(lv: number, window: StopWindow): number {
    return normalBetween(this.base + lv + this.#repeatStops, this.#sd, window.lo, window.hi);
  }

  boundAt(lv: number, window: StopWindow): number {
    return this.chanceAt(lv, window);
  }
}

class SetByHandWithFlash extends SetByHand {
  readonly #prepared: Prepared;
  readonly #flash: FlashOnFrame | null;

  constructor(prepared: Prepared, setting: Setting) {
    super(prepared, setting);
    this.#prepared = prepared;
    this.#flash = flashOn(prepared, setting, this.exposure, 0, 0);
  }

  override frameAt(lv: number): FrameAt {
    const ambientStops = this.base + lv;
    const flash = this.#flash && { ...this.#flash, ambientStops };
    const mixed = flash ? mixedStops(ambientStops, flash.stops) : ambientStops;
    return { exposure: this.exposure, deltaStops: mixed + this.#prepared.repeatStops, flash };
  }

  override chanceAt(lv: number, window: StopWindow): number {
    const flash = this.#flash;
    if (!flash) return super.chanceAt(lv, window);
    const { repeatStops, situation } = this.#prepared;
    const stops = { ambient: this.base + lv + repeatStops, flash: flash.stops + repeatStops };
    return handFlashChance(stops, situation.light.sdStops, this.afterSd, window);
  }

  override boundAt(lv: number, window: StopWindow): number {
    return this.#flash ? 1 : super.boundAt(lv, window);
  }
}

interface PreparedPiece extends Piece {
  readonly sd: number;
  readonly rectangle: Rectangle;
}

class SetByItself implements Candidate {
  readonly setting: Setting;
  readonly #prepared: Prepared;
  /** Everything of the error but light, EVset and long-exposure loss, stops. */
  readonly #fixed: number;
  readonly #wantedAtZero: number;
  readonly #wantedSd: number;
  readonly #flash: boolean;
  #pieces: readonly PreparedPiece[] | null = null;

  constructor(prepared: Prepared, setting: Setting) {
    const { situation, circumstances, spread } = prepared;
    const { camera, light } = situation;
    this.setting = setting;
    this.#prepared = prepared;
    this.#fixed = prepared.fixedStops + closeFocusStops(camera, setting);
    this.#wantedAtZero = wantedEv(camera, setting, circumstances.eyeOffsetStops, circumstances);
    this.#wantedSd = Math.sqrt(light.sdStops ** 2 + spread.readingSd ** 2);
    this.#flash = circumstances.flash.kind === 'fired' || camera.flash.kind === 'automatic';
  }

  frameAt(lv: number): FrameAt {
    const { situation, circumstances, repeatStops } = this.#prepared;
    const exposure = respond(situation.camera, this.setting, this.#wantedAtZero + lv);
    const lost = reciprocityStops(situation.film.reciprocity, exposure.seconds);
    const ambient = lv + this.#fixed - exposure.ev + lost;
    const flash = this.#flash
      ? flashOn(this.#prepared, this.setting, exposure, lv + circumstances.eyeOffsetStops, ambient)
      : null;
    const mixed = flash ? mixedStops(ambient, flash.stops) : ambient;
    return { exposure, deltaStops: mixed + repeatStops, flash };
  }

  chanceAt(lv: number, window: StopWindow): number {
    const meanWanted = this.#wantedAtZero + lv;
    const wantedSd = this.#wantedSd;
    const fixed = this.#fixed + this.#prepared.repeatStops;
    if (this.#flash) {
      return flashChance(this.#prepared, this.setting, { meanWanted, wantedSd, lv, fixed }, window);
    }
    let chance = 0;
    for (const piece of this.#prepareOnce()) {
      const mean = fixed + lv - piece.alpha - piece.beta * meanWanted;
      chance += pieceChance(piece, mean, meanWanted, wantedSd, window);
    }
    return Math.min(1, Math.max(0, chance));
  }

  /** On every piece both the error and the reading must fall where they should: the rarer of the two bounds the chance of both. */
  boundAt(lv: number, window: StopWindow): number {
    if (this.#flash) return 1;
    const meanWanted = this.#wantedAtZero + lv;
    const fixed = this.#fixed + this.#prepared.repeatStops;
    let bound = 0;
    for (const { alpha, beta, from, to, sd } of this.#prepareOnce()) {
      const far = FAR * this.#wantedSd;
      if (from > meanWanted + far || to < meanWanted - far) continue;
      const mean = fixed + lv - alpha - beta * meanWanted;
      if (mean + FAR * sd < window.lo || mean - FAR * sd > window.hi) continue;
      const error = normalBetween(mean, sd, window.lo, window.hi);
      bound += Math.min(error, normalBetween(meanWanted, this.#wantedSd, from, to));
    }
    return Math.min(1, bound);
  }

  #prepareOnce(): readonly PreparedPiece[] {
    const { camera, film } = this.#prepared.situation;
    this.#pieces ??= piecesOf(camera, film, this.setting).map((p) =>
      preparePiece(p, this.#prepared, this.#wantedSd)
    );
    return this.#pieces;
  }
}

function preparePiece(piece: Piece, prepared: Prepared, wantedSd: number): PreparedPiece {
  const lightVariance = prepared.situation.light.sdStops ** 2;
  const { beta, from, to, alpha } = piece;
  const variance = lightVariance + (beta * wantedSd) ** 2 - 2 * beta * lightVariance;
  const sd = Math.sqrt(Math.max(0, variance + prepared.spread.afterSd ** 2));
  const covariance = lightVariance - beta * wantedSd ** 2;
  const r = wantedSd === 0 || sd === 0 ? 0 : Math.min(1, Math.max(-1, covariance / (wantedSd * sd)));
  return { from, to, alpha, beta, sd, rectangle: rectangleFor(r) };
}

/** Beyond this many sds nothing that shows is left (1e-11). */
const FAR = 6.8;

/** A bound that nothing lies beyond is no bound: half the corners of a rectangle then cost next to nothing. */
function nearOrNever(bound: number): number {
  return bound > FAR ? Infinity : bound < -FAR ? -Infinity : bound;
}

function pieceChance(
  piece: PreparedPiece,
  mean: number,
  meanWanted: number,
  wantedSd: number,
  window: StopWindow
): number {
  const { sd } = piece;
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
  return piece.rectangle(
    nearOrNever(from),
    nearOrNever(to),
    nearOrNever((window.lo - mean) / sd),
    nearOrNever((window.hi - mean) / sd)
  );
}
