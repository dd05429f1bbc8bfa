// Rules of the kit that need more than one table: loading a film into a camera.
import { isRefused, misfitsOf, type Misfit } from '#core/camera/fits.ts';
import type { Load } from '#core/log/frame.ts';
import type { Store } from '../store.ts';

/** What is asked for. */
export interface LoadRequest {
  readonly id: string;
  readonly cameraId: string;
  readonly filmId: string;
  readonly framesTotal: number;
  /** Load it although something stands in the way that can be got around. */
  readonly anyway: boolean;
}

/** Why a film was not loaded. */
export type LoadRefusal =
  | { readonly reason: 'no-camera' }
  | { readonly reason: 'no-film' }
  | { readonly reason: 'occupied'; readonly cameraName: string }
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

/** Loads a film and takes the pair in hand. @param now UTC, ISO 8601 */
export function loadFilm(store: Store, request: LoadRequest, now: string): LoadOutcome {
  const before = store.loads.find(request.id);
  if (before) return { ok: true, load: before };
  const refuse = (refusal: LoadRefusal): LoadOutcome => ({ ok: false, refusal });
  const camera = store.cameras.find(request.cameraId)?.camera;
  const film = store.films.find(request.filmId);
  if (!camera) return refuse({ reason: 'no-camera' });
  if (!film) return refuse({ reason: 'no-film' });
  const misfits = misfitsOf(camera, film);
  const final = isRefused(misfits);
  if (misfits.length > 0 && (final || !request.anyway)) {
    return refuse({ reason: 'misfit', misfits, final, cameraName: camera.name, filmName: film.name });
  }
  if (store.loads.list().some((l) => l.cameraId === camera.id && l.finishedAt === null)) {
    return refuse({ reason: 'occupied', cameraName: camera.name });
  }
  const { id, cameraId, filmId, framesTotal } = request;
  const side = film.perforation === 'double-run-8' ? 1 : null;
  const load: Load = { id, cameraId, filmId, framesTotal, loadedAt: now, finishedAt: null, side };
  store.loads.add(load);
  store.loads.use(id);
  return { ok: true, load };
}
