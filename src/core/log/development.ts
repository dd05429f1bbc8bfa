// How a roll was developed, in a line, and whether two notes of it say the same.
import { formatDecimal } from '../units/decimal.ts';
import { formatStops } from '../units/stops.ts';
import type { Development } from './load.ts';

/**
 * A development in a line: "Umber 1+31, 9 min, 20 °C, +1 stop"; "as the film says" where nothing else was noted.
 * @param development minutes, °C and stops
 */
export function developmentLine({
  developer,
  dilution,
  minutes,
  temperatureC,
  shiftStops
}: Development): string {
  const parts = [
    `${developer} ${dilution}`.trim(),
    ...(minutes === null ? [] : [`${formatDecimal(minutes, 1)} min`]),
    ...(temperatureC === null ? [] : [`${formatDecimal(temperatureC, 1)} °C`]),
    ...(shiftStops === 0 ? [] : [`${shiftStops > 0 ? '+' : '−'}${formatStops(Math.abs(shiftStops))}`])
  ];
  return parts.filter((part) => part !== '').join(', ') || 'as the film says';
}

/**
 * Whether something was poured: that is noted of a finished film; a film in the camera can only be planned to be pushed or pulled.
 * @returns true where developer, minutes or degrees were noted
 */
export function isPoured({ developer, minutes, temperatureC }: Development): boolean {
  return developer !== '' || minutes !== null || temperatureC !== null;
}

/**
 * Whether two developments are noted alike, to the last figure.
 * @returns false where any figure differs
 */
export function isSameDevelopment(a: Development, b: Development): boolean {
  return (
    a.developer === b.developer &&
    a.dilution === b.dilution &&
    a.minutes === b.minutes &&
    a.temperatureC === b.temperatureC &&
    a.shiftStops === b.shiftStops
  );
}
