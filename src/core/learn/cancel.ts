// What to do about a bias: the marks that cancel it best, of every control that can.
import { positionsOf, setsItself, type Camera } from '../camera/camera.ts';
import { controlFor } from '../camera/setting.ts';
import type { Film } from '../film/film.ts';
import { FILM_SPEED_RANGE } from '../units/film-speed.ts';

/** How a bias is cancelled. */
export type Cancelling =
  /** Marks of a camera that sets itself, and what they leave, stops (+ = still too light). */
  | {
      readonly by: 'marks';
      readonly marks: readonly { readonly label: string; readonly mark: string }[];
      readonly leftStops: number;
    }
  /** A camera set by hand: the film is metered at another speed. */
  | { readonly by: 'meter'; readonly iso: number };

/** Less than this is not worth turning anything, stops. */
const WORTH = 1 / 6;

/**
 * @param stops by which camera and film together come out too light (+) or dark
 * @returns null where there is nothing to cancel, or nothing to do it with
 */
export function cancelling(camera: Camera, film: Film, stops: number): Cancelling | null {
  if (Math.abs(stops) < WORTH) return null;
  if (!setsItself(camera)) {
    const iso = Math.min(FILM_SPEED_RANGE.max, Math.max(FILM_SPEED_RANGE.min, film.iso * 2 ** stops));
    return { by: 'meter', iso };
  }
  const [dial, compensation] = [controlFor(camera, 'dial'), controlFor(camera, 'compensation')];
  // what each place adds, and how far it is from where it would stand without a bias
  const usual = dial && nearestDial(dial, film.iso);
  const dials = dial
    ? positionsOf(dial).map((p) => ({
        at: p,
        label: dial.label,
        stops: Math.log2(film.iso / p.value),
        moved: p !== usual
      }))
    : [null];
  const marks = compensation
    ? positionsOf(compensation).map((p) => ({
        at: p,
        label: compensation.label,
        stops: p.value,
        moved: p.value !== 0
      }))
    : [null];
  const ways = dials.flatMap((d) =>
    marks.map((m) => ({
      controls: [d, m].flatMap((c) => c ?? []),
      left: stops + (d?.stops ?? 0) + (m?.stops ?? 0)
    }))
  );
  const cost = ({ controls, left }: (typeof ways)[number]): number =>
    Math.round(6 * Math.abs(left)) + 0.1 * controls.filter((c) => c.moved).length + 0.01 * Math.abs(left);
  const best = ways.reduce((a, b) => (cost(b) < cost(a) ? b : a));
  const moved = best.controls.filter((c) => c.moved);
  if (moved.length === 0) return null;
  return {
    by: 'marks',
    marks: best.controls.map(({ label, at }) => ({ label, mark: at.mark })),
    leftStops: best.left
  };
}

function nearestDial(dial: Parameters<typeof positionsOf>[0], iso: number) {
  return positionsOf(dial).reduce((a, b) =>
    Math.abs(Math.log2(b.value / iso)) < Math.abs(Math.log2(a.value / iso)) ? b : a
  );
}
