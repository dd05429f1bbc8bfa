// Where sun and moon stand. Azimuth in degrees from north, clockwise; altitude in degrees above the horizon, without
// refraction, for the middle of the disc as seen from the place (topocentric). Positions: astronomy-engine, whose stated
// accuracy is 1 arcminute (D. Cross; VSOP87 and NOVAS models).
import { Body, Equator, Horizon, MakeTime, Observer, type Vector } from 'astronomy-engine';

/** A place on the earth, degrees, north and east positive. */
export interface Place {
  readonly latitude: number;
  readonly longitude: number;
}

/** A direction in the sky, degrees. */
export interface Direction {
  /** −90…90, without refraction. */
  readonly altitude: number;
  /** 0…360 from north, clockwise. */
  readonly azimuth: number;
}

/** Sun and moon at a moment. */
export interface SunAndMoon {
  readonly sun: Direction;
  readonly moon: Direction;
  /** Angle sun–moon–earth, degrees: 0 = full, 90 = half, 180 = new. */
  readonly moonPhaseAngle: number;
}

const DEGREES = 180 / Math.PI;

/** The observer of a place at sea level. @throws {RangeError} when it is not on the earth */
export function observerAt({ latitude, longitude }: Place): Observer {
  if (!(Math.abs(latitude) <= 90)) throw new RangeError(`latitude must be −90…90 degrees, got ${latitude}`);
  if (!(Math.abs(longitude) <= 180))
    throw new RangeError(`longitude must be −180…180 degrees, got ${longitude}`);
  return new Observer(latitude, longitude, 0);
}

/** Where sun and moon stand. @param ms milliseconds since 1970, UTC @param observer from {@link observerAt} */
export function sunAndMoonFor(ms: number, observer: Observer): SunAndMoon {
  const time = MakeTime(new Date(ms));
  const sun = Equator(Body.Sun, time, observer, true, true);
  const moon = Equator(Body.Moon, time, observer, true, true);
  const sunAt = Horizon(time, observer, sun.ra, sun.dec);
  const moonAt = Horizon(time, observer, moon.ra, moon.dec);
  return {
    sun: { altitude: sunAt.altitude, azimuth: sunAt.azimuth },
    moon: { altitude: moonAt.altitude, azimuth: moonAt.azimuth },
    moonPhaseAngle: phaseAngle(sun.vec, moon.vec)
  };
}

/** Where sun and moon stand. @param ms milliseconds since 1970, UTC */
export function sunAndMoonAt(ms: number, place: Place): SunAndMoon {
  return sunAndMoonFor(ms, observerAt(place));
}

/** Angle at the moon between sun and earth, degrees. Vectors from the earth, in one unit. */
function phaseAngle(sun: Vector, moon: Vector): number {
  const [x, y, z] = [sun.x - moon.x, sun.y - moon.y, sun.z - moon.z];
  const dot = -(moon.x * x + moon.y * y + moon.z * z);
  const cosine = dot / (Math.hypot(moon.x, moon.y, moon.z) * Math.hypot(x, y, z));
  return Math.acos(Math.min(1, Math.max(-1, cosine))) * DEGREES;
}
