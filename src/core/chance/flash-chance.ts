// The chance of a frame that is lit by flash and by the light that is there: Δ = log2(2^Δa + 2^Δf) + v.
// No closed form: quadrature over the light (and the camera's reading), closed form in what comes after.
import { respond } from '../camera/respond.ts';
import type { Setting } from '../camera/setting.ts';
import type { FilmWindow, StopWindow } from '../film/window.ts';
import { reciprocityStops } from '../film/reciprocity.ts';
import { FLASH_RULES_STOPS, flashSeconds, mixedStops, unmixedStops } from '../flash/flash.ts';
import { gaussLegendre, type Quadrature } from '../numeric/gauss-legendre.ts';
import { quickBetween } from '../numeric/quick-cdf.ts';
import { focusMagnification } from '../error/delta.ts';
import { automaticFlash, flashErrorStops, flashFor, respondLit } from '../error/firing.ts';
import { piecesOf } from './pieces.ts';
import type { Prepared } from './prepared.ts';

const OUTER = gaussLegendre(10);
const OUTER_OWN = gaussLegendre(8);
const INNER = gaussLegendre(8);
/** Sds over which what is left of the light is summed. */
const INNER_SPAN = 4;
/** Sds over which the quadrature runs; what lies beyond is under 1e-5. */
const SPAN = 4.5;
/** Widest panel of the quadrature, in sds. */
const PANEL_SDS = 3;

/** One sd of the light of a flash, stops: of the unit, and of a cell that quenches it. Common practice, no source. */
const UNIT_SD = 0.2;
const QUENCH_SD = 0.4;
/** One sd of the logarithm of a distance that nobody said. */
const UNSAID_DISTANCE_SD = 0.3;
/** Points of a sum over a standard normal by Gauss and Hermite, seven nodes (Abramowitz & Stegun table 25.10, scaled). */
const SEVEN: readonly { readonly z: number; readonly weight: number }[] = [
  { z: -3.750439717725742, weight: 5.48268855972218e-4 },
  { z: -2.366759410734541, weight: 0.0307571239675865 },
  { z: -1.154405394739968, weight: 0.240123178605013 },
  { z: 0, weight: 0.457142857142857 },
  { z: 1.154405394739968, weight: 0.240123178605013 },
  { z: 2.366759410734541, weight: 0.0307571239675865 },
  { z: 3.750439717725742, weight: 5.48268855972218e-4 }
];

/** A flash as it lights the frame: error by it alone, with its sd. */
interface UnsureFlash {
  readonly stops: number;
  readonly sd: number;
}

/**
 * Chance that both lights together, and what comes after, fall in a window: closed form in the less sure of flash and after, a
 * sum over the other.
 */
function withinMixed(
  ambient: number,
  flash: UnsureFlash | null,
  afterSd: number,
  { lo, hi }: StopWindow
): number {
  if (flash === null) return quickBetween(ambient, afterSd, lo, hi);
  let chance = 0;
  if (flash.sd <= afterSd)
    for (const { z, weight } of SEVEN)
      chance += weight * quickBetween(mixedStops(ambient, flash.stops + flash.sd * z), afterSd, lo, hi);
  else
    for (const { z, weight } of SEVEN) {
      const after = afterSd * z;
      const [from, to] = [unmixedStops(lo - after, ambient), unmixedStops(hi - after, ambient)];
      chance += weight * quickBetween(flash.stops, flash.sd, from, to);
    }
  return chance;
}

/** Sums over a flash-lit frame: its exposure in the usable window, and with hand and subject; the last in the good window too. */
export interface FlashChances {
  readonly exposure: number;
  readonly held: number;
  readonly still: number;
  readonly good: number;
}

/** Shares of the chance that hand, and hand and subject, hold for a picture drawn in some time. */
export interface Stillness {
  readonly hand: number;
  readonly both: number;
}

/**
 * One sd of what a flash gives, stops: its unit, and by the inverse square how far the subject is.
 * @returns stops > 0; wider the worse the distance is known
 */
export function flashSpread({ situation, limits, circumstances }: Prepared): number {
  const { flash } = situation.camera;
  if (circumstances.flash.kind !== 'fired' && flash.kind === 'automatic' && flash.quenched) return QUENCH_SD;
  const distance = circumstances.subjectM === null ? UNSAID_DISTANCE_SD : limits.distanceSd;
  return Math.hypot(UNIT_SD, (2 / Math.LN2) * distance);
}

/** Adds up one point of a quadrature. */
function point(
  ambient: number,
  flash: UnsureFlash | null,
  afterSd: number,
  { usable, good }: Pick<FilmWindow, 'usable' | 'good'>,
  { hand, both }: Stillness
): FlashChances {
  const exposure = withinMixed(ambient, flash, afterSd, usable);
  const inGood = exposure === 0 ? 0 : withinMixed(ambient, flash, afterSd, good);
  return { exposure, held: exposure * hand, still: exposure * both, good: inGood * both };
}

const NOTHING: FlashChances = { exposure: 0, held: 0, still: 0, good: 0 };

/** A mean over a standard normal between two bounds, of all four at once. */
function meanOf(
  rule: Quadrature,
  from: number,
  to: number,
  value: (z: number) => FlashChances
): FlashChances {
  const sum = { exposure: 0, held: 0, still: 0, good: 0 };
  const [half, middle] = [(to - from) / 2, (to + from) / 2];
  for (const [i, node] of rule.nodes.entries()) {
    const z = middle + half * node;
    const weight = ((rule.weights[i] ?? 0) * half * Math.exp((-z * z) / 2)) / Math.sqrt(2 * Math.PI);
    const at = value(z);
    sum.exposure += weight * at.exposure;
    sum.held += weight * at.held;
    sum.still += weight * at.still;
    sum.good += weight * at.good;
  }
  return sum;
}

const added = (a: FlashChances, b: FlashChances, weight = 1): FlashChances => ({
  exposure: a.exposure + weight * b.exposure,
  held: a.held + weight * b.held,
  still: a.still + weight * b.still,
  good: a.good + weight * b.good
});

/**
 * Set by hand: chances over the light there, the flash and what comes after.
 * @param stops error by the light there and by flash alone @param sds each ≥ 0
 * @param stillness where the flash outshines the rest, and where it does not
 */
export function handFlashChances(
  stops: { readonly ambient: number; readonly flash: number },
  sds: { readonly light: number; readonly after: number; readonly flash: number },
  windows: Pick<FilmWindow, 'usable' | 'good'>,
  stillness: { readonly ruled: Stillness; readonly other: Stillness }
): FlashChances {
  const flash = { stops: stops.flash, sd: sds.flash };
  const at = (ambient: number): FlashChances => {
    const rules = stops.flash - ambient >= FLASH_RULES_STOPS;
    return point(ambient, flash, sds.after, windows, rules ? stillness.ruled : stillness.other);
  };
  // the less what comes after blurs the edges of the window, the narrower the panels
  const width = Math.min(SPAN, Math.max(1, (PANEL_SDS * 2 * sds.after) / sds.light));
  const { ruled, other } = stillness;
  const isSame = ruled.hand === other.hand && ruled.both === other.both;
  const bends = isSame ? [] : [(stops.flash - FLASH_RULES_STOPS - stops.ambient) / sds.light];
  return overPanels(-SPAN, SPAN, bends, width, (from, to) =>
    meanOf(OUTER, from, to, (z) => at(stops.ambient + sds.light * z))
  );
}

/** What the camera wants and what the light is, before the reading is known. */
export interface JointLight {
  readonly meanWanted: number;
  /** > 0: an eye always strays from the subject’s light. */
  readonly wantedSd: number;
  /** Of the reading against the light, one sd. */
  readonly readingSd: number;
  readonly lv: number;
  /** Everything of Δ but light, EVset and long-exposure loss, stops. */
  readonly fixed: number;
}

/** A camera that sets itself, with a flash that it or its owner fires. @param stillnessOf what is drawn in so many seconds */
export function ownFlashChances(
  prepared: Prepared,
  setting: Setting,
  joint: JointLight,
  windows: Pick<FilmWindow, 'usable' | 'good'>,
  stillnessOf: (drawnSeconds: number) => Stillness
): FlashChances {
  const { situation, circumstances, spread } = prepared;
  const { camera, film, light } = situation;
  const { meanWanted, wantedSd } = joint;
  const sd = flashSpread(prepared);
  // given the reading, this is left of the light
  const part = (light.sdStops / wantedSd) ** 2;
  const leftSd = Math.sqrt(part) * joint.readingSd;
  const readingOf = (wanted: number): number =>
    joint.lv + circumstances.eyeOffsetStops + (wanted - meanWanted);
  const { usable } = windows;
  const atReading = (wanted: number): FlashChances => {
    const mean = joint.lv + part * (wanted - meanWanted);
    const exposure = respondLit(camera, circumstances, setting, wanted, readingOf(wanted));
    const lost = reciprocityStops(film.reciprocity, exposure.seconds);
    const ambient = mean + joint.fixed - exposure.ev + lost;
    const fired = flashAt(prepared, setting, readingOf(wanted), wanted);
    const flash = fired && { stops: fired.stops + prepared.repeatStops, sd };
    // as bright and as dark as what is left may make it: mostly there is nothing to sum up
    const after = SPAN * spread.afterSd;
    const brightest = ambient + SPAN * leftSd;
    const most = flash ? mixedStops(brightest, flash.stops + SPAN * sd) : brightest;
    if (most + after < usable.lo || ambient - SPAN * leftSd - after > usable.hi) return NOTHING;
    const [ruled, other] = [stillnessOf(fired?.seconds ?? exposure.seconds), stillnessOf(exposure.seconds)];
    const given = (z: number): FlashChances => {
      const a = ambient + leftSd * z;
      const rules = flash !== null && flash.stops - a >= FLASH_RULES_STOPS;
      return point(a, flash, spread.afterSd, windows, rules ? ruled : other);
    };
    return meanOf(INNER, -INNER_SPAN, INNER_SPAN, given);
  };
  const fires = automaticFlash(camera, circumstances)?.belowLv;
  const bends = [
    ...piecesOf(camera, film, setting).map((p) => p.to),
    ...(fires === undefined ? [] : [meanWanted + (fires - joint.lv - circumstances.eyeOffsetStops)])
  ].map((wanted) => (wanted - meanWanted) / wantedSd);
  return overPanels(-SPAN, SPAN, bends, PANEL_SDS, (from, to) =>
    meanOf(OUTER_OWN, from, to, (z) => atReading(meanWanted + wantedSd * z))
  );
}

function flashAt(
  prepared: Prepared,
  setting: Setting,
  readLv: number,
  wanted: number
): { readonly stops: number; readonly seconds: number } | null {
  const { situation, circumstances, filmStops } = prepared;
  const { camera, film } = situation;
  const fired = flashFor(camera, circumstances, readLv);
  if (!fired) return null;
  const { fNumber } = respond(camera, setting, wanted);
  const on = { camera, film, setting, circumstances };
  const stops = flashErrorStops(fired, on, fNumber, filmStops, focusMagnification(camera, setting));
  return { stops, seconds: flashSeconds(fired.use) };
}

/** Sums a quadrature over panels that end at every bend and are at most `width` sds wide. */
function overPanels(
  from: number,
  to: number,
  bends: readonly number[],
  width: number,
  panel: (from: number, to: number) => FlashChances
): FlashChances {
  const ends = [...bends.filter((b) => b > from && b < to), to].sort((a, b) => a - b);
  let sum = NOTHING;
  let at = from;
  for (const end of ends) {
    const count = Math.ceil((end - at) / width);
    const each = (end - at) / Math.max(1, count);
    for (let i = 0; i < count; i++) sum = added(sum, panel(at + i * each, at + (i + 1) * each));
    at = end;
  }
  return sum;
}
