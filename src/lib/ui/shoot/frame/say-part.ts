// What the person said about a part of the frame, as short as its tile.
import type { Filter } from '#core/error/filters.ts';
import type { Conditions } from '#core/error/situation.ts';
import { formatSignedThirds, formatThirds } from '#core/units/stops.ts';
import { sayMetres } from '../../text/say.ts';
import { sayFilter } from '../words.ts';

/** Where the subject is: "2 m", "not told". */
export function sayDistance({ circumstances }: Conditions): string {
  const metres = circumstances?.subjectM ?? null;
  return metres === null ? 'not told' : sayMetres(metres);
}

/** What the eye sees against the subject: "as the subject", "+2 stops". */
export function sayEye({ circumstances, scene }: Conditions): string {
  const stops = circumstances?.eyeOffsetStops ?? 0;
  if (formatThirds(stops) === '0') return scene === 'uneven' ? 'patchy light' : 'the subject';
  return `${formatSignedThirds(stops)} stops`;
}

/** What is on the lens: "nothing", a filter's name, "2 filters", "3 dioptres". @param pack the filter that lies on the film pack */
export function sayOnLens(
  { circumstances }: Conditions,
  pack: { readonly name: string; readonly stops: number; readonly on: boolean } | null
): string {
  const filters: readonly Pick<Filter, 'name' | 'stops'>[] = [
    ...(circumstances?.filters ?? []),
    ...(pack?.on ? [pack] : [])
  ];
  const close = circumstances?.closeUpDioptres ?? 0;
  const [first] = filters;
  const parts = [
    ...(filters.length > 1 ? [`${filters.length} filters`] : first ? [sayFilter(first)] : []),
    ...(close > 0 ? [`${close} dioptres`] : []),
    ...((circumstances?.exposures ?? 1) > 1 ? [`${circumstances?.exposures} exposures`] : [])
  ];
  return parts.length === 0 ? 'nothing' : parts.join(', ');
}

/** Where the person's own lamp stands. */
export function sayLamp({ lamp }: Conditions): string {
  return lamp ? `at ${sayMetres(lamp.atM)}` : 'not told';
}
