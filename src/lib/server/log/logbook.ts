// Logging, changing, deleting and restoring frames: the rules, in one transaction each. What was expected of a frame
// is computed here by the same core that the page used; the page's own numbers are not taken.
import type { Database } from 'better-sqlite3';
import { notedMarks } from '#core/camera/noted.ts';
import { settingOf } from '#core/camera/setting.ts';
import { expectedOfFrame } from '#core/log/exposed.ts';
import { factsOf, type Doubt, type Frame, type NewFrame } from '#core/log/frame.ts';
import { nextFrameNumber, type Load } from '#core/log/load.ts';
import type { SomeFacts } from '#core/offline/change.ts';
import type { Moment } from '#core/sky/moment.ts';
import { cameraRepository } from '../kit/cameras.ts';
import { isAhead } from '../kit/load-film.ts';
import { loadRepository } from '../kit/loads.ts';
import { revisionRepository } from '../kit/revisions.ts';
import type { StoredFrame } from './frame-row.ts';
import { frameRepository } from './frames.ts';
import type { LogOutcome, LogRefusal } from './refusals.ts';
import { takenWith, type TakenWith } from './taken-with.ts';

/** What may be so of a frame that comes to the log later than it was taken. */
export interface LateEntry {
  /** It may go on a film that was finished meanwhile. */
  readonly finished?: boolean;
  /** It may be older than its film is said to be. */
  readonly beforeLoad?: boolean;
}

/** A camera may be loaded some minutes after the clock of who logs a frame says, ms. */
const CLOCKS_APART_MS = 5 * 60_000;

/** The log of a database. @param now the time */
export function logbook(db: Database, now: () => Moment) {
  const cameras = cameraRepository(db);
  const loads = loadRepository(db);
  const frames = frameRepository(db);
  const revisions = revisionRepository(db);
  const refuse = (refusal: LogRefusal): LogOutcome => ({ ok: false, refusal });
  const withOf = (frame: NewFrame): TakenWith | null => takenWith({ loads, revisions })(frame);

  /** Why a number cannot be had on a load, or null. `except` is the frame that may keep its own. */
  const numberFault = (load: Load, number: number, except: string | null): LogRefusal | null => {
    const others = frames.numbersOf(load.id).filter((f) => f.id !== except);
    if (!others.some((f) => f.number === number)) return null;
    return { reason: 'taken', number, next: nextFrameNumber(load, others) };
  };
  const timeFault = (load: Load, takenAt: Moment): LogRefusal | null => {
    if (isAhead(takenAt, now())) return { reason: 'in-future' };
    const early = Date.parse(load.loadedAt.at) - Date.parse(takenAt.at);
    return early > CLOCKS_APART_MS ? { reason: 'before-load', loadedAt: load.loadedAt } : null;
  };

  /** A frame with what follows from its facts: its marks, and what is to be expected of it; null where the camera lacks its setting. */
  const completed = <T extends NewFrame>(
    frame: T,
    { camera, film }: TakenWith
  ): (T & Pick<Frame, 'set' | 'expected'>) | null => {
    const choice = settingOf(camera, frame.choice)?.choice;
    const set = choice && notedMarks(camera, choice);
    if (!set) return null;
    return { ...frame, choice, set, expected: expectedOfFrame(camera, film, frame) };
  };

  /** Who did not know the revisions took the frame with camera and film as they were then. */
  const withRevisions = (frame: NewFrame, load: Load): NewFrame => {
    const { cameraRevision, filmRevision, takenAt } = frame;
    return {
      ...frame,
      cameraRevision: cameraRevision || (revisions.cameraAt(load.cameraId, takenAt.at)?.revision ?? 0),
      filmRevision: filmRevision || (revisions.filmAt(load.filmId, takenAt.at)?.revision ?? 0)
    };
  };

  const log = db.transaction((sent: NewFrame, late: LateEntry): LogOutcome => {
    const stored = frames.find(sent.id);
    if (stored) return { ok: true, frame: stored, repeated: true };
    const load = loads.find(sent.loadId);
    const frame = load ? withRevisions(sent, load) : sent;
    const now_ = load && cameras.find(load.cameraId);
    if (!load || !now_) return refuse({ reason: 'no-load' });
    const taken = withOf(frame);
    if (!taken) return refuse({ reason: 'no-such-revision' });
    if (load.finishedAt !== null && late.finished !== true) return refuse({ reason: 'finished' });
    const fault =
      numberFault(load, frame.number, null) ??
      (late.beforeLoad === true ? null : timeFault(load, frame.takenAt));
    if (fault) return refuse(fault);
    const complete = completed(frame, taken);
    if (!complete) return refuse({ reason: 'no-such-position' });
    const full: Frame = { ...complete, doubts: [], revision: 1 };
    frames.add(full);
    // a film that is out of the camera, or places of an earlier revision, say nothing of where its controls stand now
    if (load.finishedAt === null && frame.cameraRevision === now_.revision)
      cameras.leaveAt(load.cameraId, full.choice);
    return { ok: true, frame: full, repeated: false };
  });

  /** What is told afresh is not in doubt any more. */
  const doubtsAfter = (frame: Frame, edit: SomeFacts): readonly Doubt[] =>
    frame.doubts.filter((doubt) => (doubt === 'setting' ? !edit.choice : !edit.takenAt));

  /** Changes facts without asking whether somebody else did meanwhile. */
  const apply = (frame: StoredFrame, edit: SomeFacts): LogOutcome => {
    const load = loads.find(frame.loadId);
    if (!load) return refuse({ reason: 'no-frame' });
    const fault =
      (edit.number === undefined ? null : numberFault(load, edit.number, frame.id)) ??
      (edit.takenAt === undefined ? null : timeFault(load, edit.takenAt));
    if (fault) return refuse(fault);
    const changed: StoredFrame = { ...frame, ...edit, doubts: doubtsAfter(frame, edit) };
    const again =
      edit.light !== undefined || edit.choice || edit.conditions || edit.timedSeconds !== undefined;
    if (!again) return { ok: true, frame: frames.change(changed), repeated: false };
    const taken = withOf(frame);
    if (!taken) return refuse({ reason: 'no-such-revision' });
    const complete = completed(changed, taken);
    if (!complete) return refuse({ reason: 'no-such-position' });
    return { ok: true, frame: frames.change(complete), repeated: false };
  };

  const change = db.transaction((id: string, edit: SomeFacts, based: number | null): LogOutcome => {
    const frame = frames.find(id);
    if (!frame || frame.deletedAt !== null) return refuse({ reason: 'no-frame' });
    if (based !== null && based !== frame.revision) return refuse({ reason: 'changed', theirs: frame });
    return apply(frame, edit);
  });

  const remove = db.transaction((id: string, based: number | null): LogOutcome => {
    const frame = frames.find(id);
    if (!frame) return refuse({ reason: 'no-frame' });
    if (frame.deletedAt !== null) return { ok: true, frame, repeated: true };
    if (based !== null && based !== frame.revision) return refuse({ reason: 'changed', theirs: frame });
    return { ok: true, frame: frames.change({ ...frame, deletedAt: now().at }), repeated: false };
  });

  /** Takes a deletion back: under its old number, or the next free one if that was given away. */
  const restore = db.transaction((id: string): LogOutcome => {
    const frame = frames.find(id);
    const load = frame && loads.find(frame.loadId);
    if (!load) return refuse({ reason: 'no-frame' });
    if (frame.deletedAt === null) return { ok: true, frame, repeated: true };
    const fault = numberFault(load, frame.number, id);
    const number = fault?.reason === 'taken' ? fault.next : frame.number;
    if (number === null) return refuse({ reason: 'taken', number: frame.number, next: null });
    return { ok: true, frame: frames.change({ ...frame, number, deletedAt: null }), repeated: false };
  });

  /** What is to be expected of the frames of a film anew: it was developed otherwise than was thought. */
  const expectAgain = db.transaction((loadId: string): void => {
    const look = takenWith({ loads, revisions });
    // those in the trash too: they may be taken out again
    for (const frame of frames.everyOfLoad(loadId)) {
      const taken = look(frame);
      if (!taken) continue;
      frames.expect(frame.id, expectedOfFrame(taken.camera, taken.film, factsOf(frame)));
    }
  });

  // immediate: the write lock is taken before looking, so two tabs cannot both see the last frame free
  return {
    log: (frame: NewFrame, late: LateEntry = {}): LogOutcome => log.immediate(frame, late),
    /** @param based the frame's revision that the change was made on; null = whatever it is */
    change: (id: string, edit: SomeFacts, based: number | null = null): LogOutcome =>
      change.immediate(id, edit, based),
    remove: (id: string, based: number | null = null): LogOutcome => remove.immediate(id, based),
    restore: (id: string): LogOutcome => restore.immediate(id),
    expectAgain: (loadId: string): void => {
      expectAgain.immediate(loadId);
    }
  };
}
