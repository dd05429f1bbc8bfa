// A meter reading as it was understood, in words.
import type { LightReading } from '#core/light/reading-text.ts';
import { formatFNumber } from '#core/units/aperture.ts';
import { formatDecimal } from '#core/units/decimal.ts';
import { markOfFNumber } from '#core/units/series.ts';
import { formatLv } from '#core/units/stops.ts';
import { sayTime } from './say.ts';

/** What was understood, and the light value it comes to: "Understood as f/8 for 1/60 s at ISO 400: LV 10." */
export function sayReading(reading: LightReading): string {
  const lv = `LV ${formatLv(reading.lv)}`;
  switch (reading.kind) {
    case 'ev':
      return `Understood as EV ${formatDecimal(reading.ev, 1)} at ISO ${reading.iso}: ${lv}.`;
    case 'lux':
      return `Understood as ${formatDecimal(reading.lux, 1)} lux on a flat cell: ${lv}.`;
    case 'luminance':
      return `Understood as ${formatDecimal(reading.luminanceCdM2, 1)} cd/m², light thrown back: ${lv}.`;
    case 'pair':
      return `Understood as ${formatFNumber(markOfFNumber(reading.fNumber))} for ${sayTime(reading.seconds)} at ISO ${reading.iso}: ${lv}.`;
  }
}
