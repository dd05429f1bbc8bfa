// Which steps answer which trouble. Nothing is tried that works against another trouble: never a filter in the dark, nor for
// what shakes while the camera is in the hand.
import { CONDITION_SD, setsItself, type Camera } from '../camera/camera.ts';
import { FOCUSING } from '../camera/traits.ts';
import { nearestFocus } from '../focus/focused.ts';
import { misfitsOf } from '../camera/fits.ts';
import { distanceSd } from '../chance/sharpness.ts';
import type { Verdict } from '../chance/verdict.ts';
import { circumstancesOf, hasOldCell, type Situation } from '../error/situation.ts';
import type { FilterPlace } from '../error/filters.ts';
import { isNegative, type Film } from '../film/film.ts';
import type { FlashUse } from '../flash/flash.ts';
import type { AtHand } from './at-hand.ts';
import { applied, type RemedyStep, type Untested } from './remedy.ts';
import type { Trouble } from './troubles.ts';
import { judge } from '../chance/verdict.ts';

/** Exposures on one frame that are offered. */
const EXPOSURES = [2, 4] as const;
/** A light as unsure as this is worth a reading, one sd in stops. */
const UNREAD_SD = 0.7;
/** A camera or a film as unsure as this is worth a test, one sd in stops. */
const UNTESTED_SD = 0.5;
/** No flash of these cameras reaches further, metres. Common practice, no source. */
const FURTHEST_FLASH_M = 8;
/** Where nobody said how far the subject is, a flash is offered from open shade down. */
const DIM_LV = 11;
/** A flash this many stops under the other light adds less than a quarter stop. */
const LOST_FLASH_STOPS = -2.5;
/** Nobody walks further for a frame: so many times as far as they stand, metres at most. Common practice, no source. */
const FARTHEST_WALK = { times: 3, toM: 40 } as const;
/** To be sharp with nine chances of ten, stay this many sds of the distance inside what is sharp. */
const SAFE_SDS = 1.3;

/**
 * The steps that answer some troubles of a verdict.
 * @param troubles what is to be answered @param advice the best setting as it is now
 * @returns not yet tried: some may gain nothing
 */
export function stepsAgainst(
  troubles: ReadonlySet<Trouble>,
  situation: Situation,
  advice: Verdict,
  atHand: AtHand
): readonly RemedyStep[] {
  const has = (...some: readonly Trouble[]): boolean => some.some((t) => troubles.has(t));
  const light = has('under', 'shake', 'motion');
  return [
    ...(has('unsure', 'over', 'under') ? knowing(situation) : []),
    ...(has('over') && !has('under', 'shake') ? filtersFor(situation, atHand) : []),
    ...(has('over') ? quieter(situation) : []),
    ...(has('shake', 'under') ? steadier(situation) : []),
    ...(light ? brighter(situation, advice, atHand) : []),
    ...(light && !has('motion') ? repeated(situation) : []),
    ...(light || has('over') ? filmsFor(situation, atHand) : []),
    ...(light || has('over') ? developments(situation, has('over') ? -1 : 1) : []),
    ...(has('too-near', 'too-far', 'motion') ? moves(situation, advice, troubles) : [])
  ];
}

function knowing({ light, camera, film }: Situation): readonly RemedyStep[] {
  const of = untested(camera, film);
  return [
    ...(light.sdStops >= UNREAD_SD ? [{ kind: 'reading' } as const] : []),
    ...(of ? [{ kind: 'test', of } as const] : [])
  ];
}

/** What a test would teach: an old camera that nobody tried, a film that is past its date. */
function untested(camera: Camera, film: Film): Untested | null {
  const isCamera =
    hasOldCell(camera) || (camera.toleranceStops === null && CONDITION_SD[camera.condition] >= UNTESTED_SD);
  const isFilm = film.sdStops >= UNTESTED_SD;
  if (isCamera) return isFilm ? 'both' : 'camera';
  return isFilm ? 'film' : null;
}

function filtersFor({ camera }: Situation, atHand: AtHand): readonly RemedyStep[] {
  // where there is no eye, only what reaches the film counts; a pack filter is for cameras that take packs
  const places: readonly FilterPlace[] = !setsItself(camera) ? ['lens'] : ['lens-and-eye', 'lens', 'pack'];
  return atHand.filters.flatMap(({ name, stops }) =>
    places.map((place): RemedyStep => ({ kind: 'filter', filter: { name, stops, place } }))
  );
}

function quieter({ camera, circumstances }: Situation): readonly RemedyStep[] {
  const fires = camera.flash.kind === 'automatic' && camera.flash.overridable;
  return fires && circumstances?.flash.kind !== 'off' ? [{ kind: 'no-flash' }] : [];
}

function steadier({ camera, support = 'hand' }: Situation): readonly RemedyStep[] {
  if (camera.transport.kind === 'cine' || support === 'standing') return [];
  return support === 'hand' ? [{ kind: 'support' }, { kind: 'leaning' }] : [{ kind: 'support' }];
}

function brighter(situation: Situation, advice: Verdict, atHand: AtHand): readonly RemedyStep[] {
  const { lamp } = situation;
  const lamps: readonly RemedyStep[] =
    lamp && advice.deltaStops < 0
      ? [
          { kind: 'lamp-nearer', toM: lamp.atM * 2 ** (advice.deltaStops / 2) },
          ...(lamp.modifierStops > 0 ? [{ kind: 'modifier-off', stops: lamp.modifierStops } as const] : [])
        ]
      : [];
  const flashes = flashUses(situation, atHand)
    .map((flash): RemedyStep => ({ kind: 'flash', flash }))
    .filter((step) => hasEffect(situation, advice, step));
  return [...lamps, ...flashes];
}

/**
 * What can be fired with a camera: its own flash by switch, or one of the kit in its shoe, at each of its powers.
 * @param atHand flashes of the bag
 * @returns empty for a camera that takes none
 */
export function flashUses(situation: Situation, atHand: AtHand): readonly FlashUse[] {
  const { camera, light } = situation;
  const { subjectM, flash } = circumstancesOf(situation);
  if (flash.kind === 'fired' || (camera.flash.kind === 'automatic' && flash.kind !== 'off')) return [];
  if (subjectM === null ? light.lv >= DIM_LV : subjectM > FURTHEST_FLASH_M) return [];
  const units =
    camera.flash.kind === 'switch' ? [camera.flash.unit] : camera.flash.kind === 'shoe' ? atHand.flashes : [];
  return units.flatMap((unit) => unit.powers.map((powerStops) => ({ unit, powerStops, lossStops: 0 })));
}

/** Whether a flash changes anything to speak of: one that the other light drowns is many sums for nothing. */
function hasEffect(situation: Situation, advice: Verdict, step: RemedyStep): boolean {
  const { flash } = judge(applied(situation, step), advice.setting);
  return flash === null || flash.stops - flash.ambientStops > LOST_FLASH_STOPS;
}

function repeated({ camera, support }: Situation): readonly RemedyStep[] {
  return camera.repeats && support === 'standing'
    ? EXPOSURES.map((count): RemedyStep => ({ kind: 'exposures', count }))
    : [];
}

function filmsFor({ camera, film }: Situation, atHand: AtHand): readonly RemedyStep[] {
  return atHand.films
    .filter((f) => f.id !== film.id && misfitsOf(camera, f).length === 0)
    .map((f): RemedyStep => ({ kind: 'film', film: f }));
}

function developments({ film }: Situation, way: 1 | -1): readonly RemedyStep[] {
  if (!isNegative(film.kind)) return [];
  const stops = way === 1 ? [1, 2] : [-1];
  return stops.map((s): RemedyStep => ({ kind: 'development', stops: s }));
}

/** Nearer or farther, just far enough; measuring where the distance was guessed. */
function moves(situation: Situation, advice: Verdict, troubles: ReadonlySet<Trouble>): readonly RemedyStep[] {
  const { camera, distanceBy = 'eye' } = situation;
  const { subjectM } = circumstancesOf(situation);
  if (subjectM === null) return [];
  const safe = Math.exp(SAFE_SDS * distanceSd(situation));
  const steps: RemedyStep[] = [];
  for (const f of advice.failures) {
    // a lens that simply needs focusing is no reason to walk
    if ((f.condition === 'too-near' || f.condition === 'too-far') && f.focusMark !== null) continue;
    if (f.condition === 'too-near') {
      const nearest = nearestSharp(situation, f.nearM);
      // where the lens does focus so near, what is sharp is thin: no step back cures that
      if (nearest > subjectM) steps.push({ kind: 'move', toM: nearest * safe });
    }
    if (f.condition === 'too-far' && f.farM < Infinity) steps.push({ kind: 'move', toM: f.farM / safe });
    // blur grows with the time and shrinks with the distance
    if (f.condition === 'motion' && f.limitSeconds > 0)
      steps.push({ kind: 'move', toM: (subjectM * f.seconds) / f.limitSeconds });
  }
  const walkable = steps.filter(
    (s) =>
      s.kind !== 'move' || s.toM <= Math.min(FARTHEST_WALK.toM, Math.max(1, subjectM) * FARTHEST_WALK.times)
  );
  const guessed = !FOCUSING[camera.focusing.kind].measures && distanceBy !== 'measured';
  const byDistance = troubles.has('too-near') || troubles.has('too-far');
  return guessed && byDistance ? [...walkable, { kind: 'measure' }] : walkable;
}

/** A lens that reaches any distance is sharp at any distance from its nearest mark on. */
function nearestSharp({ camera }: Situation, nearM: number): number {
  return FOCUSING[camera.focusing.kind].anyDistance ? Math.min(nearM, nearestFocus(camera)) : nearM;
}
