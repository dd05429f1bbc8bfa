// A pair judged in a light: what the verdict, the card and the light rule are made from.
import type { Camera } from '#core/camera/camera.ts';
import { cameraFaults, HARMLESS_FAULTS } from '#core/camera/faults.ts';
import { settingOf, type Choice } from '#core/camera/setting.ts';
import type { Film } from '#core/film/film.ts';
import { filmFaults } from '#core/film/faults.ts';
import { printTone, type PrintTone } from '#core/film/print.ts';
import { filmWindow } from '#core/film/window.ts';
import { withUsualFocus } from '#core/focus/focused.ts';
import type { LightChoice } from '#core/ways/choice.ts';
import type { Pair } from '#core/log/pair.ts';
import { bestSetting } from '#core/advice/rank.ts';
import { reachOf } from '#core/advice/reach.ts';
import type { Reach } from '#core/advice/reach-shape.ts';
import type { Conditions, Situation } from '#core/error/situation.ts';
import { judge, type Verdict } from '#core/chance/verdict.ts';
import { explainCameraFault, explainFilmFault } from '#schema/reading/words.ts';

/** A pair with the light on it. */
export interface Judged {
  readonly pair: Pair;
  readonly light: LightChoice;
  readonly situation: Situation;
  readonly advice: Verdict;
  /** The setting shown: the person's own if they picked one, else the advice. */
  readonly shown: Verdict;
  readonly reach: Reach;
  readonly tone: PrintTone;
}

/** Why a pair cannot be judged, in words; '' when it can. */
export function troubleOf(pair: Pair): string {
  const faults = [
    ...filmFaults(pair.film).map(explainFilmFault),
    ...cameraFaults(pair.camera)
      .filter((f) => !HARMLESS_FAULTS.includes(f.fault))
      .map(explainCameraFault)
  ];
  return faults.join(' ');
}

/** A choice with focus and lens where the person put them, else where they stand; focus else at the usual distance. */
export function withFocus(camera: Camera, choice: Choice, leftAt: Choice): Choice {
  return withUsualFocus(camera, { ...choice, ...leftAt });
}

/** What of a pair does not depend on where the light is, only on how sure it is and what is true beside it. */
export interface Reached {
  readonly pair: Pair;
  readonly reach: Reach;
  readonly tone: PrintTone;
  /** The pair in no light (LV 0): for asking about other lights. */
  readonly dark: Situation;
}

/** The reach of a pair and how its prints are toned. */
export function reachOfPair(
  pair: Pair,
  light: Pick<LightChoice, 'sdStops' | 'contrast'>,
  conditions: Conditions,
  leftAt: Choice
): Reached {
  const { camera, film } = pair;
  const { sdStops, contrast } = light;
  const dark: Situation = { camera, film, light: { lv: 0, sdStops }, contrast, ...conditions };
  return {
    pair,
    dark,
    reach: reachOf(dark, withFocus(camera, pair.present, leftAt)),
    tone: printTone(film, filmWindow(film, contrast).usable)
  };
}

/** What the person did on the card. */
export interface Picked {
  /** The setting picked over the advice; null = the advice. */
  readonly choice: Choice | null;
  /** Where focus and lens were put. */
  readonly leftAt: Choice;
  /** What is true beside camera, film and light. */
  readonly conditions: Conditions;
}

/** Judges a pair that has no trouble; null when its camera has no setting. */
export function judgePair(light: LightChoice, reached: Reached, picked: Picked): Judged | null {
  const { pair, reach, tone } = reached;
  const { camera, film } = pair;
  const situation: Situation = { camera, film, light, contrast: light.contrast, ...picked.conditions };
  const advice = bestSetting(situation, withFocus(camera, pair.present, picked.leftAt));
  if (!advice) return null;
  const own = picked.choice && settingOf(camera, withFocus(camera, picked.choice, picked.leftAt));
  return {
    pair,
    light,
    situation,
    advice,
    shown: own ? judge(situation, own) : advice,
    reach,
    tone
  };
}

/** A pair of a camera and a film that are not loaded: to try them out. */
export function triedPair(camera: Camera, film: Film): Pair {
  return {
    ...{ loadId: '', camera, film, framesTotal: film.frames, framesLeft: film.frames, side: null },
    ...{ cameraRevision: 0, filmRevision: 0, firstNumber: 1, packFilter: null },
    ...{ lastRemark: '', loadRevision: 0 },
    ...{ nextNumber: 1, finished: false, present: {}, lastConditions: null }
  };
}
