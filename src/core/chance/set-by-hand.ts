// A setting made by hand: time and aperture are known, so that exposure, hand, subject and focus multiply.
import type { Camera } from '../camera/camera.ts';
import { respond, type Exposure } from '../camera/respond.ts';
import type { Setting } from '../camera/setting.ts';
import { closeFocusStops, type FlashOnFrame } from '../error/delta.ts';
import { spreadWith } from '../error/situation.ts';
import { reciprocityStops } from '../film/reciprocity.ts';
import type { FilmWindow, StopWindow } from '../film/window.ts';
import { FLASH_RULES_STOPS, mixedStops } from '../flash/flash.ts';
import { normalBetween } from '../numeric/normal.ts';
import { quickBetween } from '../numeric/quick-cdf.ts';
import type { Chances } from './automatic-chance.ts';
import { flashOn, multiplied, spoiled, stillnessIn, withFocus } from './candidate-parts.ts';
import type { Candidate, FrameAt } from './candidate.ts';
import { certainFailure, focusAt, handAt, subjectAt } from './conditions.ts';
import { flashSpread, handFlashChances, type FlashChances } from './flash-chance.ts';
import type { Prepared } from './prepared.ts';

/** An exposure as unlikely as this is not worth asking about hand, subject and focus. */
const HOPELESS = 0.1;

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

/** A setting made by hand, without flash. */
export class SetByHand implements Candidate {
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

  windowAt(_lv: number): FilmWindow {
    return this.prepared.window;
  }

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
    const { lo, hi } = this.prepared.window.usable;
    // the table is good to 2e-9
    const exposure = quickBetween(this.base + lv + this.#repeatStops, this.#sd, lo, hi) + 1e-8;
    // most settings are out of the question by their exposure: nothing else is asked about them
    if (exposure < HOPELESS) return exposure;
    const [hand, subject, focus] = this.conditions();
    return exposure * hand * subject * focus;
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

/** A setting made by hand with a flash that is fired. */
export class SetByHandWithFlash extends SetByHand {
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

  override windowAt(lv: number): FilmWindow {
    const flash = this.#flash;
    const rules = flash !== null && flash.stops - this.base - lv >= FLASH_RULES_STOPS;
    return rules ? this.prepared.flashWindow : this.prepared.window;
  }

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
    const flash = this.#flash;
    return flash ? this.#flashBound(lv, flash) : super.boundAt(lv);
  }

  /** Both lights together give at least the stronger of them, and at most a stop more. */
  #flashBound(lv: number, flash: FlashOnFrame): number {
    const { repeatStops, situation, limits, flashWindow, window } = this.prepared;
    const [, , focus] = this.conditions();
    const still = Math.max(
      stillnessIn(limits, flash.seconds).both,
      stillnessIn(limits, this.exposure.seconds).both
    );
    const lo = Math.min(window.usable.lo, flashWindow.usable.lo) - 1 - repeatStops;
    const hi = Math.max(window.usable.hi, flashWindow.usable.hi) - repeatStops;
    const there = Math.hypot(situation.light.sdStops, this.afterSd);
    const flashed = Math.hypot(flashSpread(this.prepared), this.afterSd);
    const ambient = this.base + lv;
    const under = Math.min(
      quickBetween(ambient, there, -Infinity, hi),
      quickBetween(flash.stops, flashed, -Infinity, hi)
    );
    const over =
      quickBetween(ambient, there, lo, Infinity) + quickBetween(flash.stops, flashed, lo, Infinity);
    // the table is good to 2e-9, the sum over seven points to 1e-3
    return (Math.min(1, under, over) + 2e-3) * focus * still;
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
