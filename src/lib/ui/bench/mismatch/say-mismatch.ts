// What can be done about a film that the camera was not made for, in words.
import type { WayOut } from '#core/bench/mismatch/ways-out.ts';
import type { FilterPlace } from '#core/error/filters.ts';
import { formatDecimal } from '#core/units/decimal.ts';

const WHERE: Readonly<Record<FilterPlace, string>> = {
  pack: 'on the pack',
  lens: 'over the lens alone',
  'lens-and-eye': 'over lens and eye',
  eye: 'over the eye alone'
};

/** A way out. */
export function sayWayOut(way: WayOut): string {
  switch (way.kind) {
    case 'as-it-is':
      return 'As it is';
    case 'filter':
      return `Grey filter of ${formatDecimal(way.stops, 1)} stops ${WHERE[way.place]}`;
    case 'converted':
      return `Electronics converted to ISO ${formatDecimal(way.iso, 0)}`;
  }
}
