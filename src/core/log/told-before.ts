// What is worth knowing before the press though nothing is wrong: how the film takes this light, the time that stops the subject,
// what no sheet tells, where the finder looks, and what the rule of thumb would set.
import type { FlashUnit } from '../camera/traits.ts';
import type { Balance, LightKind } from '../film/traits.ts';
import { isColour } from '../film/film.ts';
import { halfStillSeconds, longestStill, SUBJECT_SPREAD } from '../chance/stillness.ts';
import { sharedFormat, Z_STILL } from '../chance/conditions.ts';
import type { Verdict } from '../chance/verdict.ts';
import { circumstancesOf, type Situation } from '../error/situation.ts';
import { setsItself } from '../camera/camera.ts';
import { filmFilterStops } from '../error/filters.ts';

/** A fact. */
export type Told =
  /** The picture's colours lean to orange, blue; or reds come out dark. */
  | { readonly told: 'cast'; readonly cast: 'orange' | 'blue' | 'dark-reds' }
  /** The longest time that stops the subject in three of four frames, seconds. */
  | { readonly told: 'stops-subject'; readonly seconds: number }
  /** A long exposure on a film whose loss nobody knows. */
  | { readonly told: 'no-figures'; readonly seconds: number }
  /** The picture lies off what the finder shows at any distance, shares of the frame (+ = right, up). */
  | { readonly told: 'aim'; readonly rightShare: number; readonly upShare: number }
  /** A test found that the camera's eye does not follow the light, or not well. */
  | { readonly told: 'eye'; readonly found: 'dead' | 'slow' }
  /** Lit from behind: a flash that is at hand lights the face up to here, metres. */
  | { readonly told: 'fill-flash'; readonly name: string; readonly toM: number }
  /** The rule of one over the film's speed: an aperture by the light and that time, the filters on it counted. */
  | { readonly told: 'rule'; readonly fNumber: number; readonly seconds: number };

/** Films without figures are taken at their word up to here, seconds. Makers' sheets begin their tables about here. */
const NO_FIGURES_BEYOND = 1;
/** Smaller shares of the frame are within how well anybody frames. */
const AIM_WORTH = 0.03;

const CASTS: Readonly<Record<Balance, Partial<Record<LightKind, 'orange' | 'blue'>>>> = {
  daylight: { lamps: 'orange' },
  tungsten: { daylight: 'blue' },
  panchromatic: {},
  orthochromatic: {}
};

/** The face is half as bright as what is behind it, at least: a flash a stop under the light behind still fills. Common practice, no source. */
const FILL_UNDER_STOPS = 1;

/** How far a flash fills a face with a setting, metres: GN = N·d at ISO 100. */
function fillsTo({ guideNumber }: FlashUnit, iso: number, fNumber: number): number {
  return (guideNumber * Math.sqrt((iso / 100) * 2 ** FILL_UNDER_STOPS)) / fNumber;
}

/** @param flashes that can be put on @param bySight whether the light was told by a shadow or a sky: what the rule goes by */
export function toldBefore(
  situation: Situation,
  verdict: Verdict,
  bySight: boolean,
  flashes: readonly FlashUnit[] = []
): readonly Told[] {
  const { camera, film, light, motion } = situation;
  const { lightKind, subjectM, filters } = circumstancesOf(situation);
  const { seconds } = verdict.exposure;
  const found: Told[] = [];
  const cast = isColour(film.kind) ? CASTS[film.balance][lightKind] : undefined;
  if (cast) found.push({ told: 'cast', cast });
  if (film.balance === 'orthochromatic') found.push({ told: 'cast', cast: 'dark-reds' });
  const format = sharedFormat(camera, film) ?? camera.formats[0] ?? '135';
  const half = motion ? halfStillSeconds(situation, format, subjectM) : Infinity;
  if (half !== Infinity)
    found.push({ told: 'stops-subject', seconds: longestStill(half, SUBJECT_SPREAD, Z_STILL) });
  if (seconds > NO_FIGURES_BEYOND && film.reciprocity.kind === 'none')
    found.push({ told: 'no-figures', seconds });
  const { eyeFound } = camera;
  if ((eyeFound === 'dead' || eyeFound === 'slow') && setsItself(camera) && !verdict.setting.overridden)
    found.push({ told: 'eye', found: eyeFound });
  const { rightShare, upShare } = camera.finder;
  if (Math.max(Math.abs(rightShare), Math.abs(upShare)) >= AIM_WORTH)
    found.push({ told: 'aim', rightShare, upShare });
  const own =
    camera.flash.kind === 'switch'
      ? camera.flash.unit
      : camera.flash.kind === 'shoe'
        ? flashes[0]
        : undefined;
  if (situation.contrast === 'backlit' && own && verdict.flash === null)
    found.push({
      ...{ told: 'fill-flash', name: own.name },
      toM: fillsTo(own, film.iso, verdict.exposure.fNumber)
    });
  if (bySight && !setsItself(camera)) {
    // f/16 in clear sun, a stop wider for each stop less: LV = log2(100 N²)
    const lv = light.lv - filmFilterStops(filters);
    found.push({ told: 'rule', fNumber: Math.sqrt(2 ** lv / 100), seconds: 1 / film.iso });
  }
  return found;
}
