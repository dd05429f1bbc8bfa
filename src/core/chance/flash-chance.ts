// The chance of a frame that is lit by flash and by the light that is there: Δ = log2(2^Δa + 2^Δf) + v.
// No closed form: quadrature over the light (and the camera's reading), closed form in what comes after.
import { respond } from '../camera/respond.ts';
import type { Setting } from '../camera/setting.ts';
import type { StopWindow } from '../film/window.ts';
import { mixedStops } from '../flash/flash.ts';
import { gaussLegendre, normalMean } from '../numeric/gauss-legendre.ts';
import { normalBetween } from '../numeric/normal.ts';
import { focusMagnification } from '../error/delta.ts';
import { automaticFlash, flashErrorStops, flashFor } from '../error/firing.ts';
import { givenEv, piecesOf } from './pieces.ts';
import type { Prepared } from './prepared.ts';

const OUTER = gaussLegendre(12);
const INNER = gaussLegendre(8);
/** Sds over which the quadrature runs; what lies beyond is under 1e-8. */
const SPAN = 5.7;
/** Widest panel of the quadrature, in sds. */
const PANEL_SDS = 3;

/**
 * Set by hand: both errors known but for the light and what comes after.
 * @param stops error by the light there and by flash alone @param lightSd, afterSd ≥ 0
 */
export function handFlashChance(
  stops: { readonly ambient: number; readonly flash: number },
  lightSd: number,
  afterSd: number,
  window: StopWindow
): number {
  const given = (ambient: number): number =>
    normalBetween(mixedStops(ambient, stops.flash), afterSd, window.lo, window.hi);
  if (lightSd === 0) return given(stops.ambient);
  // as bright and as dark as it may get, to see whether there is any chance at all
  const far = SPAN * lightSd;
  if (mixedStops(stops.ambient + far, stops.flash) + SPAN * afterSd < window.lo) return 0;
  if (mixedStops(stops.ambient - far, stops.flash) - SPAN * afterSd > window.hi) return 0;
  // the less what comes after blurs the edges of the window, the narrower the panels
  const width = Math.min(SPAN, Math.max(1, (PANEL_SDS * 2 * afterSd) / lightSd));
  return overPanels(-SPAN, SPAN, [], width, (from, to) =>
    normalMean(OUTER, from, to, (z) => given(stops.ambient + lightSd * z))
  );
}

/** What the camera wants and what the light is, before the reading is known. */
export interface JointLight {
  readonly meanWanted: number;
  readonly wantedSd: number;
  readonly lv: number;
  /** Everything of Δ but light, EVset and long-exposure loss, stops. */
  readonly fixed: number;
}

/** A camera that sets itself, with a flash that it or its owner fires. */
export function flashChance(
  prepared: Prepared,
  setting: Setting,
  joint: JointLight,
  window: StopWindow
): number {
  const { situation, circumstances } = prepared;
  const { camera, film, light } = situation;
  const { meanWanted, wantedSd } = joint;
  // given the reading, this is left of the light
  const share = wantedSd === 0 ? 0 : (light.sdStops / wantedSd) ** 2;
  const leftSd = Math.sqrt(share) * prepared.spread.readingSd;
  const readingOf = (wanted: number): number =>
    joint.lv + circumstances.eyeOffsetStops + (wanted - meanWanted);
  const atReading = (wanted: number): number => {
    const mean = joint.lv + share * (wanted - meanWanted);
    const ambient = mean + joint.fixed - givenEv(camera, film, setting, wanted);
    const flash = flashAt(prepared, setting, readingOf(wanted), wanted);
    const mixed = (a: number): number => (flash === null ? a : mixedStops(a, flash + prepared.repeatStops));
    // as bright and as dark as what is left may make it: mostly there is nothing to sum up
    const after = SPAN * prepared.spread.afterSd;
    if (mixed(ambient + SPAN * leftSd) + after < window.lo) return 0;
    if (mixed(ambient - SPAN * leftSd) - after > window.hi) return 0;
    const given = (z: number): number => {
      const delta = mixed(ambient + leftSd * z);
      return normalBetween(delta, prepared.spread.afterSd, window.lo, window.hi);
    };
    return leftSd === 0 ? given(0) : normalMean(INNER, -SPAN, 0, given) + normalMean(INNER, 0, SPAN, given);
  };
  if (wantedSd === 0) return atReading(meanWanted);
  const fires = automaticFlash(camera, circumstances)?.belowLv;
  const bends = [
    ...piecesOf(camera, film, setting).map((p) => p.to),
    ...(fires === undefined ? [] : [meanWanted + (fires - joint.lv - circumstances.eyeOffsetStops)])
  ].map((wanted) => (wanted - meanWanted) / wantedSd);
  const chance = overPanels(-SPAN, SPAN, bends, PANEL_SDS, (from, to) =>
    normalMean(OUTER, from, to, (z) => atReading(meanWanted + wantedSd * z))
  );
  return Math.min(1, Math.max(0, chance));
}

function flashAt(prepared: Prepared, setting: Setting, readLv: number, wanted: number): number | null {
  const { situation, circumstances, filmStops } = prepared;
  const { camera, film } = situation;
  const fired = flashFor(camera, circumstances, readLv);
  if (!fired) return null;
  const { fNumber } = respond(camera, setting, wanted);
  const on = { camera, film, setting, circumstances };
  return flashErrorStops(fired, on, fNumber, filmStops, focusMagnification(camera, setting));
}

/** Sums a quadrature over panels that end at every bend and are at most `width` sds wide. */
function overPanels(
  from: number,
  to: number,
  bends: readonly number[],
  width: number,
  panel: (from: number, to: number) => number
): number {
  const ends = [...bends.filter((b) => b > from && b < to), to].sort((a, b) => a - b);
  let sum = 0;
  let at = from;
  for (const end of ends) {
    const count = Math.ceil((end - at) / width);
    const each = (end - at) / Math.max(1, count);
    for (let i = 0; i < count; i++) sum += panel(at + i * each, at + (i + 1) * each);
    at = end;
  }
  return sum;
}
