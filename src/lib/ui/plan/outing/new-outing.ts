// Outings and stops as they begin, and stops as they are put in another order.
import type { Outing, Stop } from '#core/plan/outing.ts';
import type { NamedPlace } from '#core/ways/choice.ts';

/** A day out without stops. @param date YYYY-MM-DD */
export function newOuting(id: string, date: string): Outing {
  return { id, name: 'A day out', date, sky: 'unsaid', stops: [], budget: null };
}

/** A further stop: at the place of the one before, with nothing said of its hour. */
export function newStop(id: string, place: NamedPlace, before: Stop | null): Stop {
  return {
    ...{ id, subject: '', place: before?.place ?? place, time: '', lamps: before?.lamps ?? '' },
    ...{ facing: before?.facing ?? 'front', ground: before?.ground ?? 'ground' },
    ...{ purpose: 'good-frame', mover: null, frames: 1, tries: 1, loadId: null }
  };
}

/** An outing with a stop changed; null = taken out. */
export function withStop(outing: Outing, id: string, to: Stop | null): Outing {
  return { ...outing, stops: outing.stops.flatMap((s) => (s.id === id ? (to ?? []) : [s])) };
}

/** An outing with its stops in the order of ids; one that is not named keeps its place at the end. */
export function inOrder(outing: Outing, ids: readonly string[]): Outing {
  const place = (s: Stop): number => (ids.includes(s.id) ? ids.indexOf(s.id) : ids.length);
  return { ...outing, stops: [...outing.stops].sort((a, b) => place(a) - place(b)) };
}
