import { lastRollWith } from '#core/learn/last-roll.ts';
import { learnFrom } from '#core/learn/observe.ts';
import { planTestRoll } from '#core/learn/test-roll.ts';
import { explainedOf, judgedFramesOf } from '#server/learn/learning.ts';
import { takenWith } from '#server/log/taken-with.ts';
import { pairOf } from '#server/kit/pairs.ts';
import { store } from '#server/store.ts';
import type { PageServerLoad } from './$types';

/** The frames of one film to be judged, and what all judged frames of its camera say about it. */
export const load: PageServerLoad = ({ url }) => {
  const s = store();
  const asked = url.searchParams.get('film');
  const chosen = (asked === null ? null : s.loads.find(asked)) ?? s.loads.inUse();
  const pair = chosen && pairOf(s, chosen);
  if (!chosen || !pair)
    return {
      pair: null,
      films: {},
      frames: [],
      judgements: [],
      scans: [],
      explained: [],
      says: null,
      history: [],
      plan: []
    };
  const { camera, film } = pair;
  const judged = judgedFramesOf(s, camera.id);
  const learned = learnFrom(camera, judged);
  const frames = s.frames.listByLoad(chosen.id);
  const look = takenWith(s);
  const taken = frames.flatMap((frame) => {
    const with_ = look(frame);
    return with_ ? [{ frame, camera: with_.camera, film: with_.film }] : [];
  });
  const numberOf = new Map(judged.map(({ frame, film: on }) => [frame.id, `${frame.number} on ${on.name}`]));
  return {
    ...{ pair, frames },
    /** The film of each frame as it was and was developed. */
    films: Object.fromEntries(taken.map(({ frame, film: own }) => [frame.id, own] as const)),
    scans: s.scans.ofLoad(chosen.id),
    judgements: judged.map((j) => j.judgement),
    explained: explainedOf(s, chosen, judged),
    says: {
      ...{ camera: learned.camera, withFilm: learned.withBatch.get(film.id) ?? null, frames: judged.length },
      outliers: learned.outliers.map((o) => ({ ...o, label: numberOf.get(o.frameId) ?? '' })),
      lastRoll: judged.length > 0 ? lastRollWith(taken, learned.camera) : null
    },
    history: s.judgements.history(camera.id),
    plan: planTestRoll(camera, film, pair.present, judged.length > 0 ? learned.camera.sd : null)
  };
};
