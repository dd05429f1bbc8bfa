// Film that is faster or slower than the camera believes: a filter here or there, or other electronics, and what each costs in time
// and depth.
import { bestSetting } from '../../advice/rank.ts';
import { eyeOf, type Camera } from '../../camera/camera.ts';
import type { Choice } from '../../camera/setting.ts';
import { sharedFormat } from '../../chance/conditions.ts';
import type { Verdict } from '../../chance/verdict.ts';
import type { FilterPlace } from '../../error/filters.ts';
import { circumstancesOf, type Situation } from '../../error/situation.ts';
import type { SharpRange } from '../../focus/depth.ts';
import { sharpRangeOf } from '../../focus/focused.ts';

/** What is done about it. */
export type WayOut =
  | { readonly kind: 'as-it-is' }
  | { readonly kind: 'filter'; readonly place: FilterPlace; readonly stops: number }
  /** Electronics that believe in this film. */
  | { readonly kind: 'converted'; readonly iso: number };

/** What comes of it. */
export interface WayOutResult {
  readonly way: WayOut;
  readonly verdict: Verdict;
  readonly offStops: number;
  /** Against the camera as it is, stops, + = longer. */
  readonly timeStops: number;
  readonly sharp: SharpRange;
}

/**
 * The speed the camera believes in at a setting, ISO; null = it believes nothing.
 * @param verdict of the setting that is asked about
 * @returns ISO, > 0
 */
export function believedIso(camera: Camera, verdict: Verdict): number | null {
  return eyeOf(camera) ? verdict.setting.dialIso : null;
}

/** A film this near to what is believed needs nothing, stops. */
const NEAR_STOPS = 0.3;

/**
 * The camera as it is, and everything that would bring film and camera together.
 * @param present where the controls stand
 * @returns the camera as it is first; nothing else where they are together, none where it has no eye
 */
export function waysOut(situation: Situation, present: Choice): readonly WayOutResult[] {
  const { camera, film } = situation;
  const bare: Situation = { ...situation, circumstances: { ...circumstancesOf(situation), filters: [] } };
  const asItIs = bestSetting(bare, present);
  const believed = asItIs && believedIso(camera, asItIs);
  if (!asItIs || believed === null) return [];
  const overStops = Math.log2(film.iso / believed) + film.developmentStops - film.ageStops;
  const stops = Math.round(Math.abs(overStops) * 10) / 10;
  // what lies before lens and eye alike changes the time alone
  const overLens: readonly FilterPlace[] = eyeOf(camera)?.place === 'outside' ? ['pack', 'lens'] : ['pack'];
  const places: readonly FilterPlace[] =
    Math.abs(overStops) < NEAR_STOPS ? [] : overStops > 0 ? overLens : ['eye'];
  const isDialled = camera.controls.some((c) => c.acts === 'dial');
  const ways: readonly WayOut[] = [
    { kind: 'as-it-is' },
    ...places.map((place) => ({ kind: 'filter' as const, place, stops })),
    ...(isDialled || places.length === 0 ? [] : [{ kind: 'converted' as const, iso: film.iso }])
  ];
  return ways.flatMap((way): readonly WayOutResult[] => {
    const asked = withWay(bare, way);
    const verdict = way.kind === 'as-it-is' ? asItIs : bestSetting(asked, present);
    if (!verdict) return [];
    const { fNumber, seconds } = verdict.exposure;
    const format = sharedFormat(camera, film) ?? camera.formats[0] ?? '135';
    return [
      {
        ...{ way, verdict, offStops: verdict.deltaStops - verdict.aimStops },
        timeStops: Math.log2(seconds / asItIs.exposure.seconds),
        sharp: sharpRangeOf(camera, format, verdict.setting.choice, fNumber)
      }
    ];
  });
}

/**
 * The situation with something done about it.
 * @param way what is done
 * @returns a new situation
 */
export function withWay(situation: Situation, way: WayOut): Situation {
  switch (way.kind) {
    case 'as-it-is':
      return situation;
    case 'filter': {
      const filter = { name: '', stops: way.stops, place: way.place };
      return { ...situation, circumstances: { ...circumstancesOf(situation), filters: [filter] } };
    }
    case 'converted':
      return { ...situation, camera: believing(situation.camera, way.iso) };
  }
}

/**
 * The camera with electronics that believe in another speed; one with a dial, or without an eye, as it is.
 * @param iso > 0
 * @returns a new camera, or the same object
 */
export function believing(camera: Camera, iso: number): Camera {
  const { program } = camera;
  return 'eye' in program
    ? { ...camera, program: { ...program, eye: { ...program.eye, believesIso: iso } } }
    : camera;
}

/**
 * After how many frames something that costs once has paid for itself. price = n·(a − b)
 * @param price once, ≥ 0 @param frameNow what a frame costs now @param frameThen what it costs afterwards
 * @returns whole frames; null = never: a frame costs as much or more afterwards
 */
export function paysAfter(price: number, frameNow: number, frameThen: number): number | null {
  return frameThen < frameNow ? Math.max(0, Math.ceil(price / (frameNow - frameThen) - 1e-9)) : null;
}
