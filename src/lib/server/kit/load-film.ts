// Loading a film into a camera: what stands against it, in one transaction.
import type { Database } from 'better-sqlite3';
import { isRefused, misfitsOf, type Misfit } from '#core/camera/fits.ts';
import type { Load, PackFilter } from '#core/log/load.ts';
import type { Moment } from '#core/sky/moment.ts';
import { cameraRepository } from './cameras.ts';
import { filmRepository } from './films.ts';
import { loadRepository } from './loads.ts';

/** What is asked for. */
export interface LoadRequest {
  readonly id: string;
  readonly cameraId: string;
  readonly filmId: string;
  readonly framesTotal: number;
  readonly firstNumber: number;
  readonly loadedAt: Moment;
  /** Undefined: nothing was said of it. */
  readonly packFilter: PackFilter | null | undefined;
  /** Load it although something stands in the way that can be got around. */
  readonly anyway: boolean;
}

/** Why a film was not loaded. */
export type LoadRefusal =
  | { readonly reason: 'no-camera' }
  | { readonly reason: 'no-film' }
  | { readonly reason: 'retired'; readonly cameraName: string }
  | { readonly reason: 'thrown-away'; readonly filmName: string }
  | { readonly reason: 'occupied'; readonly cameraName: string }
  | { readonly reason: 'in-future' }
  /** `final`: it cannot be got around. */
  | {
      readonly reason: 'misfit';
      readonly misfits: readonly Misfit[];
      readonly final: boolean;
      readonly cameraName: string;
      readonly filmName: string;
    };

/** What came of it. */
export type LoadOutcome =
  { readonly ok: true; readonly load: Load } | { readonly ok: false; readonly refusal: LoadRefusal };

/** A clock may be ahead by so much, ms. */
const CLOCKS_APART_MS = 5 * 60_000;

/** Whether a moment has not come yet, clocks apart. */
export function isAhead({ at }: Moment, now: Moment): boolean {
  return Date.parse(at) > Date.parse(now.at) + CLOCKS_APART_MS;
}

/** Loading films in a database. @param now the time */
export function filmLoading(db: Database, now: () => Moment) {
  const cameras = cameraRepository(db);
  const films = filmRepository(db);
  const loads = loadRepository(db);
  const refuse = (refusal: LoadRefusal): LoadOutcome => ({ ok: false, refusal });

  const load = db.transaction((request: LoadRequest): LoadOutcome => {
    const before = loads.find(request.id);
    if (before) return { ok: true, load: before };
    const camera = cameras.find(request.cameraId)?.value;
    const film = films.find(request.filmId)?.value;
    if (!camera) return refuse({ reason: 'no-camera' });
    if (!film) return refuse({ reason: 'no-film' });
    if (cameras.isRetired(camera.id)) return refuse({ reason: 'retired', cameraName: camera.name });
    if (films.isRemoved(film.id)) return refuse({ reason: 'thrown-away', filmName: film.name });
    if (isAhead(request.loadedAt, now())) return refuse({ reason: 'in-future' });
    const misfits = misfitsOf(camera, film);
    const final = isRefused(misfits);
    if (misfits.length > 0 && (final || !request.anyway)) {
      return refuse({ reason: 'misfit', misfits, final, cameraName: camera.name, filmName: film.name });
    }
    if (loads.openOf(camera.id)) return refuse({ reason: 'occupied', cameraName: camera.name });
    const { id, cameraId, filmId, framesTotal, firstNumber, loadedAt, packFilter } = request;
    const fresh: Load = {
      ...{ id, cameraId, filmId, framesTotal, firstNumber, loadedAt, finishedAt: null },
      ...{
        packFilter: packFilter ?? null,
        development: null,
        lab: null,
        reel: null,
        remark: '',
        revision: 1
      },
      side: film.perforation === 'double-run-8' ? 1 : null
    };
    loads.add(fresh);
    loads.use(id);
    return { ok: true, load: fresh };
  });

  // immediate: the write lock is taken before looking, so two tabs cannot both find the camera empty
  return { load: (request: LoadRequest): LoadOutcome => load.immediate(request) };
}
