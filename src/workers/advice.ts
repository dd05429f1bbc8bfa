// What takes many sums, off the main thread: remedies and fitting film speeds for one situation, and a row of the pairs table.
import type { Camera } from '#core/camera/camera.ts';
import type { Choice } from '#core/camera/setting.ts';
import type { Film } from '#core/film/film.ts';
import { fittingSpeeds, type FittingSpeeds } from '#core/advice/film-speeds.ts';
import { enoughForToday, type Enough } from '#core/advice/enough.ts';
import type { AtHand } from '#core/advice/at-hand.ts';
import { bestSetting } from '#core/advice/rank.ts';
import { reachOf } from '#core/advice/reach.ts';
import { purposeServed, type Served } from '#core/advice/purpose-served.ts';
import type { LvInterval, Reach } from '#core/advice/reach-shape.ts';
import { remediesFor } from '#core/advice/remedies.ts';
import { type Remedy } from '#core/advice/remedy.ts';
import { serve } from './serve.ts';
import { SUPPORTS, type Situation, type Support } from '#core/error/situation.ts';

/** What is asked about the pair in use. */
export interface AdviceQuestion {
  readonly type: 'advice';
  readonly situation: Situation;
  readonly present: Choice;
  readonly atHand: AtHand;
  /** Chance below which the person wants to stop, 0…1. */
  readonly leastChance: number;
}

/** The answer, in two parts. */
export interface AdviceAnswer {
  readonly type: 'advice';
  readonly remedies: readonly Remedy[];
  readonly speeds: FittingSpeeds | null;
  /** The chance of the best setting, held each way. */
  readonly held: Readonly<Record<Support, number>>;
  /** How the purpose is served; null where it asks for nothing more. */
  readonly served: Served | null;
  /** Null in the first of two answers: it follows. */
  readonly enough: Enough | null;
  /** The reach with the camera on something; null in the first answer, and where it stands on something already. */
  readonly standing: Reach | null;
}

/** A row of the pairs table: what would help this pair, and in which light it works. */
export interface RowQuestion {
  readonly type: 'row';
  readonly key: string;
  readonly situation: Situation;
  readonly present: Choice;
  readonly atHand: AtHand;
}

/** @see RowQuestion */
export interface RowAnswer {
  readonly type: 'row';
  readonly key: string;
  /** The remedy that brings most; null = nothing is worth it. */
  readonly remedy: Remedy | null;
  readonly likely: readonly LvInterval[];
  readonly possible: readonly LvInterval[];
}

/** Cameras and films arrive as copies; the engine remembers what it worked out for each, so the first copy is kept. */
function keeper<T>(): (thing: T) => T {
  const kept = new Map<string, T>();
  return (thing) => {
    const key = JSON.stringify(thing);
    const before = kept.get(key);
    if (before) return before;
    // a kit is a few dozen things; more is a kit being edited
    if (kept.size > 500) kept.clear();
    kept.set(key, thing);
    return thing;
  };
}
const keptCamera = keeper<Camera>();
const keptFilm = keeper<Film>();

function withKept<Q extends AdviceQuestion | RowQuestion>(question: Q): Q {
  const { situation, atHand } = question;
  return {
    ...question,
    situation: { ...situation, camera: keptCamera(situation.camera), film: keptFilm(situation.film) },
    atHand: { ...atHand, films: atHand.films.map(keptFilm) }
  };
}

serve<AdviceQuestion | RowQuestion, AdviceAnswer | RowAnswer>(self, function* (question) {
  if (question.type === 'row') {
    yield answerRow(withKept(question));
    return;
  }
  const asked = withKept(question);
  // what helps first; what the evening holds is many sums more
  const answer = advise(asked);
  yield answer;
  const { situation, present, atHand, leastChance } = asked;
  const onFeet = situation.support === 'standing';
  yield {
    ...answer,
    enough: enoughForToday(situation, present, atHand.course, leastChance),
    standing: onFeet ? null : reachOf({ ...situation, support: 'standing' }, present)
  };
});

function advise({ situation, present, atHand }: AdviceQuestion): AdviceAnswer {
  return {
    type: 'advice',
    remedies: remediesFor(situation, present, atHand),
    held: heldEachWay(situation, present),
    speeds: fittingSpeeds(situation, present),
    served: purposeServed(situation, present, atHand),
    ...{ enough: null, standing: null }
  };
}

function heldEachWay(situation: Situation, present: Choice): AdviceAnswer['held'] {
  const chance = (support: Support): number => bestSetting({ ...situation, support }, present)?.pUsable ?? 0;
  const [hand = 0, leaning = 0, standing = 0] = SUPPORTS.map(chance);
  // a smaller aperture may be worth a point there; a support is never shown as a loss
  return { hand, leaning: Math.max(hand, leaning), standing: Math.max(hand, leaning, standing) };
}

function answerRow({ key, situation, present, atHand }: RowQuestion): RowAnswer {
  const remedies = remediesFor(situation, present, atHand);
  const [first] = remedies;
  const remedy = first
    ? remedies.reduce((best, r) => (r.verdict.pUsable > best.verdict.pUsable + 0.005 ? r : best), first)
    : null;
  const { likely, possible } = reachOf(situation, present);
  return { type: 'row', key, remedy, likely, possible };
}
