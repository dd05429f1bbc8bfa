// Changing a load: its end, its side, when it was loaded, what lies on the pack, how it was developed.
import type { Database } from 'better-sqlite3';
import { isPoured } from '#core/log/development.ts';
import type { Development, LabState, Load, PackFilter } from '#core/log/load.ts';
import type { ReelNote } from '#core/log/reel-note.ts';
import type { Moment } from '#core/sky/moment.ts';
import { frameRepository } from '../log/frames.ts';
import { logbook } from '../log/logbook.ts';
import { filmRepository } from './films.ts';
import { isAhead } from './load-film.ts';
import { loadRepository } from './loads.ts';

/** What is changed of a load; what is left out stays. */
export interface LoadEdit {
  /** True = finished at the time given, or now; false = it goes on. */
  readonly finished?: boolean;
  readonly finishedAt?: Moment;
  readonly side?: 1 | 2;
  readonly loadedAt?: Moment;
  readonly firstNumber?: number;
  readonly packFilter?: PackFilter | null;
  readonly development?: Development | null;
  readonly lab?: LabState | null;
  readonly reel?: ReelNote | null;
  readonly remark?: string;
}

/** Why a load was not changed. */
export type LoadChangeRefusal =
  | { readonly reason: 'no-load' }
  /** The camera holds another film by now. */
  | { readonly reason: 'occupied' }
  | { readonly reason: 'one-side' }
  /** A film that is in the camera is not developed. */
  | { readonly reason: 'in-camera'; readonly filmName: string }
  | { readonly reason: 'in-future' }
  /** A frame was taken before. */
  | { readonly reason: 'after-frames'; readonly firstAt: Moment; readonly number: number }
  /** Somebody else changed it since: `theirs` is how it is now. */
  | { readonly reason: 'changed'; readonly theirs: Load };

/** What came of it. */
export type LoadChangeOutcome =
  { readonly ok: true; readonly load: Load } | { readonly ok: false; readonly refusal: LoadChangeRefusal };

/** Changing the loads of a database. @param now the time */
export function loadChanges(db: Database, now: () => Moment) {
  const loads = loadRepository(db);
  const films = filmRepository(db);
  const frames = frameRepository(db);
  const book = logbook(db, now);
  const refuse = (refusal: LoadChangeRefusal): LoadChangeOutcome => ({ ok: false, refusal });

  function faultOf(load: Load, edit: LoadEdit): LoadChangeRefusal | null {
    const finished = edit.finished ?? load.finishedAt !== null;
    const other = loads.openOf(load.cameraId);
    if (edit.finished === false && other && other.id !== load.id) return { reason: 'occupied' };
    if (edit.side !== undefined && load.side === null) return { reason: 'one-side' };
    // a plan to push or pull is made while it is in the camera; what was poured, for how long, is not
    if (!finished && edit.development && isPoured(edit.development))
      return { reason: 'in-camera', filmName: films.find(load.filmId)?.value.name ?? '' };
    const { loadedAt } = edit;
    if (!loadedAt) return null;
    if (isAhead(loadedAt, now())) return { reason: 'in-future' };
    const early = frames.listByLoad(load.id).find((f) => f.takenAt.at < loadedAt.at);
    return early ? { reason: 'after-frames', firstAt: early.takenAt, number: early.number } : null;
  }

  const change = db.transaction((id: string, edit: LoadEdit, based: number | null): LoadChangeOutcome => {
    const load = loads.find(id);
    if (!load) return refuse({ reason: 'no-load' });
    if (based !== null && based !== load.revision) return refuse({ reason: 'changed', theirs: load });
    const fault = faultOf(load, edit);
    if (fault) return refuse(fault);
    const { finished, finishedAt = now(), ...rest } = edit;
    loads.change({
      ...load,
      ...rest,
      ...(finished === undefined || finished === (load.finishedAt !== null)
        ? {}
        : { finishedAt: finished ? finishedAt : null }),
      // a film that goes on in its camera is at no lab
      ...(finished === false ? { lab: null } : {})
    });
    if (edit.development !== undefined) book.expectAgain(id);
    return { ok: true, load: loads.find(id) ?? load };
  });

  return {
    /** @param based the load's revision that the change was made on; null = whatever it is */
    change: (id: string, edit: LoadEdit, based: number | null = null): LoadChangeOutcome =>
      change.immediate(id, edit, based)
  };
}
