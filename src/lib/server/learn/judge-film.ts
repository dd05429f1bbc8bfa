// The frames of one film to be judged, and what all judged frames of its camera say about it.
import { lastRollWith } from '#core/learn/last-roll.ts';
import { learnObserved } from '#core/learn/observe.ts';
import { heldOf, learnSteadiness } from '#core/learn/steadiness.ts';
import { planTestRoll } from '#core/learn/test-roll.ts';
import type { Load } from '#core/log/load.ts';
import type { Pair } from '#core/log/pair.ts';
import { brightestToday } from '#core/sky/brightest.ts';
import { takenWith } from '../log/taken-with.ts';
import type { Repositories } from '../repositories.ts';
import { judgedFramesOf, judgedStatesOf, judgingEye, observationsOf } from './judged.ts';
import { explainedOf } from './learning.ts';

/** More frames than these tell little more of a hand. */
const MOST_HELD = 150;

/** Everything that a film is judged with. @param load the film @param pair the same with its camera @param nowMs milliseconds since 1970 */
export function judgeFilm(s: Repositories, load: Load, pair: Pair, nowMs: number) {
  const { camera, film } = pair;
  const { place } = s.settings.read();
  const states = judgedStatesOf(s, camera.id);
  const learned = learnObserved(
    camera,
    observationsOf(s, camera.id, states),
    (id) => s.films.find(id)?.value.sdStops ?? 0.2
  );
  const frames = s.frames.listByLoad(load.id);
  const here = new Set(frames.map((f) => f.id));
  const judgedHere = judgedFramesOf(
    s,
    states.flatMap(({ frameId }) => (here.has(frameId) ? [frameId] : []))
  );
  const look = takenWith(s);
  const taken = frames.flatMap((frame) => {
    const with_ = look(frame);
    return with_ ? [{ frame, camera: with_.camera, film: with_.film }] : [];
  });
  const odd = judgedFramesOf(
    s,
    learned.outliers.map((o) => o.frameId)
  );
  const numberOf = new Map(odd.map(({ frame, film: on }) => [frame.id, `${frame.number} on ${on.name}`]));
  return {
    ...{ pair, frames },
    /** The film of each frame as it was and was developed. */
    films: Object.fromEntries(taken.map(({ frame, film: own }) => [frame.id, own] as const)),
    /** How long it was in the developer; null = not noted. */
    minutes: load.development?.minutes ?? null,
    scans: s.scans.ofLoad(load.id),
    judgements: s.judgements.ofFrames(frames.map((f) => f.id)),
    explained: explainedOf(s, load, judgedHere),
    says: {
      ...{ camera: learned.camera, withFilm: learned.withBatch.get(film.id) ?? null, frames: states.length },
      outliers: learned.outliers.map((o) => ({ ...o, label: numberOf.get(o.frameId) ?? '' })),
      lastRoll: states.length > 0 ? lastRollWith(taken, learned.camera) : null
    },
    /** How tones that were judged are corrected; null = they are not. */
    judging: judgingEye(s),
    /** How still this person holds, by the frames judged last of films on which every one was. */
    hand: learnSteadiness(
      judgedFramesOf(s, s.judgements.ofWholeFilms(MOST_HELD)).flatMap((j) => heldOf(j) ?? [])
    ),
    history: s.judgements.history(camera.id),
    plan: planTestRoll(
      ...([camera, film, pair.present] as const),
      states.length > 0 ? learned.camera.sd : null,
      // where nobody said the place, any light
      place ? brightestToday(place, place.zone, nowMs) : Infinity
    )
  };
}
