// Questions of the drills, each from a scene of its own and the engine's answer to it.
import type { Choice } from '../camera/setting.ts';
import { bestSetting, rankSettings } from '../advice/rank.ts';
import type { Film } from '../film/film.ts';
import { seeded, type Seeded } from '../numeric/seeded.ts';
import { K_REFLECTED } from '../light/lv.ts';
import type { Situation } from '../error/situation.ts';
import { exactFNumber } from '../units/series.ts';
import { meteredLuminance } from '../scene/expose.ts';
import { drawScene } from '../scene/draw.ts';
import {
  SCENE_LIGHTS,
  SCENE_LIGHT_NAMES,
  type NamedLight,
  type OpenLight,
  type SceneLight
} from '../scene/lights.ts';
import { sceneOf, type DrawnScene } from '../scene/scene.ts';
import { knownScene } from '../light/scenes.ts';
import type { LightGroup } from '../ways/light-group.ts';
import type { DrillName } from './exercise.ts';
import { MISTAKES, mistakeStops, type Mistake } from './mistakes.ts';
import type { OwnFrame } from './own-frame.ts';
import type { Topic } from './schedule.ts';

/** One of several answers. */
export type Option =
  | { readonly kind: 'setting'; readonly choice: Choice; readonly deltaStops: number }
  | { readonly kind: 'film'; readonly film: Film; readonly pUsable: number }
  | { readonly kind: 'yes-no'; readonly comesOut: boolean }
  | { readonly kind: 'mistake'; readonly mistake: Mistake }
  /** Without the filters that were on. */
  | { readonly kind: 'bare' }
  /** The camera has nothing for it. */
  | { readonly kind: 'nothing' }
  | { readonly kind: 'exposure'; readonly markedFNumber: number; readonly perSecond: number };

/** A question. */
export interface Question {
  readonly drill: DrillName;
  readonly group: LightGroup;
  readonly seed: number;
  /** What is shown; null = nothing but words. */
  readonly scene: DrawnScene | null;
  /** The error that the print shown has, stops. */
  readonly printStops: number;
  readonly asks:
    | {
        readonly kind: 'stops';
        readonly from: number;
        readonly to: number;
        readonly step: number;
        readonly truth: number;
      }
    | { readonly kind: 'one-of'; readonly options: readonly Option[]; readonly right: number };
  /** The frame of one's own log that it is about, and the chance 0…1 that it could have had; left out = it is about none. */
  readonly own?: OwnFrame & { readonly savedChance: number };
}

/** What a question is asked about beside its scene. */
export interface Bag {
  /** Camera, film and how it is held; its light is that of the scene. */
  readonly situation: Situation;
  readonly present: Choice;
  /** Films that could be loaded. */
  readonly films: readonly Film[];
  /** Frames of one's own log. */
  readonly frames: readonly OwnFrame[];
}

/** So far off an answer in stops still counts as right. */
export const RIGHT_STOPS = 0.7;

/**
 * The kind of light that a scene belongs to.
 * @returns by its clue in the open, by its scene under lamps
 */
export function groupOfScene(kind: SceneLight): LightGroup {
  const light: OpenLight | NamedLight = SCENE_LIGHTS[kind];
  if (light.under === 'sky') return light.clue;
  const [first = ''] = light.scenes;
  return knownScene(first).group;
}

/** Kinds of scenes in a kind of light. */
export const kindsIn = (group: LightGroup): readonly SceneLight[] =>
  SCENE_LIGHT_NAMES.filter((kind) => groupOfScene(kind) === group);

/**
 * Stops by which a meter pointed at a whole scene reads more than falls on the subject: what lighten–darken has to give back.
 * @returns stops, + = the meter reads more
 */
export function metersTooMuch(scene: DrawnScene): number {
  const seen = meteredLuminance(drawScene(scene, 80, 50));
  return Math.log2((seen * 100) / K_REFLECTED) - scene.lv;
}

const roundTo = (n: number, step: number): number => Math.round(n / step) * step;

/**
 * A list in an order drawn at random.
 * @param random its state moves on
 * @returns a new list
 */
export function shuffled<T>(list: readonly T[], random: Seeded): readonly T[] {
  return list
    .map((one) => ({ one, at: random.between(0, 1) }))
    .sort((a, b) => a.at - b.at)
    .map(({ one }) => one);
}

/**
 * A question of several answers, in an order drawn at random; null when there are fewer than two, or none is right.
 * @param options at least two for a question @param isRight tells the right ones @param random its state moves on
 */
export function oneOf(
  options: readonly Option[],
  isRight: (o: Option) => boolean,
  random: Seeded
): Question['asks'] | null {
  const mixed = shuffled(options, random);
  const right = mixed.findIndex(isRight);
  return options.length < 2 || right < 0 ? null : { kind: 'one-of', options: mixed, right };
}

/**
 * The situation in the light of a scene, as a meter at the subject would tell it.
 * @returns a new situation, its light sure to what a meter is
 */
export function inScene(situation: Situation, { lv, contrast, kind }: DrawnScene): Situation {
  const lamps = SCENE_LIGHTS[kind].under === 'lamps';
  const { circumstances } = situation;
  return {
    ...situation,
    ...{ light: { lv, sdStops: 0.25 }, contrast },
    ...(circumstances ? { circumstances: { ...circumstances, lightKind: lamps ? 'lamps' : 'daylight' } } : {})
  };
}

function settingsAsked({ situation, present }: Bag, random: Seeded): Question['asks'] | null {
  const ranked = rankSettings(situation, present);
  const [best] = ranked;
  if (!best) return null;
  // others that are really others: a stop off and more, each its own
  const others: (typeof ranked)[number][] = [];
  for (const v of shuffled(ranked.slice(1), random)) {
    const apart = [best, ...others].every((o) => Math.abs(o.deltaStops - v.deltaStops) >= 0.9);
    if (apart && others.length < 3) others.push(v);
  }
  const options = [best, ...others].map(({ setting, deltaStops }): Option => ({
    ...{ kind: 'setting', choice: setting.choice, deltaStops }
  }));
  return oneOf(options, (o) => o.kind === 'setting' && o.choice === best.setting.choice, random);
}

function filmsAsked({ situation, present, films }: Bag, random: Seeded): Question['asks'] | null {
  const bySpeed = [...new Map([...films, situation.film].map((f) => [f.iso, f])).values()];
  const judged = bySpeed.flatMap((film) => {
    const verdict = bestSetting({ ...situation, film }, present);
    return verdict ? [{ kind: 'film', film, pUsable: verdict.pUsable } satisfies Option] : [];
  });
  const [best, second] = [...judged].sort((a, b) => b.pUsable - a.pUsable);
  // a toss-up is no question
  if (!best || !second || best.pUsable < 0.5 || best.pUsable - second.pUsable < 0.1) return null;
  const four = [
    best,
    ...shuffled(
      judged.filter((o) => o !== best),
      random
    ).slice(0, 3)
  ];
  return oneOf(four, (o) => o === best, random);
}

function comesOutAsked({ situation, present }: Bag): Question['asks'] | null {
  const verdict = bestSetting(situation, present);
  if (!verdict || (verdict.pUsable > 0.35 && verdict.pUsable < 0.7)) return null;
  const options = [true, false].map((comesOut): Option => ({ kind: 'yes-no', comesOut }));
  return { kind: 'one-of', options, right: verdict.pUsable >= 0.5 ? 0 : 1 };
}

function mistakesAsked(random: Seeded): { readonly asks: Question['asks']; readonly stops: number } | null {
  const mistake = random.oneOf(MISTAKES);
  const stops = mistakeStops(mistake);
  // the others would have gone the other way, or by another measure
  const others = shuffled(
    MISTAKES.filter((m) => Math.abs(mistakeStops(m) - stops) >= 1.5),
    random
  ).slice(0, 3);
  const options = [mistake, ...others].map((m): Option => ({ kind: 'mistake', mistake: m }));
  const asks = oneOf(options, (o) => o.kind === 'mistake' && o.mistake === mistake, random);
  return asks && { asks, stops };
}

/** Marks in full stops. */
const [F_NUMBERS, TIMES] = [
  [2.8, 4, 5.6, 8, 11, 16, 22],
  [1000, 500, 250, 125, 60, 30, 15, 8, 4]
] as const;

/** The exposure that is to be kept, and its equals: seeded. @returns the asked one, then the answers */
export function sameExposure(seed: number): {
  readonly given: Option & { kind: 'exposure' };
  readonly asks: Question['asks'];
} {
  const random = seeded(seed);
  const [f, t] = [Math.floor(random.between(1, 6)), Math.floor(random.between(2, 7))];
  const moved = random.oneOf(
    [-1, 1, -2, 2].filter((m) => f + m in F_NUMBERS && t + m in TIMES && t + m >= 0 && f + m >= 0)
  );
  const at = (fIndex: number, tIndex: number): Option & { kind: 'exposure' } => ({
    ...{ kind: 'exposure', markedFNumber: F_NUMBERS[fIndex] ?? 8, perSecond: TIMES[tIndex] ?? 125 }
  });
  const right = at(f + moved, t + moved);
  const wrong = [-2, -1, 1, 2].flatMap((off) => {
    const index = t + moved + off;
    return index in TIMES && index >= 0 ? [at(f + moved, index)] : [];
  });
  const options = [right, ...shuffled(wrong, random).slice(0, 3)].sort((a, b) => b.perSecond - a.perSecond);
  return { given: at(f, t), asks: { kind: 'one-of', options, right: options.indexOf(right) } };
}

/** Exposure of an option, EV. */
export const evOf = ({ markedFNumber, perSecond }: Option & { kind: 'exposure' }): number =>
  Math.log2(exactFNumber(markedFNumber, 'full') ** 2 * perSecond);

/**
 * A question about a topic; null where there is none in it with what is in the bag.
 * @param seed a whole number: the same one asks the same
 */
export function questionOf({ drill, group }: Topic, seed: number, bag: Bag | null): Question | null {
  const random = seeded(seed + 17);
  if (drill === 'same')
    return { drill, group, seed, scene: null, printStops: 0, asks: sameExposure(seed).asks };
  const scene = sceneOf(seed, random.oneOf(kindsIn(group)));
  const asked = { drill, group, seed, scene, printStops: 0 };
  const here = bag && { ...bag, situation: inScene(bag.situation, scene) };
  const ask = (asks: Question['asks'] | null): Question | null => asks && { ...asked, asks };
  const stops = (from: number, to: number, step: number, truth: number): Question['asks'] => ({
    ...{ kind: 'stops', from, to, step, truth: Math.min(to, Math.max(from, truth)) }
  });
  switch (drill) {
    case 'light':
      return ask(stops(1, 17, 0.5, scene.lv));
    case 'compensation':
      return ask(stops(-3, 3, 0.5, metersTooMuch(scene)));
    case 'print': {
      const printStops = roundTo(random.between(-3, 3), 0.5);
      return { ...asked, printStops, asks: stops(-4, 4, 0.5, printStops) };
    }
    case 'setting':
      return ask(here && settingsAsked(here, random));
    case 'film':
      return ask(here && filmsAsked(here, random));
    case 'comes-out':
      return ask(here && comesOutAsked(here));
    case 'mistake': {
      const found = mistakesAsked(random);
      return found && { ...asked, printStops: found.stops, asks: found.asks };
    }
  }
}

/** What an answer comes to. */
export interface Graded {
  readonly right: boolean;
  /** Answer less truth, stops; null = it was no question of stops. */
  readonly errorStops: number | null;
}

/** Grades an answer. @param answer stops, or the place of the option that was taken */
export function gradeAnswer({ asks }: Question, answer: number): Graded {
  if (asks.kind === 'stops') {
    const errorStops = answer - asks.truth;
    return { errorStops, right: Math.abs(errorStops) <= RIGHT_STOPS };
  }
  const [right, taken] = [asks.options[asks.right], asks.options[answer]];
  const errorStops =
    right?.kind === 'setting' && taken?.kind === 'setting'
      ? taken.deltaStops - right.deltaStops
      : right?.kind === 'exposure' && taken?.kind === 'exposure'
        ? evOf(right) - evOf(taken)
        : null;
  return { right: answer === asks.right, errorStops };
}
