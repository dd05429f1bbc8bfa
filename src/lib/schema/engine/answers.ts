// What the engine answers to other programs, as JSON; null stands for what has no end.
import { array, lazy, number, object, string } from 'yup';
import type { Remedy } from '#core/advice/remedy.ts';
import type { Reach } from '#core/advice/reach-shape.ts';
import { TERM_SOURCES, type TermKind } from '#core/error/delta.ts';
import type { Verdict } from '#core/chance/verdict.ts';
import { choiceSchema } from '../kit/choice.ts';
import { keepShapes } from '../reading/kinds.ts';

const stops = () => number().required();
const chance = () => number().min(0).max(1).required();
const TERMS = Object.keys(TERM_SOURCES);
const windowSchema = () => object({ lo: stops(), hi: stops() }).required();

/** A verdict on one setting. */
export const verdictSchema = object({
  choice: choiceSchema,
  fNumber: number().required(),
  seconds: number().required(),
  limit: string().oneOf(['none', 'dark', 'bright']).required(),
  deltaStops: stops(),
  aimStops: stops(),
  sdStops: stops(),
  /** Exposure alone, then the whole frame. */
  pExposure: chance(),
  pUsable: chance(),
  pGood: chance(),
  chance: string().oneOf(['likely', 'possible', 'unlikely']).required(),
  slackUnderStops: stops(),
  slackOverStops: stops(),
  usable: windowSchema(),
  good: windowSchema(),
  /** The reasons; their stops add up to deltaStops. */
  terms: array(
    object({
      term: string().oneOf(TERMS).required(),
      stops: stops(),
      source: string().oneOf(['light', 'film', 'camera', 'setting', 'filter', 'flash']).required()
    }).required()
  ).required(),
  /** What the chance of the whole frame is the product of. */
  factors: array(
    object({
      kind: string().oneOf(['exposure', 'hand', 'subject', 'focus', 'lock', 'sync', 'counted']).required(),
      chance: chance()
    }).required()
  ).required(),
  failures: array(object({ condition: string().required(), chance: chance() }).required()).required()
}).required();

const lv = () => number().nullable().defined();
const interval = () => object({ from: lv(), to: lv() }).required();

/** Answer of `match`: every setting that is worth knowing, best first. */
export const matchAnswerSchema = object({ verdicts: array(verdictSchema).required() }).required();

const reachFields = {
  likely: array(interval()).required(),
  possible: array(interval()).required(),
  services: array(object({ from: lv(), to: lv(), choice: choiceSchema }).required()).required(),
  largestLikelySd: number().nullable().defined()
};

/** Answer of `reach`: for the support that was said, and in the hand and on something apart. */
export const reachAnswerSchema = object({
  ...reachFields,
  hand: object(reachFields).required(),
  standing: object(reachFields).required()
}).required();

const step = lazy(() => object({ kind: string().required() }));
keepShapes(step, [object({ kind: string().required() })]);

/** Answer of `remedies`. */
export const remediesAnswerSchema = object({
  advice: verdictSchema,
  remedies: array(
    object({ steps: array(step).required(), gain: stops(), verdict: verdictSchema }).required()
  ).required()
}).required();

/** A verdict as it is answered. */
export function verdictAnswer(verdict: Verdict) {
  const { setting, exposure, window, terms, factors, failures } = verdict;
  const { deltaStops, aimStops, sdStops, pExposure, pUsable, pGood, chance: class_ } = verdict;
  const source = (term: TermKind) => TERM_SOURCES[term];
  return {
    choice: setting.choice,
    ...{ fNumber: exposure.fNumber, seconds: exposure.seconds, limit: exposure.limit },
    ...{ deltaStops, aimStops, sdStops, pExposure, pUsable, pGood, chance: class_ },
    slackUnderStops: verdict.slackUnderStops,
    slackOverStops: verdict.slackOverStops,
    ...{ usable: window.usable, good: window.good },
    terms: terms.map((t) => ({ ...t, source: source(t.term) })),
    ...{ factors, failures }
  };
}

function oneReach({ likely, possible, services, largestLikelySd }: Reach) {
  return {
    ...{ likely, possible, largestLikelySd },
    services: services.map(({ from, to, setting }) => ({ from, to, choice: setting.choice }))
  };
}

/** A reach as it is answered; JSON writes what has no end as null. */
export function reachAnswer(said: Reach, both: { readonly hand: Reach; readonly standing: Reach }) {
  return { ...oneReach(said), hand: oneReach(both.hand), standing: oneReach(both.standing) };
}

/** Remedies as they are answered. */
export function remediesAnswer(advice: Verdict, remedies: readonly Remedy[]) {
  return {
    advice: verdictAnswer(advice),
    remedies: remedies.map(({ steps, gain, verdict }) => ({ steps, gain, verdict: verdictAnswer(verdict) }))
  };
}
