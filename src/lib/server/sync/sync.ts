// What a phone did while it was away, done here: each change once, in one transaction with its key; what was changed here
// meanwhile is asked about and never overwritten unless the person saw just that.
import { isDeepStrictEqual } from 'node:util';
import type { Database } from 'better-sqlite3';
import { settingOf } from '#core/camera/setting.ts';
import type { NewFrame } from '#core/log/frame.ts';
import { nextFrameNumber } from '#core/log/load.ts';
import { assertNever } from '#core/numeric/result.ts';
import type { Action, Conflict, Outcome, SomeFacts } from '#core/offline/change.ts';
import type { Sent } from '#core/offline/queue.ts';
import type { Moment } from '#core/sky/moment.ts';
import { parseWith } from '#schema/reading/parse.ts';
import { settingsEditSchema } from '#schema/settings/settings-schema.ts';
import { cameraRepository } from '../kit/cameras.ts';
import { loadChanges } from '../kit/change-load.ts';
import { filmRepository } from '../kit/films.ts';
import { loadRepository } from '../kit/loads.ts';
import { revisionRepository } from '../kit/revisions.ts';
import type { StoredFrame } from '../log/frame-row.ts';
import { framePictures } from '../log/frame-pictures.ts';
import { frameRepository } from '../log/frames.ts';
import { logbook } from '../log/logbook.ts';
import { outingRepository } from '../plan/outings.ts';
import { exerciseRepository } from '../practice/exercises.ts';
import { settingsRepository } from '../settings/settings.ts';

type Settled = (conflict: Conflict) => boolean;
type Of<K extends Action['kind']> = Extract<Action, { kind: K }>;

/** Those facts of a frame that a change is about. */
function sameFacts(frame: StoredFrame, of: SomeFacts): SomeFacts {
  return Object.fromEntries(Object.keys(of).map((name) => [name, frame[name as keyof SomeFacts]]));
}

/** The facts that a change is about: what is the same before and after it is left alone. */
function onlyChanged(from: SomeFacts, to: SomeFacts): readonly [from: SomeFacts, to: SomeFacts] {
  const names = (Object.keys(to) as (keyof SomeFacts)[]).filter((n) => !isDeepStrictEqual(from[n], to[n]));
  const only = (facts: SomeFacts): SomeFacts => Object.fromEntries(names.map((n) => [n, facts[n]]));
  return [only(from), only(to)];
}

/** Changes of phones, done in a database. @param now the time */
export function phoneChanges(db: Database, now: () => Moment) {
  const cameras = cameraRepository(db);
  const films = filmRepository(db);
  const loads = loadRepository(db);
  const revisions = revisionRepository(db);
  const frames = frameRepository(db);
  const book = logbook(db, now);
  const changing = loadChanges(db, now);
  const outings = outingRepository(db);
  const [exercises, pictures] = [exerciseRepository(db), framePictures(db)];
  const settings = settingsRepository(db);
  const known = db.prepare<[string]>('select 1 from change_done where key = ?');
  const mark = db.prepare<[string, string]>('insert into change_done (key, done_at) values (?, ?)');

  /** The number a frame gets: its own, or what was agreed on when that is not to be had. */
  function numberFor(
    loadId: string,
    number: number,
    except: string,
    settled: Settled
  ): { readonly number: number } | Conflict {
    const load = loads.find(loadId);
    if (!load) return { reason: 'gone' };
    const others = frames.numbersOf(loadId).filter((f) => f.id !== except);
    const theirs = frames.find(others.find((f) => f.number === number)?.id ?? '');
    if (!theirs) return { number };
    const next = nextFrameNumber(load, others);
    const { note, takenAt } = theirs;
    const conflict: Conflict = { reason: 'taken', number, next, theirs: { number, note, takenAt } };
    if (!settled(conflict)) return conflict;
    // a full side one: the number after all that are taken
    return { number: next ?? Math.max(...others.map((f) => f.number)) + 1 };
  }

  /** A phone's clock may be ahead: nothing was taken after now. */
  const notAhead = (moment: Moment): Moment => (moment.at > now().at ? { ...moment, at: now().at } : moment);

  function log(sent: NewFrame, settled: Settled): Conflict | null {
    if (frames.find(sent.id)) return null;
    const load = loads.find(sent.loadId);
    const present = load && cameras.find(load.cameraId);
    const film = load && films.find(load.filmId)?.value;
    if (!present || !film) return { reason: 'gone' };
    const frame = { ...sent, takenAt: notAhead(sent.takenAt) };
    const { cameraRevision } = frame;
    const camera =
      cameraRevision === 0
        ? revisions.cameraAt(load.cameraId, frame.takenAt.at)?.value
        : revisions.camera(load.cameraId, cameraRevision)?.value;
    const setting = camera && settingOf(camera, frame.choice);
    const early = Date.parse(load.loadedAt.at) - Date.parse(frame.takenAt.at) > 5 * 60_000;
    const against = [
      ...(cameras.isRetired(load.cameraId)
        ? [{ reason: 'retired', cameraName: present.value.name } satisfies Conflict]
        : []),
      ...(load.finishedAt === null ? [] : [{ reason: 'finished', filmName: film.name } satisfies Conflict]),
      ...(early ? [{ reason: 'before-load', loadedAt: load.loadedAt } satisfies Conflict] : []),
      ...(setting ? [] : [{ reason: 'no-such-position' } satisfies Conflict])
    ].find((c) => !settled(c));
    if (against) return against;
    const number = numberFor(load.id, frame.number, frame.id, settled);
    if ('reason' in number) return number;
    // a place that the camera never had: as the controls stand, on the camera of today
    const placed = setting
      ? { choice: setting.choice }
      : {
          choice: settingOf(present.value, cameras.standsAt(load.cameraId) ?? {})?.choice ?? {},
          cameraRevision: present.revision
        };
    const outcome = book.log({ ...frame, ...number, ...placed }, { finished: true, beforeLoad: true });
    return outcome.ok ? null : { reason: 'gone' };
  }

  /** What was done to those facts here, if the person did not see it. */
  function editedMeanwhile(frame: StoredFrame, from: SomeFacts, settled: Settled): Conflict | null {
    const theirs = sameFacts(frame, from);
    const conflict: Conflict = { reason: 'edited', theirs };
    return isDeepStrictEqual(theirs, from) || settled(conflict) ? null : conflict;
  }

  function edit(action: Of<'edit'>, settled: Settled): Conflict | null {
    const frame = frames.find(action.frameId);
    if (!frame) return { reason: 'no-frame' };
    if (frame.deletedAt !== null && !settled({ reason: 'deleted' })) return { reason: 'deleted' };
    // what the phone left alone is as it is here: also the number a frame was given on its way
    const [from, to] = onlyChanged(action.from, action.to);
    if (isDeepStrictEqual(sameFacts(frame, to), to) && frame.deletedAt === null) return null;
    const against = editedMeanwhile(frame, from, settled);
    if (against) return against;
    const number = to.number === undefined ? null : numberFor(frame.loadId, to.number, frame.id, settled);
    if (number && 'reason' in number) return number;
    if (frame.deletedAt !== null) book.restore(frame.id);
    const outcome = book.change(frame.id, { ...to, ...number });
    if (outcome.ok) return null;
    const { refusal } = outcome;
    if (refusal.reason === 'before-load') return { reason: 'before-load', loadedAt: refusal.loadedAt };
    return refusal.reason === 'no-such-position' ? { reason: 'no-such-position' } : { reason: 'no-frame' };
  }

  function remove(action: Of<'remove'>, settled: Settled): Conflict | null {
    const frame = frames.find(action.frameId);
    if (!frame) return { reason: 'no-frame' };
    if (frame.deletedAt !== null) return null;
    // the number may have been changed on the frame's way here: nobody edited it for that
    const others = Object.entries(action.from).filter(([name]) => name !== 'number');
    const from: SomeFacts = Object.fromEntries(others);
    const against = editedMeanwhile(frame, from, settled);
    if (!against) book.remove(frame.id);
    return against;
  }

  function restore(frameId: string): Conflict | null {
    const frame = frames.find(frameId);
    if (!frame) return { reason: 'no-frame' };
    const outcome = book.restore(frameId);
    if (outcome.ok || outcome.refusal.reason !== 'taken') return outcome.ok ? null : { reason: 'gone' };
    const theirs = frames.listByLoad(frame.loadId).find((f) => f.number === frame.number) ?? frame;
    const { number, note, takenAt } = theirs;
    return { reason: 'taken', number: frame.number, next: null, theirs: { number, note, takenAt } };
  }

  function stand(action: Of<'stand'>, settled: Settled): Conflict | null {
    const present = cameras.find(action.cameraId)?.revision;
    if (present === undefined) return { reason: 'gone' };
    // places on a camera as it was before: how it stands now is not known by them
    if (action.cameraRevision !== 0 && action.cameraRevision !== present) return null;
    const theirs = cameras.standsAt(action.cameraId) ?? {};
    const moved = ![action.from, action.to, {}].some((c) => isDeepStrictEqual(theirs, c));
    const conflict: Conflict = { reason: 'stands-moved', theirs };
    if (moved && !settled(conflict)) return conflict;
    return cameras.leaveAt(action.cameraId, action.to) ? null : { reason: 'gone' };
  }

  function checks(action: Of<'checks'>, settled: Settled, madeAt: Moment): Conflict | null {
    const camera = cameras.find(action.cameraId)?.value;
    if (!camera) return { reason: 'gone' };
    const theirs = camera.checks;
    const changed = ![action.from, action.to].some((c) => isDeepStrictEqual(theirs, c));
    const conflict: Conflict = { reason: 'checks-changed', theirs };
    if (changed && !settled(conflict)) return conflict;
    if (!isDeepStrictEqual(theirs, action.to))
      cameras.change({ ...camera, checks: action.to }, { what: 'corrected', since: notAhead(madeAt) });
    return null;
  }

  function remember(action: Of<'settings'>, settled: Settled): Conflict | null {
    const read = parseWith(settingsEditSchema, action.edit);
    if (!read.ok) return null;
    const current: Readonly<Record<string, unknown>> = settings.read();
    const names = Object.keys(action.from);
    const theirs = Object.fromEntries(names.map((name) => [name, current[name]]));
    const same = names.every((n) =>
      [action.from[n], action.edit[n]].some((v) => isDeepStrictEqual(theirs[n], v))
    );
    const conflict: Conflict = { reason: 'settings-changed', theirs };
    if (!same && !settled(conflict)) return conflict;
    settings.change(read.value);
    return null;
  }

  function finish({ loadId, finished }: Of<'finish'>, madeAt: Moment): Conflict | null {
    const load = loads.find(loadId);
    if (!load) return { reason: 'gone' };
    if ((load.finishedAt !== null) === finished) return null;
    const outcome = changing.change(loadId, { finished, finishedAt: notAhead(madeAt) });
    if (outcome.ok) return null;
    return { reason: 'finished', filmName: films.find(load.filmId)?.value.name ?? '' };
  }

  function turn({ loadId, side }: Of<'side'>): Conflict | null {
    const load = loads.find(loadId);
    if (!load || load.side === null) return { reason: 'gone' };
    if (load.side === side || loads.turnOver(loadId)) return null;
    return { reason: 'finished', filmName: films.find(load.filmId)?.value.name ?? '' };
  }

  function layFilter({ loadId, on }: Of<'pack-filter'>): Conflict | null {
    const load = loads.find(loadId);
    if (!load) return { reason: 'gone' };
    if (load.packFilter && load.packFilter.on !== on)
      changing.change(loadId, { packFilter: { ...load.packFilter, on } });
    return null;
  }

  function planOuting(
    { outingId, from, to }: Of<'outing'>,
    settled: Settled,
    madeAt: Moment
  ): Conflict | null {
    const theirs = outings.find(outingId);
    const same = [from, to].some((o) => isDeepStrictEqual(theirs, o));
    const conflict: Conflict = { reason: 'outing-changed', theirs };
    if (!same && !settled(conflict)) return conflict;
    if (isDeepStrictEqual(theirs, to)) return null;
    if (to) outings.put({ ...to, id: outingId }, notAhead(madeAt).at);
    else outings.remove(outingId, notAhead(madeAt).at);
    return null;
  }

  function attempt({ change, settled: seen }: Sent): Conflict | null {
    const { action, madeAt } = change;
    const settled: Settled = (conflict) => seen.some((s) => isDeepStrictEqual(s, conflict));
    switch (action.kind) {
      case 'log':
        return log(action.frame, settled);
      case 'edit':
        return edit(action, settled);
      case 'remove':
        return remove(action, settled);
      case 'restore':
        return restore(action.frameId);
      case 'picture':
        if (!frames.find(action.frameId)) return { reason: 'no-frame' };
        pictures.put(action.frameId, action.picture);
        return null;
      case 'stand':
        return stand(action, settled);
      case 'checks':
        return checks(action, settled, madeAt);
      case 'settings':
        return remember(action, settled);
      case 'finish':
        return finish(action, madeAt);
      case 'side':
        return turn(action);
      case 'pack-filter':
        return layFilter(action);
      case 'outing':
        return planOuting(action, settled, madeAt);
      case 'practise':
        exercises.put({ ...action.exercise, at: notAhead(action.exercise.at) });
        return null;
      default:
        return assertNever(action);
    }
  }

  const take = db.transaction((sent: Sent): Outcome => {
    const { key } = sent.change;
    if (known.get(key)) return { key, outcome: 'done' };
    const conflict = attempt(sent);
    if (conflict) return { key, outcome: 'conflict', conflict };
    mark.run(key, now().at);
    return { key, outcome: 'done' };
  });

  return {
    /** Does what was sent, each change once; the answers are in its order. */
    take: (sent: readonly Sent[]): readonly Outcome[] => sent.map((s) => take.immediate(s))
  };
}
