// What the engine answers over the twelve kinds of cameras, in lights from full sun to night, as a table that people can read:
// answers.txt. It was read line by line and found to be what a photographer would do; whatever changes in it is read again
// before it is taken over (npx vitest run src/core/advice/answers.test.ts -u). Common practice, no source.
import { describe, expect, test } from 'vitest';
import type { Camera } from '../camera/camera.ts';
import type { Choice, Setting } from '../camera/setting.ts';
import { PLAIN, type Circumstances } from '../error/circumstances.ts';
import { PURPOSES, type Conditions, type Situation } from '../error/situation.ts';
import type { Film } from '../film/film.ts';
import { withUsualFocus } from '../focus/focused.ts';
import type { AtHand } from './at-hand.ts';
import { enoughForToday } from './enough.ts';
import { fittingSpeeds } from './film-speeds.ts';
import { flashRange } from './flash-range.ts';
import {
  BOX_B,
  CINE,
  colour,
  FOLDING,
  FOLDING_REFLEX,
  INSTANT_160,
  INSTANT_640,
  INSTANT_800,
  ITS_FLASH,
  METERLESS,
  mono,
  PACK,
  PACK_3000,
  REUSABLE,
  RIGID,
  slide,
  SWING,
  TOY,
  TWIN
} from '../error/panel.test.fixtures.ts';
import { purposeServed } from './purpose-served.ts';
import { bestSetting, rankSettings } from './rank.ts';
import { reachOf } from './reach.ts';
import type { LvInterval } from './reach-shape.ts';
import { remediesFor } from './remedies.ts';
import type { Remedy } from './remedy.ts';
import { stepsAround } from './steps.ts';
import { troublesOf } from './troubles.ts';

const PAIRS: readonly (readonly [name: string, camera: Camera, film: Film])[] = [
  ['1 reusable', REUSABLE, colour(400)],
  ['2 box', BOX_B, mono(125)],
  ['3 toy', TOY, colour(160, ['roll-6x6'])],
  ['4 folding', FOLDING({ toleranceStops: 0.3 }), INSTANT_800],
  ['5 folding reflex', FOLDING_REFLEX, INSTANT_160],
  ['6 rigid', RIGID(ITS_FLASH), INSTANT_640],
  ['7 twin-lens', TWIN, INSTANT_800],
  ['8 pack', PACK, PACK_3000],
  ['9 swing', SWING, mono(125, ['135-panorama'])],
  ['10 meterless', METERLESS, slide(100)],
  ['11 cine', CINE, slide(50)]
];
const LIGHTS = [15.7, 14.6, 12.6, 10.6, 9, 6.5, 4, 0] as const;
const COURSE = Array.from({ length: 12 }, (_, i) => ({
  ...{ ms: (i + 1) * 3_600_000, sdStops: 0.5 + i / 20 },
  lv: i < 8 ? 14 - i * 1.5 : 2 + (i - 8) * 3
}));
const HAND: AtHand = {
  films: [colour(400), mono(400), slide(25), INSTANT_160, mono(400, ['roll-6x6', 'roll-6x9'])],
  filters: [2, 3, 6].map((stops) => ({ name: `ND${stops}`, stops })),
  flashes: [
    { name: 'GN 16', guideNumber: 16, powers: [0, 1, 2, 3, 4], seconds: 1 / 1000, angleDegrees: null }
  ],
  course: COURSE
};
/** What is said beside the light, one thing at a time. */
const SAID: readonly (readonly [string, Conditions & { readonly about?: Partial<Circumstances> }])[] = [
  ['0.7 m', { about: { subjectM: 0.7 } }],
  ['2 m, measured', { about: { subjectM: 2 }, distanceBy: 'measured' }],
  ['20 m', { about: { subjectM: 20 } }],
  ['a cyclist across at 5 m', { about: { subjectM: 5 }, motion: { metresPerSecond: 5, way: 'across' } }],
  ['leaning', { support: 'leaning' }],
  ['shaky', { steadiness: 0.6 }],
  ['lamp at 1 m through a grid', { lamp: { atM: 1, modifierStops: 1 } }],
  ['eye in the shade', { about: { eyeOffsetStops: -2 }, scene: 'uneven' }]
];

const situation = (
  camera: Camera,
  film: Film,
  lv: number,
  { about, ...conditions }: Conditions & { readonly about?: Partial<Circumstances> } = {}
): Situation => ({
  ...{ camera, film, contrast: 'normal', light: { lv, sdStops: 0.5 }, ...conditions },
  ...(about ? { circumstances: { ...PLAIN, ...about } } : {})
});
/** Focus where the app puts it when nobody said. */
const at = ({ camera }: Situation): Choice => withUsualFocus(camera, {});
const digits = (value: number, places = 2): string => (Object.is(value, -0) ? 0 : value).toFixed(places);
const choice = ({ choice: c }: Setting): string =>
  Object.entries(c)
    .map(([id, at]) => `${id.slice(0, 4)} ${at}`)
    .join(' ');
const rounded = (_: string, value: unknown): unknown =>
  typeof value === 'number' ? Math.round(value * 100) / 100 : value;
const intervals = (list: readonly LvInterval[]): string =>
  list.map(({ from, to }) => `${digits(from, 1)}…${digits(to, 1)}`).join(' ') || 'none';

function step(one: Remedy['steps'][number]): string {
  if (one.kind === 'film') return `film ${one.film.id}`;
  if (one.kind === 'filter') return `${one.filter.name} ${one.filter.place}`;
  if (one.kind === 'flash') return `flash −${one.flash.powerStops}`;
  if (one.kind === 'wait') return `wait ${one.until.ms / 3_600_000} h`;
  const { kind, ...rest } = one;
  return Object.keys(rest).length === 0 ? kind : `${kind} ${JSON.stringify(rest, rounded)}`;
}
const remedy = ({ steps, verdict, gain }: Remedy): string =>
  `${steps.map(step).join(' + ')} → ${digits(verdict.pUsable)} (+${digits(gain)}, ${choice(verdict.setting)})`;

function lines(s: Situation): readonly string[] {
  const best = bestSetting(s, at(s));
  if (!best) return ['no setting'];
  const { exposure, deltaStops, pUsable, pGood, aimStops, setting } = best;
  const troubles = troublesOf(best).map((t) => `${t.trouble} ${digits(t.chance)}`);
  return [
    `  ${choice(setting)}: f/${digits(exposure.fNumber, 1)} ${digits(exposure.seconds, 4)} s, Δ ${digits(deltaStops)} aim ${digits(aimStops)}, ${digits(pUsable)}/${digits(pGood)}; ${troubles.join(', ')}`,
    ...remediesFor(s, at(s), HAND).map((r) => `    ${remedy(r)}`)
  ];
}

function tableOf(camera: Camera, film: Film): string {
  const out: string[] = [];
  for (const lv of LIGHTS)
    for (const support of ['hand', 'standing'] as const) {
      const s = situation(camera, film, lv, { support });
      out.push(`LV ${lv}, ${support}`, ...lines(s));
    }
  for (const [name, said] of SAID)
    for (const lv of [11.5, 6.5]) out.push(`LV ${lv}, ${name}`, ...lines(situation(camera, film, lv, said)));
  for (const purpose of PURPOSES.slice(1))
    for (const [lv, support] of [
      [14.6, 'hand'],
      [10.6, 'standing'],
      [3, 'standing']
    ] as const) {
      const s = situation(camera, film, lv, { purpose, support, about: { subjectM: 3 } });
      const served = purposeServed(s, at(s), HAND);
      out.push(`LV ${lv}, ${support}, ${purpose}`, ...lines(s).slice(0, 1));
      if (served) out.push(`    ${remedy(served.remedy)} ${JSON.stringify(served.missing, rounded)}`);
    }
  const s = situation(camera, film, 11.5);
  const { likely, possible, services, largestLikelySd } = reachOf(s, at(s));
  const [first] = rankSettings(s, at(s));
  const around = first && stepsAround(s, first.setting);
  const sides = [around?.darker, around?.lighter].map((b) => (b ? choice(b) : 'none')).join(' / ');
  const [unit] = HAND.flashes;
  if (!unit) throw new Error('no flash at hand');
  const fired = { kind: 'fired', unit, powerStops: 2, lossStops: 0 } as const;
  out.push(
    `order: ${rankSettings(s, at(s))
      .slice(0, 6)
      .map((v) => `${choice(v.setting)} ${digits(v.pUsable)}`)
      .join(', ')}`,
    `a step either side: ${sides}`,
    `likely ${intervals(likely)}, possible ${intervals(possible)}, sd ${largestLikelySd === null ? 'none' : digits(largestLikelySd)}`,
    `served: ${services.map((v) => `${choice(v.setting)} from ${digits(v.from, 1)}`).join(', ')}`,
    `speeds: ${JSON.stringify(fittingSpeeds(s, at(s)))}`,
    `enough: ${JSON.stringify(enoughForToday(s, at(s), COURSE, 0.5), rounded)}`,
    `flash: ${JSON.stringify(flashRange({ ...situation(camera, film, 5), circumstances: { ...PLAIN, flash: fired } }, {}), rounded)}`
  );
  return out.join('\n');
}

describe('answers', () => {
  test.each(PAIRS)('%s', async (name, camera, film) => {
    await expect(`${name} with ${film.id}\n\n${tableOf(camera, film)}\n`).toMatchFileSnapshot(
      `./answers/${name.replace(/\W+/g, '-')}.txt`
    );
  });
});
