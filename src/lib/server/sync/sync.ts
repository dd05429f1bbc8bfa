// What a phone did while it was away, done at home: each change once, in one transaction with its key; what was changed at
// home meanwhile is asked about and never overwritten unless the person saw just that.
import { isDeepStrictEqual } from 'node:util';
import type { Database } from 'better-sqlite3';
import { settingOf } from '#core/camera/setting.ts';
import { nextFrameNumber, type NewFrame } from '#core/log/frame.ts';
import { assertNever } from '#core/numeric/result.ts';
import type { Conflict, Action, FrameWords, Outcome } from '#core/offline/change.ts';
import type { Sent } from '#core/offline/queue.ts';
import { parseWith } from '#schema/reading/parse.ts';
import { settingsEditSchema } from '#schema/settings/settings.ts';
import { cameraRepository } from '../kit/cameras.ts';
import { filmRepository } from '../kit/films.ts';
import type { StoredFrame } from '../log/frame-row.ts';
import { frameRepository } from '../log/frames.ts';
import { loadRepository } from '../kit/loads.ts';
import { logbook } from '../log/logbook.ts';
import { settingsRepository } from '../settings/settings.ts';

type Settled = (conflict: Conflict) => boolean;

const wordsOf = ({ number, note }: FrameWords): FrameWords => ({ number, note });

/** Changes of phones, done in a database. @param now gives the time, UTC ISO 8601 */
export function phoneChanges(db: Database, now: () => string) {
  const cameras = cameraRepository(db);
  const films = filmRepository(db);
  const loads = loadRepository(db);
  const frames = frameRepository(db);
  const archive = logbook(db, now);
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
    const others = frames.listByLoad(loadId).filter((f) => f.id !== except);
    const theirs = others.find((f) => f.number === number);
    const beyond = number > load.framesTotal;
    if (!theirs && !beyond) return { number };
    if (theirs) {
      const next = nextFrameNumber(load.framesTotal, others, load.side);
      const { loggedAt } = theirs;
      const conflict: Conflict = {
        ...{ reason: 'taken', number, next },
        theirs: { ...wordsOf(theirs), loggedAt }
      };
      if (!settled(conflict)) return conflict;
      if (next !== null) return { number: next };
      // the film held a frame more than was thought
      loads.lengthen(loadId, load.framesTotal + 1);
      return { number: load.framesTotal + 1 };
    }
    const conflict: Conflict = { reason: 'beyond-end', number, framesTotal: load.framesTotal };
    if (!settled(conflict)) return conflict;
    loads.lengthen(loadId, number);
    return { number };
  }

  function log(frame: NewFrame, madeAt: string, settled: Settled): Conflict | null {
    if (frames.find(frame.id)) return null;
    const load = loads.find(frame.loadId);
    const camera = load && cameras.find(load.cameraId)?.camera;
    const film = load && films.find(load.filmId);
    if (!camera || !film) return { reason: 'gone' };
    const against = [
      ...(cameras.isRetired(camera.id)
        ? [{ reason: 'retired', cameraName: camera.name } satisfies Conflict]
        : []),
      ...(load.finishedAt === null ? [] : [{ reason: 'finished', filmName: film.name } satisfies Conflict]),
      ...(settingOf(camera, frame.choice) ? [] : [{ reason: 'no-such-position' } satisfies Conflict])
    ].find((c) => !settled(c));
    if (against) return against;
    const number = numberFor(load.id, frame.number, frame.id, settled);
    if ('reason' in number) return number;
    const choice =
      (settingOf(camera, frame.choice) ?? settingOf(camera, cameras.standsAt(camera.id) ?? {}))?.choice ?? {};
    // a phone's clock may be ahead: nothing was taken after now
    const at = madeAt < now() ? madeAt : now();
    const outcome = archive.log({ ...frame, ...number, choice }, { at, finished: true });
    return outcome.ok ? null : { reason: 'gone' };
  }

  /** What was done to a frame's words at home, if the person did not see it. */
  function editedMeanwhile(frame: StoredFrame, from: FrameWords, settled: Settled): Conflict | null {
    const theirs = wordsOf(frame);
    const conflict: Conflict = { reason: 'edited', theirs };
    return isDeepStrictEqual(theirs, wordsOf(from)) || settled(conflict) ? null : conflict;
  }

  function edit(action: Extract<Action, { kind: 'edit' }>, settled: Settled): Conflict | null {
    const frame = frames.find(action.frameId);
    if (!frame) return { reason: 'no-frame' };
    if (frame.deletedAt !== null && !settled({ reason: 'deleted' })) return { reason: 'deleted' };
    // what the phone left alone is as it is at home: also the number a frame was given on its way there
    const left = {
      ...(action.from.number === action.to.number ? { number: frame.number } : {}),
      ...(action.from.note === action.to.note ? { note: frame.note } : {})
    };
    const to = { ...action.to, ...left };
    if (isDeepStrictEqual(wordsOf(frame), wordsOf(to)) && frame.deletedAt === null) return null;
    const against = editedMeanwhile(frame, { ...action.from, ...left }, settled);
    if (against) return against;
    const number = numberFor(frame.loadId, to.number, frame.id, settled);
    if ('reason' in number) return number;
    if (frame.deletedAt !== null) archive.restore(frame.id);
    const outcome = archive.change(frame.id, { ...number, note: to.note });
    return outcome.ok ? null : { reason: 'no-frame' };
  }

  function remove(action: Extract<Action, { kind: 'remove' }>, settled: Settled): Conflict | null {
    const frame = frames.find(action.frameId);
    if (!frame) return { reason: 'no-frame' };
    if (frame.deletedAt !== null) return null;
    const against = editedMeanwhile(frame, { ...action.from, number: frame.number }, settled);
    if (!against) archive.remove(frame.id);
    return against;
  }

  function restore(frameId: string): Conflict | null {
    const frame = frames.find(frameId);
    if (!frame) return { reason: 'no-frame' };
    const outcome = archive.restore(frameId);
    if (outcome.ok || outcome.refusal.reason !== 'taken') return outcome.ok ? null : { reason: 'gone' };
    const theirs = frames.listByLoad(frame.loadId).find((f) => f.number === frame.number) ?? frame;
    const { number } = frame;
    return {
      ...{ reason: 'taken', number, next: null },
      theirs: { ...wordsOf(theirs), loggedAt: theirs.loggedAt }
    };
  }

  function stand(action: Extract<Action, { kind: 'stand' }>, settled: Settled): Conflict | null {
    const theirs = cameras.standsAt(action.cameraId) ?? {};
    const moved = ![action.from, action.to, {}].some((c) => isDeepStrictEqual(theirs, c));
    const conflict: Conflict = { reason: 'stands-moved', theirs };
    if (moved && !settled(conflict)) return conflict;
    return cameras.leaveAt(action.cameraId, action.to) ? null : { reason: 'gone' };
  }

  function checks(action: Extract<Action, { kind: 'checks' }>, settled: Settled): Conflict | null {
    const camera = cameras.find(action.cameraId)?.camera;
    if (!camera) return { reason: 'gone' };
    const theirs = camera.checks;
    const changed = ![action.from, action.to].some((c) => isDeepStrictEqual(theirs, c));
    const conflict: Conflict = { reason: 'checks-changed', theirs };
    if (changed && !settled(conflict)) return conflict;
    if (!isDeepStrictEqual(theirs, action.to)) cameras.change({ ...camera, checks: action.to });
    return null;
  }

  function remember(edit: Readonly<Record<string, unknown>>): null {
    const read = parseWith(settingsEditSchema, edit);
    if (read.ok) settings.change(read.value);
    return null;
  }

  function finish(loadId: string, finished: boolean): Conflict | null {
    const load = loads.find(loadId);
    if (!load) return { reason: 'gone' };
    if ((load.finishedAt !== null) === finished) return null;
    if (finished) loads.finish(loadId, now());
    else if (!loads.reopen(loadId))
      return { reason: 'finished', filmName: films.find(load.filmId)?.name ?? '' };
    return null;
  }

  function turn(loadId: string, side: 1 | 2): Conflict | null {
    const load = loads.find(loadId);
    if (!load || load.side === null) return { reason: 'gone' };
    if (load.side === side || loads.turnOver(loadId)) return null;
    return { reason: 'finished', filmName: films.find(load.filmId)?.name ?? '' };
  }

  function attempt({ change, settled: seen }: Sent): Conflict | null {
    const { action, madeAt } = change;
    const settled: Settled = (conflict) => seen.some((s) => isDeepStrictEqual(s, conflict));
    switch (action.kind) {
      case 'log':
        return log(action.frame, madeAt, settled);
      case 'edit':
        return edit(action, settled);
      case 'remove':
        return remove(action, settled);
      case 'restore':
        return restore(action.frameId);
      case 'stand':
        return stand(action, settled);
      case 'checks':
        return checks(action, settled);
      case 'settings':
        return remember(action.edit);
      case 'finish':
        return finish(action.loadId, action.finished);
      case 'side':
        return turn(action.loadId, action.side);
      default:
        return assertNever(action);
    }
  }

  const take = db.transaction((sent: Sent): Outcome => {
    const { key } = sent.change;
    if (known.get(key)) return { key, outcome: 'done' };
    const conflict = attempt(sent);
    if (conflict) return { key, outcome: 'conflict', conflict };
    mark.run(key, now());
    return { key, outcome: 'done' };
  });

  return {
    /** Does what was sent, each change once; the answers are in its order. */
    take: (sent: readonly Sent[]): readonly Outcome[] => sent.map((s) => take.immediate(s))
  };
}
