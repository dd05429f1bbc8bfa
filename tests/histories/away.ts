// What a phone does while it is away, and what becomes of it at home. Where home asks, the person insists or leaves it out.
import { isDeepStrictEqual } from 'node:util';
import { assertNever } from '#core/numeric/result.ts';
import type { Action, Change, Conflict, SomeFacts } from '#core/offline/change.ts';
import { binFrame, correctFrame, noteFrame, type Noted } from './model.ts';
import { loadOf, noteLoad, one, someFacts, someFrame, type Scene } from './scene.ts';
import type { Step } from './steps.ts';

function does({ world, phone, fresh }: Scene, action: Action): void {
  phone.queue.push({ key: fresh('change'), madeAt: world.now(), action });
}

/** Nobody who did not see it may have overwritten what was noted at home. */
function assertSeen(noted: Noted, from: SomeFacts, to: SomeFacts, settled: readonly Conflict[]): void {
  if (settled.some((c) => c.reason === 'edited')) return;
  for (const name of Object.keys(from) as (keyof SomeFacts)[]) {
    const fact = noted.facts[name];
    const known = isDeepStrictEqual(fact, from[name]) || (name in to && isDeepStrictEqual(fact, to[name]));
    if (!known && name !== 'number') throw new Error(`a phone overwrote ${name} unseen`);
  }
}

/** The number that a frame has come to where its own could not be had. */
const numberOf = ({ world }: Scene, id: string) => ({ number: world.frames.find(id)?.number ?? NaN });

/** Notes what home took from a phone. */
function noteDone(scene: Scene, { action, madeAt }: Change, settled: readonly Conflict[]): void {
  const { memory, phone } = scene;
  const renumbered = settled.some((c) => c.reason === 'taken');
  switch (action.kind) {
    case 'log': {
      const taken = phone.taken.get(action.frame.id);
      if (!taken || memory.frames.has(action.frame.id)) return;
      const number = renumbered ? numberOf(scene, action.frame.id) : {};
      noteFrame(memory, { ...action.frame, ...number }, taken.camera, taken.film);
      return;
    }
    case 'edit': {
      const { frameId, from, to } = action;
      const noted = memory.frames.get(frameId);
      if (!noted) throw new Error('a frame that nobody noted was changed');
      const names = (Object.keys(to) as (keyof SomeFacts)[]).filter(
        (n) => !isDeepStrictEqual(from[n], to[n])
      );
      const only = (facts: SomeFacts): SomeFacts => Object.fromEntries(names.map((n) => [n, facts[n]]));
      assertSeen(noted, only(from), only(to), settled);
      const number = renumbered || noted.deleted ? numberOf(scene, frameId) : {};
      correctFrame(memory, frameId, { ...only(to), ...number });
      return;
    }
    case 'remove': {
      const noted = memory.frames.get(action.frameId);
      if (noted && !noted.deleted) assertSeen(noted, action.from, {}, settled);
      binFrame(memory, action.frameId, true);
      return;
    }
    case 'finish': {
      const before = memory.loads.get(action.loadId);
      if (before && (before.finishedAt !== null) !== action.finished)
        noteLoad(scene, action.loadId, { finishedAt: action.finished ? madeAt : null });
      return;
    }
    case 'restore':
    case 'picture':
    case 'stand':
    case 'checks':
    case 'settings':
    case 'side':
    case 'pack-filter':
    case 'outing':
    case 'practise':
      return;
    default:
      assertNever(action);
  }
}

/** Sends a change until home takes it or the person leaves it out. */
function bring(scene: Scene, change: Change): void {
  const { world, pick, phone } = scene;
  const settled: Conflict[] = [];
  for (let asked = 0; asked < 5; asked++) {
    const [outcome] = world.sync.take([{ change, settled }]);
    if (outcome?.outcome !== 'conflict') {
      noteDone(scene, change, settled);
      phone.done.push(change);
      return;
    }
    if (pick(3) === 0) return;
    settled.push(outcome.conflict);
  }
}

/** The steps of a phone by name. */
export const AWAY: Readonly<Record<string, Step>> = {
  'take the phone along': ({ memory, phone }) => {
    for (const [id, { facts, deleted }] of memory.frames) if (!deleted) phone.facts.set(id, facts);
  },
  'log on the phone': (scene) => {
    const { world, phone } = scene;
    const load = loadOf(scene);
    const frame = load && someFrame(scene, load);
    const camera = load && world.cameras.find(load.cameraId)?.value;
    const film = load && world.films.find(load.filmId)?.value;
    if (!frame || !camera || !film) return;
    phone.taken.set(frame.id, { camera, film });
    does(scene, { kind: 'log', frame });
  },
  'edit on the phone': (scene) => {
    const { phone, pick } = scene;
    const id = one(pick, [...phone.facts.keys()]);
    const known = id === null ? undefined : phone.facts.get(id);
    if (id === null || !known) return;
    const to = someFacts(scene, id);
    const names = Object.keys(to) as (keyof SomeFacts)[];
    const from: SomeFacts = Object.fromEntries(names.map((n) => [n, known[n]]));
    phone.facts.set(id, { ...known, ...to });
    does(scene, { kind: 'edit', frameId: id, from, to });
  },
  'bin on the phone': (scene) => {
    const { phone, pick } = scene;
    const id = one(pick, [...phone.facts.keys()]);
    const from = id === null ? undefined : phone.facts.get(id);
    if (id !== null && from) does(scene, { kind: 'remove', frameId: id, from });
  },
  'finish on the phone': (scene) => {
    const load = loadOf(scene);
    if (load) does(scene, { kind: 'finish', loadId: load.id, finished: load.finishedAt === null });
  },
  'come home': (scene) => {
    for (const change of scene.phone.queue.splice(0)) bring(scene, change);
  },
  'send again what was done': ({ world, phone }) => {
    world.sync.take(phone.done.map((change) => ({ change, settled: [] })));
  }
};
