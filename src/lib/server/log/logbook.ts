// Logging, changing, deleting and restoring frames: the rules, in one transaction each. What was expected of a frame
// is computed here by the same core that the page used; the page's own numbers are not taken.
import type { Database } from 'better-sqlite3';
import { settingOf } from '#core/camera/setting.ts';
import { nextFrameNumber, type About, type Frame, type Load, type NewFrame } from '#core/log/frame.ts';
import { judge } from '#core/match/verdict.ts';
import type { LightChoice } from '#core/ways/choice.ts';
import { cameraRepository } from '../kit/cameras.ts';
import { filmRepository } from '../kit/films.ts';
import { frameRepository } from './frames.ts';
import { loadRepository } from '../kit/loads.ts';

/** Why a frame was not stored or changed. */
export type LogRefusal =
  | { readonly reason: 'no-load' }
  | { readonly reason: 'no-frame' }
  | { readonly reason: 'finished' }
  /** The number is another frame's; `next` is free, null = the film is full. */
  | { readonly reason: 'taken'; readonly number: number; readonly next: number | null }
  | { readonly reason: 'beyond-end'; readonly number: number; readonly framesTotal: number }
  | { readonly reason: 'no-such-position' };

/** What came of it. `repeated`: the same frame had been stored before. */
export type LogOutcome =
  | { readonly ok: true; readonly frame: Frame; readonly repeated: boolean }
  | { readonly ok: false; readonly refusal: LogRefusal };

/** What is changed on a frame. */
export interface FrameEdit {
  readonly number: number;
  readonly note: string;
  /** Left out: the light stays. */
  readonly light?: LightChoice | undefined;
  /** Left out: it stays. */
  readonly about?: About | undefined;
}

/** A frame that comes to the log later than it was taken. */
export interface LateEntry {
  /** When it was taken, UTC ISO 8601; now, if left out. */
  readonly at?: string;
  /** Whether it may go on a film that was finished meanwhile. */
  readonly finished?: boolean;
}

/** The log of a database. @param now gives the time, UTC ISO 8601 */
export function logbook(db: Database, now: () => string) {
  const cameras = cameraRepository(db);
  const films = filmRepository(db);
  const loads = loadRepository(db);
  const frames = frameRepository(db);
  const refuse = (refusal: LogRefusal): LogOutcome => ({ ok: false, refusal });
  /** Why a number cannot be had on a load, or null. `except` is the frame that may keep its own. */
  const numberFault = (load: Load, number: number, except: string | null): LogRefusal | null => {
    const taken = frames.listByLoad(load.id).filter((f) => f.id !== except);
    if (taken.some((f) => f.number === number)) {
      return { reason: 'taken', number, next: nextFrameNumber(load.framesTotal, taken, load.side) };
    }
    const { framesTotal } = load;
    return number > framesTotal ? { reason: 'beyond-end', number, framesTotal } : null;
  };

  const log = db.transaction((frame: NewFrame, { at, finished }: LateEntry): LogOutcome => {
    const stored = frames.find(frame.id);
    if (stored) return { ok: true, frame: stored, repeated: true };
    const load = loads.find(frame.loadId);
    const camera = load && cameras.find(load.cameraId);
    const film = load && films.find(load.filmId);
    if (!load || !camera || !film) return refuse({ reason: 'no-load' });
    if (load.finishedAt !== null && !finished) return refuse({ reason: 'finished' });
    const fault = numberFault(load, frame.number, null);
    if (fault) return refuse(fault);
    const setting = settingOf(camera.camera, frame.choice);
    if (!setting) return refuse({ reason: 'no-such-position' });
    const { light } = frame;
    const { deltaStops, sdStops, pUsable } = judge(
      { camera: camera.camera, film, light, contrast: light.contrast, ...frame.conditions },
      setting
    );
    const full: Frame = {
      ...frame,
      choice: setting.choice,
      loggedAt: at ?? now(),
      deltaStops,
      sdStops,
      pUsable
    };
    frames.add(full, camera.revision);
    // a film that is out of the camera says nothing of where its controls stand now
    if (load.finishedAt === null) cameras.leaveAt(load.cameraId, setting.choice);
    return { ok: true, frame: full, repeated: false };
  });

  /** The frame in another light, with what is expected of it then; the camera as it is now. */
  const relit = (frame: Frame, load: Load, light: LightChoice): Frame | null => {
    const camera = cameras.find(load.cameraId)?.camera;
    const film = films.find(load.filmId);
    const setting = camera && settingOf(camera, frame.choice);
    if (!film || !setting) return null;
    const { deltaStops, sdStops, pUsable } = judge(
      { camera, film, light, contrast: light.contrast, ...frame.conditions },
      setting
    );
    return { ...frame, light, deltaStops, sdStops, pUsable };
  };

  const change = db.transaction((id: string, edit: FrameEdit): LogOutcome => {
    const { number, note, light, about = null } = edit;
    const frame = frames.find(id);
    const load = frame && loads.find(frame.loadId);
    if (!load || frame.deletedAt !== null) return refuse({ reason: 'no-frame' });
    const fault = numberFault(load, number, id);
    if (fault) return refuse(fault);
    const changed = light ? relit(frame, load, light) : frame;
    if (!changed) return refuse({ reason: 'no-such-position' });
    frames.change(id, number, note);
    if (light) frames.relight(changed);
    if (about) frames.describe(id, about);
    return {
      ...{ ok: true, repeated: false },
      frame: { ...changed, number, note, about: about ?? changed.about }
    };
  });

  const remove = db.transaction((id: string): LogOutcome => {
    const frame = frames.find(id);
    if (!frame) return refuse({ reason: 'no-frame' });
    const first = frames.remove(id, now());
    return { ok: true, frame, repeated: !first };
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
    frames.restore(id, number);
    return { ok: true, frame: { ...frame, number }, repeated: false };
  });

  // immediate: the write lock is taken before looking, so two tabs cannot both see the last frame free
  return {
    log: (frame: NewFrame, late: LateEntry = {}): LogOutcome => log.immediate(frame, late),
    change: (id: string, edit: FrameEdit): LogOutcome => change.immediate(id, edit),
    remove: (id: string): LogOutcome => remove.immediate(id),
    restore: (id: string): LogOutcome => restore.immediate(id)
  };
}
