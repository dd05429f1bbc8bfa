// The light in words, and what the pair in hand makes of the scale of light.
import type { LightChoice } from '#core/light/choice.ts';
import { LV_RANGE } from '#core/light/lv.ts';
import { NAMED_MARKS } from '#core/light/named-marks.ts';
import type { ShadowClue } from '#core/light/shadow-edge.ts';
import type { FittingSpeeds } from '#core/match/film-speeds.ts';
import type { LvInterval, Reach } from '#core/match/reach-shape.ts';
import { formatLv, formatStops, formatThirds } from '#core/units/stops.ts';

/** What each shadow clue is called, and what the sky does then. */
export const CLUE_WORDS: Readonly<Record<ShadowClue, { readonly edge: string; readonly sky: string }>> = {
  sharp: { edge: 'Sharp edge', sky: 'clear sun' },
  soft: { edge: 'Soft edge', sky: 'haze, thin cloud' },
  barely: { edge: 'Barely there', sky: 'or the shaded side' },
  none: { edge: 'No shadow', sky: 'overcast' },
  leaf: { edge: 'Under leaves', sky: 'or open shade' },
  deep: { edge: 'Deep shade', sky: 'under a roof' }
};

/** Where on the scale of daily life a light lies: "full sun". */
export function nearestName(lv: number): string {
  const nearest = NAMED_MARKS.reduce((a, b) => (Math.abs(b.lv - lv) < Math.abs(a.lv - lv) ? b : a));
  return nearest.name;
}

/** What is assumed about the light: "LV 14⅔ from a sharp shadow edge, give or take ⅓". */
export function sayLight(light: LightChoice): string {
  const spread = `give or take ${formatThirds(light.sdStops)}`;
  const lv = `LV ${formatLv(light.lv)}`;
  const { way } = light;
  if (way.kind === 'hand') return `${lv} as set on the ruler, ${spread}.`;
  if (way.kind === 'reading') return `${lv} from your reading, ${spread}.`;
  const added = [way.bright ? 'bright ground +1' : '', way.backlit ? 'lit from behind −1' : ''].filter(
    (s) => s !== ''
  );
  const clue = CLUE_WORDS[way.clue].edge.toLowerCase();
  return `${lv} from “${clue}”${added.length > 0 ? `, ${added.join(', ')}` : ''}, ${spread}.`;
}

/** Stretches of light in words, as far as the scale goes: "10⅓ to 16". */
export function sayIntervals(intervals: readonly LvInterval[]): string {
  const held = (lv: number): string => formatLv(Math.min(LV_RANGE.max, Math.max(LV_RANGE.min, lv)));
  return intervals.map((i) => `${held(i.from)} to ${held(i.to)}`).join(', and ');
}

/** The reach in one line. */
export function sayReach(reach: Reach): string {
  const [first] = reach.possible;
  const last = reach.possible.at(-1);
  if (reach.likely.length > 2 && first && last) {
    return `May come out from LV ${formatLv(first.from)} to ${formatLv(last.to)}, likely only where a mark fits the light`;
  }
  if (reach.likely.length > 0) return `Comes out from LV ${sayIntervals(reach.likely)}`;
  if (reach.largestLikelySd === null) return 'No light is sure enough: try a test roll';
  return `Too unsure here: know the light to within ${formatStops(Math.max(reach.largestLikelySd, 1 / 3))}, or shoot a test roll`;
}

/** Which film speeds would do. */
export function saySpeeds(speeds: FittingSpeeds | null): string {
  if (!speeds) return 'No film speed would do here with this camera.';
  const { slowest, centred, fastest } = speeds;
  return slowest === fastest ? `ISO ${centred}` : `ISO ${slowest} to ${fastest}, best ${centred}`;
}
