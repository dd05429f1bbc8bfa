// One line in which frames are looked for: "overcast with the toy camera, too dark, this summer". What is understood becomes a
// filter and is said; what is left are words that must stand in what is written of a frame.
import { Temporal } from 'temporal-polyfill';
import { SCENES } from '#core/light/scenes.ts';
import { lightByEye, NO_MODIFIERS } from '#core/light/by-eye.ts';
import { CLUE_PATTERNS } from '#core/light/clue-words.ts';
import type { FrameFilter, VerdictFilter } from './frame-filter.ts';

/** What the kit and the log know, to be named in the line. */
export interface KnownNames {
  readonly cameras: readonly (readonly [id: string, name: string])[];
  readonly stocks: readonly (readonly [id: string, name: string])[];
  readonly tags: readonly string[];
  /** YYYY-MM-DD. */
  readonly today: string;
  /** Whether the seasons are those of the southern half of the world. */
  readonly south: boolean;
}

/** A line as it was understood. */
export interface FindLine {
  readonly filter: Partial<FrameFilter>;
  /** Each part in words: "light of LV 11½ to 13½". */
  readonly understood: readonly string[];
}

const VERDICTS: readonly (readonly [pattern: RegExp, verdict: VerdictFilter, words: string])[] = [
  [/\b(not judged( yet)?|unjudged)\b/, 'unjudged', 'not judged yet'],
  [/\b(too|much too) dark\b|\bthin\b|\bunder ?exposed\b/, 'dark', 'too dark'],
  [/\b(too|much too) (light|bright)\b|\bblown\b|\bover ?exposed\b/, 'light', 'too light'],
  [/\b(faulty|with a fault|blurred|streaks|leak)\b/, 'faulty', 'with a fault'],
  [/\b(came out( well)?|right on|well exposed)\b/, 'right', 'came out right']
];

/** A clue stands for the light around it, stops either way. */
const AROUND = 0.75;

const SEASONS = { spring: 3, summer: 6, autumn: 9, fall: 9, winter: 12 } as const;
const MONTHS = 'january february march april may june july august september october november december'.split(
  ' '
);
const FILLERS =
  /\b(with|the|on|in|a|an|my|camera|cameras|film|films|frame|frames|from|and|at|of|by|during|taken|shot)\b/g;

interface Stretch {
  readonly from: Temporal.PlainDate;
  readonly to: Temporal.PlainDate;
}

const monthLong = (from: Temporal.PlainDate, months: number): Stretch => ({
  from,
  to: from.add({ months }).subtract({ days: 1 })
});

/** A stretch of days that is named in the line. */
function stretchIn(text: string, known: KnownNames): (Stretch & { readonly part: string }) | null {
  const today = Temporal.PlainDate.from(known.today);
  const monday = today.subtract({ days: today.dayOfWeek - 1 });
  const first = today.with({ day: 1 });
  const season = /\b(this|last)? ?(spring|summer|autumn|fall|winter)( (\d{4}))?\b/.exec(text);
  if (season) {
    const name = season[2] as keyof typeof SEASONS;
    const month = ((SEASONS[name] + (known.south ? 5 : -1)) % 12) + 1;
    const said = season[4] === undefined ? null : Number(season[4]);
    const begun = Temporal.PlainDate.from({ year: said ?? today.year, month, day: 1 });
    // the one that is on, or the one that was on last
    const late =
      said === null && Temporal.PlainDate.compare(begun, today) > 0 ? begun.subtract({ years: 1 }) : begun;
    const end = late.add({ months: 3 });
    const isOn = Temporal.PlainDate.compare(end, today) > 0;
    const from = season[1] === 'last' && isOn ? late.subtract({ years: 1 }) : late;
    return { ...monthLong(from, 3), part: season[0] };
  }
  const plain: readonly (readonly [RegExp, Stretch])[] = [
    [/\btoday\b/, { from: today, to: today }],
    [/\byesterday\b/, { from: today.subtract({ days: 1 }), to: today.subtract({ days: 1 }) }],
    [/\bthis week\b/, { from: monday, to: monday.add({ days: 6 }) }],
    [/\blast week\b/, { from: monday.subtract({ days: 7 }), to: monday.subtract({ days: 1 }) }],
    [/\bthis month\b/, monthLong(first, 1)],
    [/\blast month\b/, monthLong(first.subtract({ months: 1 }), 1)],
    [/\bthis year\b/, monthLong(today.with({ month: 1, day: 1 }), 12)],
    [/\blast year\b/, monthLong(today.with({ month: 1, day: 1 }).subtract({ years: 1 }), 12)]
  ];
  for (const [pattern, stretch] of plain) {
    const found = pattern.exec(text);
    if (found) return { ...stretch, part: found[0] };
  }
  const month = new RegExp(`\\b(${MONTHS.join('|')})( (\\d{4}))?\\b`).exec(text);
  if (month) {
    const begun = first.with({ month: MONTHS.indexOf(month[1] ?? '') + 1 });
    const year = month[3] === undefined ? null : Number(month[3]);
    const late = Temporal.PlainDate.compare(begun, today) > 0 ? begun.subtract({ years: 1 }) : begun;
    return { ...monthLong(year === null ? late : begun.with({ year }), 1), part: month[0] };
  }
  const year = /\b(19\d\d|20\d\d)\b/.exec(text);
  if (!year) return null;
  return {
    ...monthLong(Temporal.PlainDate.from({ year: Number(year[0]), month: 1, day: 1 }), 12),
    part: year[0]
  };
}

/** The longest name that stands in the line, whole or by a word of its own. */
function nameIn(
  text: string,
  names: readonly (readonly [id: string, name: string])[]
): { readonly id: string; readonly name: string; readonly part: string } | null {
  const whole = names
    .filter(([, name]) => text.includes(name.toLowerCase()))
    .sort((a, b) => b[1].length - a[1].length)[0];
  if (whole) return { id: whole[0], name: whole[1], part: whole[1].toLowerCase() };
  for (const [id, name] of names) {
    const own = name
      .toLowerCase()
      .split(/\s+/)
      .filter((w) => w.length > 2 && /^\D+$/.test(w))
      .find((w) => new RegExp(`\\b${w.replace(/[^\p{L}\p{N}]/gu, '.')}\\b`, 'u').test(text));
    // a word that two of them share names neither
    const shared =
      own !== undefined && names.filter(([, n]) => n.toLowerCase().split(/\s+/).includes(own)).length > 1;
    if (own !== undefined && !shared) return { id, name, part: own };
  }
  return null;
}

/** Reads a line. */
export function readFindLine(line: string, known: KnownNames): FindLine {
  let rest = ` ${line.toLowerCase().replace(/[,;]+/g, ' ').replace(/\s+/g, ' ').trim()} `;
  const understood: string[] = [];
  let filter: Partial<FrameFilter> = {};
  const take = (part: string, more: Partial<FrameFilter>, words: string): void => {
    rest = rest.replace(part, ' ');
    filter = { ...filter, ...more };
    understood.push(words);
  };
  const camera = nameIn(rest, known.cameras);
  if (camera) take(camera.part, { cameraId: camera.id }, camera.name);
  const stock = nameIn(rest, known.stocks);
  if (stock) take(stock.part, { filmId: stock.id }, stock.name);
  for (const [pattern, verdict, words] of VERDICTS) {
    const found = pattern.exec(rest);
    if (found && filter.verdict === undefined) take(found[0], { verdict }, words);
  }
  const lit = (part: string, lv: number, around: number): void => {
    const [fromLv, toLv] = [lv - around, lv + around].map((n) => Math.round(10 * n) / 10);
    take(part, { fromLv: fromLv ?? null, toLv: toLv ?? null }, `light of LV ${fromLv} to ${toLv}`);
  };
  const clue = CLUE_PATTERNS.find(([pattern]) => pattern.test(rest));
  if (clue) lit(clue[0].exec(rest)?.[0] ?? '', lightByEye(clue[1], NO_MODIFIERS).lv, AROUND);
  else {
    const scene = SCENES.find(({ name }) => rest.includes(name.toLowerCase().split(',')[0] ?? name));
    if (scene) lit(scene.name.toLowerCase().split(',')[0] ?? '', scene.lv, scene.sdStops);
  }
  const stretch = stretchIn(rest, known);
  if (stretch) {
    const [fromDay, toDay] = [stretch.from.toString(), stretch.to.toString()];
    take(stretch.part, { fromDay, toDay }, `${fromDay} to ${toDay}`);
  }
  const tag = known.tags.find((t) => rest.includes(` ${t.toLowerCase()} `));
  if (tag !== undefined) take(tag.toLowerCase(), { tag }, `tagged ${tag}`);
  const words = rest.replace(FILLERS, ' ').replace(/\s+/g, ' ').trim();
  if (words === '') return { filter, understood };
  return { filter: { ...filter, words }, understood: [...understood, `“${words}” in what is written`] };
}
