// A setting of a camera that sets itself: the reading comes before the clip and decides the time.
import { kindOfProgram } from '../camera/kinds/programs.ts';
import { setsOf } from '../camera/camera.ts';
import { rangeOf, respond } from '../camera/respond.ts';
import type { Setting } from '../camera/setting.ts';
import { closeFocusStops, wantedEv } from '../error/delta.ts';
import { respondLit } from '../error/firing.ts';
import { reciprocityStops } from '../film/reciprocity.ts';
import type { FilmWindow, StopWindow } from '../film/window.ts';
import { FLASH_RULES_STOPS, mixedStops } from '../flash/flash.ts';
import { rectangleFor, type Rectangle } from '../numeric/bivariate.ts';
import { normalBetween } from '../numeric/normal.ts';
import { quickBetween, quickCdf } from '../numeric/quick-cdf.ts';
import { automaticChances, type Chances } from './automatic-chance.ts';
import { flashOn, multiplied, spoiled, stillnessIn, withFocus } from './candidate-parts.ts';
import type { Candidate, FrameAt } from './candidate.ts';
import { certainFailure, focusAt, handAt, subjectAt } from './conditions.ts';
import { ownFlashChances, type FlashChances, type Stillness } from './flash-chance.ts';
import { piecesOf, type Piece } from './pieces.ts';
import type { Prepared } from './prepared.ts';
import { HAND_SPREAD, SUBJECT_SPREAD } from './stillness.ts';

interface PreparedPiece extends Piece {
  readonly sd: number;
  /** Correlation of error and reading. */
  readonly r: number;
  /** Made when the first chance of exposure alone is asked for. */
  rectangle: Rectangle | null;
}

/** One of the normals that the reading's error is mixed of. */
interface Reading {
  readonly weight: number;
  readonly readingSd: number;
  readonly wantedSd: number;
  readonly pieces: readonly PreparedPiece[];
}

/** A setting of a camera that sets itself. */
export class SetByItself implements Candidate {
  readonly setting: Setting;
  readonly #prepared: Prepared;
  /** Everything of the error but light, EVset and long-exposure loss, stops. */
  readonly #fixed: number;
  readonly #wantedAtZero: number;
  readonly #flash: boolean;
  readonly #locks: boolean;
  #readings: readonly Reading[] | null = null;

  constructor(prepared: Prepared, setting: Setting) {
    const { situation, circumstances } = prepared;
    const { camera } = situation;
    this.setting = setting;
    this.#prepared = prepared;
    this.#fixed = prepared.fixedStops + closeFocusStops(camera, setting);
    this.#wantedAtZero = wantedEv(camera, setting, circumstances.eyeOffsetStops, circumstances);
    this.#flash = circumstances.flash.kind === 'fired' || camera.flash.kind === 'automatic';
    this.#locks = kindOfProgram(camera.program).locksBeyond(camera.program) !== null;
  }

  frameAt(lv: number): FrameAt {
    const { situation, circumstances, repeatStops } = this.#prepared;
    const wanted = this.#wantedAtZero + lv;
    const readLv = lv + circumstances.eyeOffsetStops;
    const exposure = this.#flash
      ? respondLit(situation.camera, circumstances, this.setting, wanted, readLv)
      : respond(situation.camera, this.setting, wanted);
    const lost = reciprocityStops(situation.film.reciprocity, exposure.seconds);
    const ambient = lv + this.#fixed - exposure.ev + lost;
    const flash = this.#flash
      ? flashOn(this.#prepared, this.setting, exposure, lv + circumstances.eyeOffsetStops, ambient)
      : null;
    const mixed = flash ? mixedStops(ambient, flash.stops) : ambient;
    return { exposure, deltaStops: mixed + repeatStops, flash };
  }

  windowAt(lv: number): FilmWindow {
    if (!this.#flash) return this.#prepared.window;
    const { flash } = this.frameAt(lv);
    const rules = flash !== null && flash.stops - flash.ambientStops >= FLASH_RULES_STOPS;
    return rules ? this.#prepared.flashWindow : this.#prepared.window;
  }

  chanceAt(lv: number, window: StopWindow): number {
    if (this.#flash) return this.#flashSum(lv, { usable: window, good: window }).exposure;
    const meanWanted = this.#wantedAtZero + lv;
    const fixed = this.#fixed + this.#prepared.repeatStops;
    let chance = 0;
    for (const { weight, wantedSd, pieces } of this.#prepareOnce())
      for (const piece of pieces) {
        const mean = fixed + lv - piece.alpha - piece.beta * meanWanted;
        chance += weight * pieceChance(piece, mean, meanWanted, wantedSd, window);
      }
    return Math.min(1, Math.max(0, chance));
  }

  chancesAt(lv: number): Chances {
    const { limits, situation } = this.#prepared;
    const { camera } = situation;
    const { exposure: at } = this.frameAt(lv);
    const { usable, good } = this.windowAt(lv);
    if (certainFailure(limits, this.setting, at.seconds)) return spoiled(this.chanceAt(lv, usable));
    const sets = setsOf(camera);
    const moves = limits.halfHeldSeconds !== Infinity || limits.halfStillSeconds !== Infinity;
    const stops = sets.aperture && limits.subjectM !== null;
    if (this.#flash) {
      const focus = focusAt(camera, limits, this.setting, at.fNumber);
      return withFocus(this.#flashSum(lv, { usable, good }), focus);
    }
    if (!(sets.time && moves) && !stops && !this.#locks)
      return multiplied(
        ...([this.chanceAt(lv, usable), this.chanceAt(lv, good), 1] as const),
        ...([handAt(limits, at.seconds), subjectAt(limits, at.seconds)] as const),
        focusAt(camera, limits, this.setting, at.fNumber)
      );
    return this.#summed(lv);
  }

  boundAt(lv: number): number {
    if (this.#flash) return 1;
    const { usable } = this.#prepared.window;
    const meanWanted = this.#wantedAtZero + lv;
    const fixed = this.#fixed + this.#prepared.repeatStops;
    let bound = 0;
    // on every piece both the error and the reading must fall where they should: the rarer of the two bounds the chance of both
    for (const { weight, wantedSd, pieces } of this.#prepareOnce())
      for (const { alpha, beta, from, to, sd } of pieces) {
        const far = FAR * wantedSd;
        if (from > meanWanted + far || to < meanWanted - far) continue;
        const mean = fixed + lv - alpha - beta * meanWanted;
        if (mean + FAR * sd < usable.lo || mean - FAR * sd > usable.hi) continue;
        const error = quickBetween(mean, sd, usable.lo, usable.hi);
        // what is rare already need not be bound closer
        const both = error < RARE ? error : Math.min(error, quickBetween(meanWanted, wantedSd, from, to));
        bound += weight * both;
      }
    // the table is good to 2e-9
    return Math.min(1, bound + 1e-8);
  }

  /** Exposure, hand, subject and focus over the reading. */
  #summed(lv: number): Chances {
    const { situation, limits, window, spread, repeatStops } = this.#prepared;
    const { camera, light } = situation;
    const meanWanted = this.#wantedAtZero + lv;
    const still = limits.halfStillSeconds !== Infinity;
    const held = limits.halfHeldSeconds !== Infinity;
    const { aperture: setsAperture } = setsOf(camera);
    const focusMoves = setsAperture && limits.subjectM !== null;
    const at0 = respond(camera, this.setting, meanWanted);
    const { min, max } = rangeOf(camera, this.setting);
    // with the aperture chosen, the time follows from the exposure value alone: no need to ask the camera at every node
    const lnAperture = 2 * Math.log(at0.fNumber);
    const lnSecondsAt = setsAperture
      ? (wanted: number) => Math.log(respond(camera, this.setting, wanted).seconds)
      : (wanted: number) => lnAperture - Math.LN2 * Math.min(max, Math.max(min, wanted));
    const [lnHeld, lnStill] = [Math.log(limits.halfHeldSeconds), Math.log(limits.halfStillSeconds)];
    const focus0 = focusAt(camera, limits, this.setting, at0.fNumber);
    const at = {
      hand: (wanted: number) => (held ? quickCdf((lnHeld - lnSecondsAt(wanted)) / HAND_SPREAD) : 1),
      subject: (wanted: number) => (still ? quickCdf((lnStill - lnSecondsAt(wanted)) / SUBJECT_SPREAD) : 1),
      steepness: (held ? HAND_SPREAD ** -2 : 0) + (still ? SUBJECT_SPREAD ** -2 : 0),
      focus: (wanted: number) =>
        focusMoves
          ? focusAt(camera, limits, this.setting, respond(camera, this.setting, wanted).fNumber)
          : focus0
    };
    const sum = { exposure: 0, released: 0, held: 0, still: 0, usable: 0, good: 0 };
    for (const { weight, readingSd, wantedSd, pieces } of this.#prepareOnce()) {
      // given the reading, this is left of the light
      const share = (light.sdStops / wantedSd) ** 2;
      const givenSd = Math.hypot(Math.sqrt(share) * readingSd, spread.afterSd);
      const model = { meanWanted, wantedSd, share, givenSd, atMean: lv + this.#fixed + repeatStops };
      const part = automaticChances(pieces, model, window, at, this.#locks);
      for (const name of CHANCE_NAMES) sum[name] += weight * part[name];
    }
    // a quadrature may come out a hair over 1
    for (const name of CHANCE_NAMES) sum[name] = Math.min(1, sum[name]);
    return sum;
  }

  #flashSum(lv: number, windows: Pick<FilmWindow, 'usable' | 'good'>): FlashChances {
    const meanWanted = this.#wantedAtZero + lv;
    const fixed = this.#fixed + this.#prepared.repeatStops;
    const { limits } = this.#prepared;
    const stillness = (seconds: number): Stillness => stillnessIn(limits, seconds);
    const sum = { exposure: 0, held: 0, still: 0, good: 0 };
    for (const { weight, readingSd, wantedSd } of this.#prepareOnce()) {
      const joint = { meanWanted, wantedSd, readingSd, lv, fixed };
      const part = ownFlashChances(this.#prepared, this.setting, joint, windows, stillness);
      for (const name of FLASH_NAMES) sum[name] += weight * part[name];
    }
    return sum;
  }

  #prepareOnce(): readonly Reading[] {
    const { situation, spread } = this.#prepared;
    const { camera, film, light } = situation;
    this.#readings ??= spread.readings.map(({ weight, sd: readingSd }) => {
      const wantedSd = Math.sqrt(light.sdStops ** 2 + readingSd ** 2);
      const pieces = piecesOf(camera, film, this.setting).map((p) =>
        preparePiece(p, this.#prepared, wantedSd)
      );
      return { weight, readingSd, wantedSd, pieces };
    });
    return this.#readings;
  }
}

const FLASH_NAMES = ['exposure', 'held', 'still', 'good'] as const;
const CHANCE_NAMES = ['exposure', 'released', 'held', 'still', 'usable', 'good'] as const;

function preparePiece(piece: Piece, prepared: Prepared, wantedSd: number): PreparedPiece {
  const lightVariance = prepared.situation.light.sdStops ** 2;
  const { beta, from, to, alpha } = piece;
  const variance = lightVariance + (beta * wantedSd) ** 2 - 2 * beta * lightVariance;
  const sd = Math.sqrt(Math.max(0, variance + prepared.spread.afterSd ** 2));
  const covariance = lightVariance - beta * wantedSd ** 2;
  // neither is ever 0: an eye strays from the subject’s light, and frames from each other
  const r = Math.min(1, Math.max(-1, covariance / (wantedSd * sd)));
  return { from, to, alpha, beta, sd, r, rectangle: null };
}

/** A chance as small as this is its own bound. */
const RARE = 1e-3;
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
  const from = nearOrNever((piece.from - meanWanted) / wantedSd);
  const to = nearOrNever((piece.to - meanWanted) / wantedSd);
  const lo = nearOrNever((window.lo - mean) / sd);
  const hi = nearOrNever((window.hi - mean) / sd);
  // most pieces, and most lights, are out of the question: no rectangle is made for them
  if (from === to || lo === hi) return 0;
  if (from === -Infinity && to === Infinity) return normalBetween(mean, sd, window.lo, window.hi);
  piece.rectangle ??= rectangleFor(piece.r);
  return piece.rectangle(from, to, lo, hi);
}
