// One setting in one situation, ready to be asked about many lights: its error, what the camera gives, and its chances.
// Set by hand exposure, hand, subject and focus are independent and multiply. On a camera that sets itself the reading comes
// before the clip and decides the time: exposure alone is a sum of bivariate normal rectangles, good to 1e-10, and the whole
// frame a quadrature over the reading (automatic-chance.ts). With flash the two lights are added by quadrature (flash-chance.ts).
import type { Camera } from '../camera/camera.ts';
import { rangeOf, respond, type Exposure } from '../camera/respond.ts';
import type { Setting } from '../camera/setting.ts';
import { reciprocityStops } from '../film/reciprocity.ts';
import type { FilmWindow, StopWindow } from '../film/window.ts';
import { flashSeconds, FLASH_RULES_STOPS, mixedStops } from '../flash/flash.ts';
import { rectangleFor, type Rectangle } from '../numeric/bivariate.ts';
import { normalBetween } from '../numeric/normal.ts';
import { quickBetween } from '../numeric/quick-cdf.ts';
import { closeFocusStops, focusMagnification, wantedEv, type FlashOnFrame } from '../error/delta.ts';
import { flashErrorStops, flashFor, respondLit } from '../error/firing.ts';
import { automaticChances, type Chances } from './automatic-chance.ts';
import { certainFailure, focusAt, handAt, stillnessAt, subjectAt, type Limits } from './conditions.ts';
import {
  flashSpread,
  handFlashChances,
  ownFlashChances,
  type FlashChances,
  type Stillness
} from './flash-chance.ts';
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
  /** Chances of the whole frame. */
  chancesAt(lv: number): Chances;
  /** The windows of the film: a flash that outshines the rest lights the subject evenly. */
  windowAt(lv: number): FilmWindow;
  /** A chance that the whole frame does not exceed, for less work. */
  boundAt(lv: number): number;
}

/** Chances of conditions that do not hang on the reading, all in one product. */
function multiplied(
  exposure: number,
  good: number,
  lock: number,
  hand: number,
  subject: number,
  focus: number
): Chances {
  const released = exposure * lock;
  const held = released * hand;
  const still = held * subject;
  return {
    exposure,
    released,
    held,
    still,
    usable: still * focus,
    good: good * lock * hand * subject * focus
  };
}

const NO_FRAME: Chances = { exposure: 0, released: 0, held: 0, still: 0, usable: 0, good: 0 };

/** A frame that something spoils for certain: its exposure stands. */
const spoiled = (exposure: number): Chances => ({ ...NO_FRAME, exposure });

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
  protected readonly prepared: Prepared;
  protected readonly exposure: Exposure;
  /** Error in no light at all (LV 0), without flash and before exposures are added up. */
  protected readonly base: number;
  protected readonly afterSd: number;
  readonly #sd: number;
  readonly #repeatStops: number;
  #conditions: readonly [hand: number, subject: number, focus: number] | null = null;

  constructor(prepared: Prepared, setting: Setting) {
    const { camera, film, light } = prepared.situation;
    const given = givenBy(camera, setting);
    this.setting = setting;
    this.prepared = prepared;
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

  windowAt: (lv: number) => FilmWindow = () => this.prepared.window;

  chanceAt(lv: number, window: StopWindow): number {
    return normalBetween(this.base + lv + this.#repeatStops, this.#sd, window.lo, window.hi);
  }

  chancesAt(lv: number): Chances {
    const { window, limits } = this.prepared;
    const exposure = this.chanceAt(lv, window.usable);
    if (certainFailure(limits, this.setting, this.exposure.seconds)) return spoiled(exposure);
    const [hand, subject, focus] = this.conditions();
    return multiplied(exposure, this.chanceAt(lv, window.good), 1, hand, subject, focus);
  }

  boundAt(lv: number): number {
    const [hand, subject, focus] = this.conditions();
    return this.chanceAt(lv, this.prepared.window.usable) * hand * subject * focus;
  }

  /** Chances of hand, subject and focus with the time and aperture that are set. */
  protected conditions(): readonly [hand: number, subject: number, focus: number] {
    const { limits, situation } = this.prepared;
    const { seconds, fNumber } = this.exposure;
    this.#conditions ??= [
      handAt(limits, seconds),
      subjectAt(limits, seconds),
      focusAt(situation.camera, limits, this.setting, fNumber)
    ];
    return this.#conditions;
  }
}

class SetByHandWithFlash extends SetByHand {
  readonly #flash: FlashOnFrame | null;

  constructor(prepared: Prepared, setting: Setting) {
    super(prepared, setting);
    this.#flash = flashOn(prepared, setting, this.exposure, 0, 0);
  }

  override frameAt(lv: number): FrameAt {
    const ambientStops = this.base + lv;
    const flash = this.#flash && { ...this.#flash, ambientStops };
    const mixed = flash ? mixedStops(ambientStops, flash.stops) : ambientStops;
    return { exposure: this.exposure, deltaStops: mixed + this.prepared.repeatStops, flash };
  }

  override windowAt = (lv: number): FilmWindow => {
    const flash = this.#flash;
    const rules = flash !== null && flash.stops - this.base - lv >= FLASH_RULES_STOPS;
    return rules ? this.prepared.flashWindow : this.prepared.window;
  };

  override chanceAt(lv: number, window: StopWindow): number {
    const flash = this.#flash;
    return flash
      ? this.#sum(lv, { usable: window, good: window }, flash).exposure
      : super.chanceAt(lv, window);
  }

  override chancesAt(lv: number): Chances {
    const flash = this.#flash;
    if (!flash) return super.chancesAt(lv);
    const sum = this.#sum(lv, this.windowAt(lv), flash);
    if (certainFailure(this.prepared.limits, this.setting, this.exposure.seconds))
      return spoiled(sum.exposure);
    const [, , focus] = this.conditions();
    return withFocus(sum, focus);
  }

  override boundAt(lv: number): number {
    return this.#flash ? 1 : super.boundAt(lv);
  }

  #sum(lv: number, windows: Pick<FilmWindow, 'usable' | 'good'>, flash: FlashOnFrame): FlashChances {
    const { repeatStops, situation, limits } = this.prepared;
    const stops = { ambient: this.base + lv + repeatStops, flash: flash.stops + repeatStops };
    const sds = { light: situation.light.sdStops, after: this.afterSd, flash: flashSpread(this.prepared) };
    const stillness = {
      ruled: stillnessIn(limits, flash.seconds),
      other: stillnessIn(limits, this.exposure.seconds)
    };
    return handFlashChances(stops, sds, windows, stillness);
  }
}

const stillnessIn = (limits: Limits, seconds: number): Stillness => ({
  hand: handAt(limits, seconds),
  both: stillnessAt(limits, seconds)
});

const withFocus = ({ exposure, held, still, good }: FlashChances, focus: number): Chances => ({
  ...{ exposure, released: exposure, held, still },
  ...{ usable: still * focus, good: good * focus }
});

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

class SetByItself implements Candidate {
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
    this.#locks = camera.program.kind === 'automatic-time' && camera.program.inLowLight === 'locks';
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
    const isTimed = camera.program.kind !== 'automatic-aperture';
    const moves = limits.halfHeldSeconds !== Infinity || limits.halfStillSeconds !== Infinity;
    const stops = camera.program.kind !== 'automatic-time' && limits.subjectM !== null;
    if (this.#flash) {
      const focus = focusAt(camera, limits, this.setting, at.fNumber);
      return withFocus(this.#flashSum(lv, { usable, good }), focus);
    }
    if (!(isTimed && moves) && !stops && !this.#locks)
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
        bound += weight * Math.min(error, quickBetween(meanWanted, wantedSd, from, to));
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
    const focused = limits.subjectM !== null;
    const isTimed = camera.program.kind === 'automatic-time';
    const at0 = respond(camera, this.setting, meanWanted);
    const { min, max } = rangeOf(camera, this.setting);
    // with the aperture chosen, the time follows from the exposure value alone: no need to ask the camera at every node
    const secondsAt = isTimed
      ? (wanted: number) => at0.fNumber ** 2 / 2 ** Math.min(max, Math.max(min, wanted))
      : (wanted: number) => respond(camera, this.setting, wanted).seconds;
    const sure = focused && isTimed ? focusAt(camera, limits, this.setting, at0.fNumber) : 1;
    const at = {
      hand: (wanted: number) => (held ? handAt(limits, secondsAt(wanted)) : 1),
      subject: (wanted: number) => (still ? subjectAt(limits, secondsAt(wanted)) : 1),
      focus: (wanted: number) =>
        focused && !isTimed
          ? focusAt(camera, limits, this.setting, respond(camera, this.setting, wanted).fNumber)
          : sure
    };
    const sum = { exposure: 0, released: 0, held: 0, still: 0, usable: 0, good: 0 };
    for (const { weight, readingSd, wantedSd, pieces } of this.#prepareOnce()) {
      // given the reading, this is left of the light
      const share = wantedSd === 0 ? 0 : (light.sdStops / wantedSd) ** 2;
      const givenSd = Math.hypot(Math.sqrt(share) * readingSd, spread.afterSd);
      const model = { meanWanted, wantedSd, share, givenSd, atMean: lv + this.#fixed + repeatStops };
      const part = automaticChances(pieces, model, window, at, this.#locks);
      for (const name of CHANCE_NAMES) sum[name] += weight * part[name];
    }
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
  const r = wantedSd === 0 || sd === 0 ? 0 : Math.min(1, Math.max(-1, covariance / (wantedSd * sd)));
  return { from, to, alpha, beta, sd, r, rectangle: null };
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
  piece.rectangle ??= rectangleFor(piece.r);
  return piece.rectangle(
    nearOrNever(from),
    nearOrNever(to),
    nearOrNever((window.lo - mean) / sd),
    nearOrNever((window.hi - mean) / sd)
  );
}
