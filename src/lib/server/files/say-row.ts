// The light of a row as it was read, in a word.
import { formatLv } from '#core/units/stops.ts';
import type { LightChoice } from '#core/ways/choice.ts';

/** "LV 12⅓, shadow"; "not told". */
export function sayLight(light: LightChoice | null): string {
  if (!light) return 'not told';
  const { way } = light;
  const clue = way.kind === 'shadow' || way.kind === 'sky' ? ` (${way.clue})` : '';
  return `LV ${formatLv(light.lv)}${clue}`;
}
