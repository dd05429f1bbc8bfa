// The light in words, and what the pair in use makes of the scale of light.
import type { LightModifiers } from '#core/light/by-eye.ts';
import { LV_RANGE } from '#core/light/lv.ts';
import { NAMED_MARKS } from '#core/light/named-marks.ts';
import type { Metered } from '#core/light/metering.ts';
import { sceneById } from '#core/light/scenes.ts';
import type { ShadowClue } from '#core/light/shadow-edge.ts';
import type { SkyClue } from '#core/light/sky-first.ts';
import type { FittingSpeeds } from '#core/advice/film-speeds.ts';
import type { LvInterval, Reach } from '#core/advice/reach-shape.ts';
import type { Facing, Ground, ToldSky } from '#core/sky/sky-scene.ts';
import { clockText } from '#core/sky/zone.ts';
import { formatHalves, formatLv, formatStops, formatThirds } from '#core/units/stops.ts';
import { SURFACES } from '#core/picture/tones.ts';
import type { LightChoice, LightWay } from '#core/ways/choice.ts';

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

/** What each sky is called, and the rest of the clue. */
export const SKY_WORDS: Readonly<Record<SkyClue, { readonly edge: string; readonly sky: string }>> = {
  clear: { edge: 'Clear sky', sky: 'the sun is out' },
  few: { edge: 'Few clouds', sky: 'or thin veil' },
  mostly: { edge: 'Mostly cloud', sky: 'sun peeps through' },
  overcast: { edge: 'Overcast', sky: 'no sun' },
  shade: { edge: 'Open shade', sky: 'or under trees' },
  deep: { edge: 'Deep shade', sky: 'under a roof' }
};

/** What a meter was pointed at. */
export const METERED_WORDS: Readonly<Record<Metered, string>> = {
  incident: 'the light falling on the subject',
  card: 'a grey card',
  palm: 'the palm of a hand',
  scene: 'a scene of middling tones',
  snow: 'snow',
  sand: 'pale sand',
  woods: 'dark woods or black clothes',
  sky: 'a scene with much sky',
  backlit: 'a subject before a bright background'
};

const SKY_NAMES: Readonly<Record<ToldSky, string>> = {
  clear: 'clear sky',
  partly: 'broken cloud',
  cloudy: 'full cloud',
  unsaid: 'any sky'
};
/** How the subject stands to the sun. */
export const FACING_WORDS: Readonly<Record<Facing, string>> = {
  front: 'lit from the front',
  side: 'lit from the side',
  back: 'lit from behind',
  'shaded-side': 'its shaded side',
  'open-shade': 'in open shade'
};

/** What lies around the subject. */
export const GROUND_WORDS: Readonly<Record<Ground, string>> = {
  ground: 'grass, streets',
  sand: 'pale sand',
  snow: 'snow'
};

/** What a kind of sky is called. */
export function skyName(sky: ToldSky): string {
  return SKY_NAMES[sky];
}

function modifierWords(m: LightModifiers): readonly string[] {
  return [
    m.shaded ? 'its shaded side' : '',
    m.bright ? 'bright ground +1' : '',
    m.backlit && !m.shaded ? 'lit from behind −1' : '',
    m.lowSun === 'hour' ? 'within an hour of sunrise or sunset −1' : '',
    m.lowSun === 'half-hour' ? 'within half an hour of sunrise or sunset −2' : ''
  ].filter((s) => s !== '');
}

/** How the light was found, in a few words: "a sharp edge, lit from behind −1". */
export function sayWay(way: LightWay): string {
  switch (way.kind) {
    case 'hand':
      return 'the marker on the ruler';
    case 'shadow':
    case 'sky': {
      const words = way.kind === 'shadow' ? CLUE_WORDS[way.clue] : SKY_WORDS[way.clue];
      return [`“${words.edge.toLowerCase()}”`, ...modifierWords(way)].join(', ');
    }
    case 'scene':
      return `“${sceneById(way.scene)?.name.toLowerCase() ?? way.scene}”`;
    case 'reading':
      return [
        `your reading of ${METERED_WORDS[way.of]}`,
        way.meter ? `with ${way.meter.name}` : '',
        way.elsewhere ? 'held in another light' : ''
      ]
        .filter((s) => s !== '')
        .join(', ');
    case 'sun':
      return `sun and sky at ${way.place.name}, ${clockText(way.ms, way.place.zone)}, ${SKY_NAMES[way.sky]}, ${FACING_WORDS[way.facing]}`;
    case 'picture':
      return [
        way.surface === null ? 'the whole of a picture' : `${SURFACES[way.surface].name} in a picture`,
        ...(way.phone === '' ? [] : [`by ${way.phone}`]),
        ...(way.bound === 'at-least'
          ? ['at least so light']
          : way.bound === 'at-most'
            ? ['at most so light']
            : [])
      ].join(', ');
    case 'frame':
      return way.label;
  }
}

/** What is assumed about the light: "LV 14⅔ from “sharp edge”, give or take ⅓." */
export function sayLight(light: LightChoice): string {
  return `LV ${formatLv(light.lv)} from ${sayWay(light.way)}, give or take ${formatThirds(light.sdStops)}.`;
}

/** A gap that no light is known well enough to fall into, stops. */
const NO_GAP = 0.5;

/** Stretches with the gaps closed that are too small to tell. @param intervals ascending */
export function closedGaps(intervals: readonly LvInterval[]): readonly LvInterval[] {
  const closed: LvInterval[] = [];
  for (const next of intervals) {
    const last = closed.at(-1);
    if (last && next.from - last.to < NO_GAP) closed[closed.length - 1] = { from: last.from, to: next.to };
    else closed.push(next);
  }
  return closed;
}

/** Stretches of light in words, as far as the scale goes, to half a stop: "10½ to 16". */
export function sayIntervals(intervals: readonly LvInterval[]): string {
  const held = (lv: number): string => formatHalves(Math.min(LV_RANGE.max, Math.max(LV_RANGE.min, lv)));
  return closedGaps(intervals)
    .map((i) => (held(i.from) === held(i.to) ? `about ${held(i.from)}` : `${held(i.from)} to ${held(i.to)}`))
    .join(', and ');
}

/** A reach in few words: "LV 10½ to 16"; in slivers, as one stretch: "LV 11 to 18, where a mark fits". */
export function sayStretch(likely: readonly LvInterval[]): string {
  const stretches = closedGaps(likely);
  const [first, last] = [stretches[0], stretches.at(-1)];
  if (!first || !last) return 'no light is sure';
  if (stretches.length <= 2) return `LV ${sayIntervals(stretches)}`;
  return `LV ${sayIntervals([{ from: first.from, to: last.to }])}, where a mark fits`;
}

/** "from LV 10½ to 16", "at LV about 11½". */
function fromLv(intervals: readonly LvInterval[]): string {
  const words = sayIntervals(intervals);
  return words.startsWith('about') ? `at LV ${words}` : `from LV ${words}`;
}

/** The reach in one line. @param standing where something to stand it on makes more likely */
export function sayReach(reach: Reach, standing: readonly LvInterval[] = []): string {
  const more = standing.length > 0 ? `; on something also ${fromLv(standing)}` : '';
  const [first] = reach.possible;
  const last = reach.possible.at(-1);
  if (closedGaps(reach.likely).length > 2 && first && last) {
    return `May come out from LV ${sayIntervals([{ from: first.from, to: last.to }])}, likely only where a mark fits the light`;
  }
  if (reach.likely.length > 0) return `Comes out ${fromLv(reach.likely)}${more}`;
  if (standing.length > 0) return `By hand nothing is likely; on something ${fromLv(standing)}`;
  if (reach.largestLikelySd === null) return 'No light is sure enough: try a test roll';
  return `Too unsure here: know the light to within ${formatStops(Math.max(reach.largestLikelySd, 1 / 3))}, or shoot a test roll`;
}

/** Which film speeds would do. */
export function saySpeeds(speeds: FittingSpeeds | null): string {
  if (!speeds) return 'No film speed would do here with this camera.';
  const { slowest, centred, fastest } = speeds;
  return slowest === fastest ? `ISO ${centred}` : `ISO ${slowest} to ${fastest}, best ${centred}`;
}
