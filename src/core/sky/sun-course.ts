// Where the sun stands through many days, quickly: its place among the stars changes evenly within some hours, only the earth's
// turning has to be worked out for each moment.
import { Body, Equator, Horizon, MakeTime } from 'astronomy-engine';
import { observerAt, type Direction, type Place } from './position.ts';

/** Between moments this far apart right ascension and declination change evenly, to a few thousandths of a degree. */
const EVEN_MS = 6 * 3_600_000;

interface Equatorial {
  /** Hours, 0…24. */
  readonly ra: number;
  /** Degrees. */
  readonly dec: number;
}

/**
 * The sun over a place, to be asked about moments in their order.
 * @returns a function of milliseconds since 1970; cheapest for moments that ascend
 */
export function sunOver(place: Place): (ms: number) => Direction {
  const observer = observerAt(place);
  const equatorial = (ms: number): Equatorial =>
    Equator(Body.Sun, MakeTime(new Date(ms)), observer, true, true);
  let fromMs = NaN;
  let from: Equatorial = { ra: 0, dec: 0 };
  let to: Equatorial = from;
  return (ms) => {
    if (!(ms >= fromMs && ms < fromMs + EVEN_MS)) {
      fromMs = Math.floor(ms / EVEN_MS) * EVEN_MS;
      from = equatorial(fromMs);
      to = equatorial(fromMs + EVEN_MS);
    }
    const share = (ms - fromMs) / EVEN_MS;
    // past 24 h it begins at 0 again
    const ra = (from.ra + share * (((to.ra - from.ra + 36) % 24) - 12) + 24) % 24;
    const dec = from.dec + share * (to.dec - from.dec);
    const { altitude, azimuth } = Horizon(MakeTime(new Date(ms)), observer, ra, dec);
    return { altitude, azimuth };
  };
}
