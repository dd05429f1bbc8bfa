// What stands on a card for the pocket: for each light that can be told without a meter the setting, and where that fails the
// first thing that helps; whole seconds by filter; how far a flash reaches. For one camera and film, in the hand.
import type { AtHand } from '../advice/at-hand.ts';
import { flashRange, type FlashRange } from '../advice/flash-range.ts';
import { bestSetting } from '../advice/rank.ts';
import { remediesFor } from '../advice/remedies.ts';
import type { Remedy } from '../advice/remedy.ts';
import type { Choice } from '../camera/setting.ts';
import { LIKELY, POSSIBLE, type Verdict } from '../chance/verdict.ts';
import { setsItself } from '../camera/camera.ts';
import { circumstancesOf, type Situation } from '../error/situation.ts';
import type { FlashUnit } from '../camera/traits.ts';
import { lightKindOf, type LightChoice } from '../ways/choice.ts';

/** A light on the card. */
export interface CardLight {
  readonly light: LightChoice;
  /** The best setting in the hand. */
  readonly verdict: Verdict;
  /** What helps where a frame is not likely; null = nothing is needed, or nothing does. */
  readonly help: Remedy | null;
}

const HERE: ReadonlySet<string> = new Set([
  ...['filter', 'support', 'leaning', 'flash', 'no-flash', 'exposures', 'development', 'film']
]);

/** The lights, in the order given. @param situation its light plays no part */
export function cardLights(
  situation: Situation,
  present: Choice,
  lights: readonly LightChoice[],
  atHand: AtHand
): readonly CardLight[] {
  return lights.flatMap((light): readonly CardLight[] => {
    const circumstances = { ...circumstancesOf(situation), lightKind: lightKindOf(light.way) };
    const here: Situation = { ...situation, light, contrast: light.contrast, circumstances };
    const verdict = bestSetting(here, present);
    if (!verdict) return [];
    // a card cannot read the light or test the camera, and names only what reaches a fair chance
    const help =
      verdict.pUsable >= LIKELY
        ? undefined
        : remediesFor(here, present, atHand).find(
            (r) => r.verdict.pUsable >= POSSIBLE && r.steps.every((s) => HERE.has(s.kind))
          );
    return [{ light, verdict, help: help ?? null }];
  });
}

/** Seconds that a light asks for through a filter, set down. */
export interface CardSeconds {
  readonly lv: number;
  /** One for each filter asked about; null = not to be had, or shorter than a second. */
  readonly seconds: readonly (Verdict | null)[];
}

/**
 * Long exposures set down, by light and filter.
 * @param lvs the lights @param filters stops of each; 0 = none
 */
export function cardSeconds(
  situation: Situation,
  present: Choice,
  lvs: readonly number[],
  filters: readonly number[]
): readonly CardSeconds[] {
  const place = setsItself(situation.camera) ? 'lens-and-eye' : 'lens';
  return lvs.map((lv) => ({
    lv,
    seconds: filters.map((stops) => {
      const circumstances = {
        ...circumstancesOf(situation),
        filters: stops === 0 ? [] : [{ name: '', stops, place } as const]
      };
      const light = { lv, sdStops: SURE_SD };
      // seconds that can be counted, where there is a choice
      const purpose = 'whole-seconds';
      const verdict = bestSetting(
        { ...situation, light, support: 'standing', purpose, circumstances },
        present
      );
      const holds = verdict !== null && verdict.pUsable >= POSSIBLE && verdict.exposure.seconds >= 1;
      return holds ? verdict : null;
    })
  }));
}

/** A light that is read before a long exposure, one sd in stops. Common practice, no source. */
const SURE_SD = 0.3;

/**
 * How near and far each flash makes a frame that may come out, in a dim room.
 * @param present where the controls stand @param units in the order of the kit
 * @returns metres; null where it reaches nowhere
 */
export function cardFlashes(
  situation: Situation,
  present: Choice,
  units: readonly FlashUnit[]
): readonly { readonly unit: FlashUnit; readonly range: FlashRange | null }[] {
  return units.map((unit) => {
    const flash = { kind: 'fired', unit, powerStops: 0, lossStops: 0 } as const;
    const circumstances = { ...circumstancesOf(situation), flash, lightKind: 'lamps' as const };
    const dim = { ...situation, light: { lv: DIM_LV, sdStops: 1 }, circumstances };
    return { unit, range: flashRange(dim, present) };
  });
}

/** A room in the evening. */
const DIM_LV = 5.5;
