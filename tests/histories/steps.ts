// What can happen to a log at home, step by step. Each step does one thing in the database and notes in the memory what a
// person would say was done; a step that finds nothing to do does nothing.
import { cameraFaults } from '#core/camera/faults.ts';
import { isRefused, misfitsOf } from '#core/camera/fits.ts';
import { TONES } from '#core/learn/judgement.ts';
import type { SomeFacts } from '#core/offline/change.ts';
import { binFrame, correctFrame, noteFrame } from './model.ts';
import {
  changedCamera,
  frameIdOf,
  loadOf,
  noteLoad,
  one,
  someFacts,
  someFrame,
  someTime,
  type Scene
} from './scene.ts';
import { ZONES } from './world.ts';

/** Something that happens. */
export type Step = (scene: Scene) => void;

/** The steps by name. */
export const AT_HOME: Readonly<Record<string, Step>> = {
  load: (scene) => {
    const { world, pick, fresh } = scene;
    const cameraId = one(pick, world.cameraIds);
    const camera = cameraId === null ? null : world.cameras.find(cameraId)?.value;
    const fitting = world.filmIds.filter((id) => {
      const film = world.films.find(id)?.value;
      return camera && film && !isRefused(misfitsOf(camera, film));
    });
    const filmId = one(pick, fitting);
    if (cameraId === null || filmId === null) return;
    const outcome = world.loading.load({
      ...{ id: fresh('load'), cameraId, filmId, framesTotal: 4 + pick(5), firstNumber: 1 + pick(2) * 83 },
      ...{ loadedAt: someTime(scene), anyway: true },
      packFilter: pick(2) === 0 ? null : { name: 'grey', stops: 2, on: false }
    });
    if (outcome.ok) noteLoad(scene, outcome.load.id);
  },
  log: (scene) => {
    const { world, memory } = scene;
    const load = loadOf(scene);
    const frame = load && someFrame(scene, load);
    const camera = load && world.cameras.find(load.cameraId)?.value;
    const film = load && world.films.find(load.filmId)?.value;
    if (!frame || !camera || !film) return;
    if (world.log.log(frame).ok) noteFrame(memory, frame, camera, film);
  },
  look: ({ world, memory, pick, seen }) => {
    const client = seen[pick(2)];
    for (const id of memory.frames.keys()) {
      const frame = world.frames.find(id);
      if (frame) client?.set(id, { revision: frame.revision, facts: memory.frames.get(id)?.facts ?? {} });
    }
  },
  edit: (scene) => {
    const { world, memory, pick, seen } = scene;
    const id = frameIdOf(scene);
    const saw = id === null ? undefined : seen[pick(2)]?.get(id);
    if (id === null || !saw) return;
    const facts = someFacts(scene, id);
    const before = memory.frames.get(id)?.facts;
    const outcome = world.log.change(id, facts, saw.revision);
    if (!outcome.ok) return;
    // who edits saw what was there
    for (const name of Object.keys(facts))
      if (
        JSON.stringify(saw.facts[name as keyof SomeFacts]) !==
        JSON.stringify(before?.[name as keyof SomeFacts])
      )
        throw new Error(`${name} of ${id} was overwritten unseen`);
    correctFrame(memory, id, facts);
  },
  bin: (scene) => {
    const id = frameIdOf(scene);
    if (id !== null && scene.world.log.remove(id).ok) binFrame(scene.memory, id, true);
  },
  'take out of the bin': (scene) => {
    const id = frameIdOf(scene);
    const outcome = id === null ? null : scene.world.log.restore(id);
    if (id === null || !outcome?.ok || outcome.repeated) return;
    // its number may have been given away meanwhile
    correctFrame(scene.memory, id, { number: outcome.frame.number });
  },
  judge: (scene) => {
    const { world, memory, pick } = scene;
    const id = frameIdOf(scene);
    if (id === null) return;
    const judgement = {
      ...{ frameId: id, on: 'negative' as const, faults: pick(2) === 0 ? [] : ['blur'] },
      outcome: { kind: 'tone' as const, stops: one(pick, TONES) ?? 0 },
      judgedAt: someTime(scene)
    };
    world.judgements.put({ ...judgement, revision: 1 });
    memory.judgements.set(id, judgement);
  },
  'take a judgement away': (scene) => {
    const id = frameIdOf(scene);
    if (id === null) return;
    scene.world.judgements.drop(id);
    scene.memory.judgements.delete(id);
  },
  'write a camera anew': (scene) => {
    const { world, pick } = scene;
    const id = one(pick, world.cameraIds);
    const before = id === null ? null : world.cameras.find(id);
    if (!before) return;
    const camera = changedCamera(scene, before.value);
    const what = one(pick, ['corrected', 'rebuilt', 'bias'] as const) ?? 'corrected';
    if (cameraFaults(camera).length === 0) world.cameras.change(camera, { what, since: someTime(scene) });
  },
  'write a film anew': (scene) => {
    const { world, pick, fresh } = scene;
    const id = one(pick, world.filmIds);
    const film = id === null ? null : world.films.find(id)?.value;
    if (!film) return;
    const changed = { ...film, name: fresh('film'), iso: film.iso * (pick(2) + 1) };
    world.films.change(changed, someTime(scene));
  },
  'retire a camera': ({ world, pick }) => {
    const id = one(pick, world.cameraIds);
    if (id !== null && !world.cameras.retire(id, world.now().at)) world.cameras.bringBack(id);
  },
  'throw a film away': ({ world, pick }) => {
    const id = one(pick, world.filmIds);
    if (id !== null && !world.films.remove(id, world.now().at)) world.films.restore(id);
  },
  finish: (scene) => {
    const load = loadOf(scene);
    if (!load) return;
    const finished = load.finishedAt === null;
    const finishedAt = someTime(scene, load.loadedAt);
    const outcome = scene.world.changing.change(load.id, { finished, finishedAt }, load.revision);
    if (outcome.ok) noteLoad(scene, load.id, { finishedAt: finished ? finishedAt : null });
  },
  develop: (scene) => {
    const { world, pick, fresh } = scene;
    const load = loadOf(scene);
    if (!load) return;
    const development =
      pick(4) === 0
        ? null
        : {
            ...{ developer: fresh('developer'), dilution: '1+9', minutes: 8, temperatureC: 20 },
            shiftStops: pick(5) - 2
          };
    if (world.changing.change(load.id, { development }, load.revision).ok)
      noteLoad(scene, load.id, { development });
  },
  remark: (scene) => {
    const load = loadOf(scene);
    if (!load) return;
    const edit = {
      remark: scene.fresh('noise'),
      ...(load.packFilter ? { packFilter: { ...load.packFilter, on: true } } : {})
    };
    if (scene.world.changing.change(load.id, edit, load.revision).ok) noteLoad(scene, load.id, edit);
  },
  'a stale edit of a load': (scene) => {
    const load = loadOf(scene);
    const outcome = load && scene.world.changing.change(load.id, { remark: 'stale' }, load.revision - 1);
    if (outcome?.ok) throw new Error('a load was changed by who had not seen it');
  },
  'choose a town': ({ world, pick }) => {
    const zone = one(pick, ZONES) ?? 'UTC';
    world.settings.change({
      place: { name: 'a town', latitude: pick(60), longitude: pick(170), zone }
    });
  },
  describe: (scene) => {
    const { world, memory, fresh, pick, seen } = scene;
    const id = frameIdOf(scene);
    const about = id === null ? undefined : memory.frames.get(id)?.facts.about;
    const saw = id === null ? undefined : seen[pick(2)]?.get(id);
    if (id === null || !about || !saw) return;
    const [tag, subject] = [fresh('tag'), fresh('subject')];
    const outcome = world.many.change({
      act: 'describe',
      ids: [id],
      revisions: [saw.revision],
      addTags: [tag],
      removeTags: [],
      subject
    });
    if (!outcome.ok) return;
    if (JSON.stringify(saw.facts.about) !== JSON.stringify(about))
      throw new Error(`a subject of ${id} was overwritten unseen`);
    correctFrame(memory, id, { about: { ...about, tags: [...about.tags, tag], subject } });
  }
};
