// Light of sun and moon on level ground under a clear sky, lux, from altitude alone; and how it parts into beam and sky.
// Totals: P. K. Seidelmann (ed.), Explanatory Supplement to the Astronomical Almanac (1992) §9.3, after P. M. Janiczek and
// J. A. DeYoung, USNO Circular 171 (1987). Parting: IES RP-21, Calculation of Daylight Availability (1984). Air mass:
// F. Kasten and A. T. Young, Applied Optics 28 (1989) 4735. Coefficients from memory; tests hold joints and anchors.
import type { Sky } from './sky-scene.ts';

type Cubic = readonly [number, number, number, number];
interface Stretch {
  /** Lowest altitude of the stretch, degrees. */
  readonly from: number;
  readonly a: Cubic;
}

const SUN: readonly Stretch[] = [
  { from: 20, a: [3.74, 3.97, -4.07, 1.47] },
  { from: 5, a: [3.05, 13.28, -45.98, 64.33] },
  { from: -0.8, a: [2.88, 22.26, -207.64, 1034.3] },
  { from: -5, a: [2.88, 21.81, -258.11, -858.36] },
  { from: -12, a: [2.7, 12.17, -431.69, -1899.83] },
  { from: -18, a: [13.84, 262.72, 1447.42, 2797.93] }
];
const MOON: readonly Stretch[] = [
  { from: 20, a: [-1.95, 4.06, -4.24, 1.56] },
  { from: 5, a: [-2.58, 12.58, -42.58, 59.06] },
  { from: -0.8, a: [-2.79, 24.27, -252.95, 1321.29] }
];

/** Starlight and airglow on a moonless night, lux. */
export const NIGHT_LUX = 6.5e-4;

function fromStretches(stretches: readonly Stretch[], altitude: number): number | null {
  const stretch = stretches.find((s) => altitude >= s.from);
  if (!stretch) return null;
  const x = altitude / 90;
  const [a0, a1, a2, a3] = stretch.a;
  return 10 ** (a0 + x * (a1 + x * (a2 + x * a3)));
}

/** Clear-sky light of the sun on level ground, lux. @param altitude degrees, −90…90; below −18 it stays at {@link NIGHT_LUX} */
export function clearSunLux(altitude: number): number {
  return fromStretches(SUN, altitude) ?? NIGHT_LUX;
}

/**
 * Clear-sky light of the moon on level ground, lux; 0 when it has set.
 * @param altitude degrees @param phaseAngle degrees, 0 = full moon, 180 = new
 */
export function clearMoonLux(altitude: number, phaseAngle: number): number {
  const full = fromStretches(MOON, altitude);
  return full === null ? 0 : full * 10 ** (-0.00868 * phaseAngle - 2.2e-9 * phaseAngle ** 4);
}

/** Extraterrestrial illuminance less nothing, klx, as in IES RP-21. */
const OUTSIDE_KLX = 127.5;
const EXTINCTION: Readonly<Record<Sky, number>> = { clear: 0.21, partly: 0.8, cloudy: Infinity };
/** Sky light A + B·sin(h)^C, klx. */
const SKY_KLX: Readonly<Record<Sky, readonly [number, number, number]>> = {
  clear: [0.8, 15.5, 0.5],
  partly: [0.3, 45, 1],
  cloudy: [0.3, 21, 1]
};
/** Below this altitude, degrees, the ratio of another sky to a clear one is held. */
const HELD_ALTITUDE = 5;

const radians = (degrees: number): number => (degrees * Math.PI) / 180;

/**
 * Air mass towards an altitude ≥ 0 degrees: 1 at the zenith, about 38 at the horizon.
 * @param altitude degrees above the horizon
 * @returns ≥ 1
 */
export function airMass(altitude: number): number {
  return 1 / (Math.sin(radians(altitude)) + 0.50572 * (altitude + 6.07995) ** -1.6364);
}

/** Beam (on a surface that faces the sun) and sky light on level ground, klx, by IES RP-21. */
function availability(altitude: number, sky: Sky): { readonly beam: number; readonly sky: number } {
  const sine = Math.sin(radians(altitude));
  const [a, b, c] = SKY_KLX[sky];
  const beam = sky === 'cloudy' ? 0 : OUTSIDE_KLX * Math.exp(-EXTINCTION[sky] * airMass(altitude));
  return { beam, sky: a + b * sine ** c };
}

function levelKlx(altitude: number, sky: Sky): number {
  const parts = availability(altitude, sky);
  return parts.beam * Math.sin(radians(altitude)) + parts.sky;
}

/** Light from one body: beam on a surface facing it, sky light on level ground, both lux. */
export interface BeamAndSky {
  readonly beamLux: number;
  readonly skyLux: number;
}

/**
 * Parts a clear-sky total into beam and sky, and dims it as the sky does.
 * @param clearLux on level ground @param altitude of the body, degrees; below 0 all of it is sky light
 */
export function partLight(clearLux: number, altitude: number, sky: Sky): BeamAndSky {
  const held = Math.max(HELD_ALTITUDE, altitude);
  const total = sky === 'clear' ? clearLux : clearLux * (levelKlx(held, sky) / levelKlx(held, 'clear'));
  if (altitude <= 0) return { beamLux: 0, skyLux: total };
  const parts = availability(altitude, sky);
  const scale = total / (parts.beam * Math.sin(radians(altitude)) + parts.sky);
  return { beamLux: parts.beam * scale, skyLux: parts.sky * scale };
}
