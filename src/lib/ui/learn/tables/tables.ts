// Tables from the engine, to look at and to print: each with where its numbers come from.
import { FRAMES_PER_FOOT } from '#core/bench/reel.ts';
import { stopsFromDensity, stopsFromFactor } from '#core/kit/filter-strength.ts';
import { lightByEye, NO_MODIFIERS } from '#core/light/by-eye.ts';
import { evFromSetting } from '#core/light/lv.ts';
import { SCENES } from '#core/light/scenes.ts';
import { SHADOW_STEPS } from '#core/light/shadow-edge.ts';
import { SKY_STEPS } from '#core/light/sky-first.ts';
import { lighterStops, SURFACE_NAMES, SURFACES } from '#core/picture/tones.ts';
import { exactFNumber, exactSeconds } from '#core/units/series.ts';
import { formatDecimal } from '#core/units/decimal.ts';
import { formatLv, formatSignedThirds, formatStops, formatThirds } from '#core/units/stops.ts';
import { CLUE_WORDS, SKY_WORDS } from '../../text/say-light.ts';
import { sayTime } from '../../text/say.ts';

/** A table. */
export interface LearnTable {
  readonly id: string;
  readonly name: string;
  readonly head: readonly string[];
  readonly rows: readonly (readonly string[])[];
  /** Where its numbers come from. */
  readonly source: string;
}

const APERTURES = [1.4, 2, 2.8, 4, 5.6, 8, 11, 16, 22] as const;
const TIMES = [8, 1, 1 / 8, 1 / 30, 1 / 60, 1 / 125, 1 / 250, 1 / 500] as const;

const ev = (fNumber: number, seconds: number): string =>
  formatLv(evFromSetting(exactFNumber(fNumber, 'full'), exactSeconds(seconds, 'full')));

const values: LearnTable = {
  id: 'values',
  name: 'Exposure values: light that is right at ISO 100',
  head: ['Time', ...APERTURES.map((n) => `f/${n}`)],
  rows: TIMES.map((t) => [sayTime(t), ...APERTURES.map((n) => ev(n, t))]),
  source: 'log2(N²/t): Exif 2.32 (CIPA DC-008-2019), Annex C. Film of ISO 200 takes 1 less, ISO 400 2 less.'
};

const byShadow: LearnTable = {
  id: 'shadow',
  name: 'Light by the edge of a shadow',
  head: ['The shadow', 'Aperture at 1/ISO', 'LV', 'Give or take'],
  rows: SHADOW_STEPS.map(({ clue, markedFNumber, sdStops }) => [
    `${CLUE_WORDS[clue].edge} (${CLUE_WORDS[clue].sky})`,
    `f/${markedFNumber}`,
    formatLv(lightByEye({ school: 'shadow', clue }, NO_MODIFIERS).lv),
    formatThirds(sdStops)
  ]),
  source: 'Common practice, no source. Snow or pale sand +1; lit from behind −1.'
};

const bySky: LearnTable = {
  id: 'sky',
  name: 'Light by the sky',
  head: ['The sky', 'Aperture at 1/ISO', 'LV', 'Give or take'],
  rows: SKY_STEPS.map(({ clue, markedFNumber, sdStops }) => [
    `${SKY_WORDS[clue].edge} (${SKY_WORDS[clue].sky})`,
    `f/${markedFNumber}`,
    formatLv(lightByEye({ school: 'sky', clue }, NO_MODIFIERS).lv),
    formatThirds(sdStops)
  ]),
  source: 'Common practice, no source.'
};

const byScene: LearnTable = {
  id: 'scenes',
  name: 'Light indoors, at dusk and by night',
  head: ['The scene', 'LV', 'Give or take'],
  rows: SCENES.map(({ name, lv, sdStops }) => [name, formatLv(lv), formatThirds(sdStops)]),
  source: 'After ANSI PH2.7-1973, Photographic Exposure Guide, to half stops; from memory.'
};

const surfaces: LearnTable = {
  id: 'surfaces',
  name: 'How much lighter than grey things are',
  head: ['It is', 'Throws back', 'A reflected meter reads'],
  rows: SURFACE_NAMES.map((s) => [
    SURFACES[s].name,
    `${Math.round(100 * SURFACES[s].reflectance)} %`,
    formatSignedThirds(lighterStops(s))
  ]),
  source:
    'McCamy, Marcus and Davidson (1976); IES Lighting Handbook; Krinov (1947); from memory. Take the last column off the reading.'
};

const FACTORS = [1.5, 2, 4, 8, 64, 1000] as const;
const filters: LearnTable = {
  id: 'filters',
  name: 'Filters: factor, density, stops',
  head: ['Factor', 'Density', 'Stops', '1/60 s becomes'],
  rows: FACTORS.map((f) => [
    `${f}×`,
    formatDecimal(Math.log10(f), 1),
    formatStops(stopsFromFactor(f)),
    sayTime(exactSeconds(1 / 60, 'full') * 2 ** stopsFromDensity(Math.log10(f)))
  ]),
  source:
    'Density is log10 of the factor; a stop is a factor of 2. Before what the film loses in long exposures.'
};

const DISTANCES = [1, 1.4, 2, 2.8, 4, 5.6, 8] as const;
const GUIDES = [8, 12, 16, 24, 32] as const;
const flash: LearnTable = {
  id: 'flash',
  name: 'Flash: aperture by guide number and distance',
  head: ['Distance', ...GUIDES.map((g) => `GN ${g} m`)],
  rows: DISTANCES.map((m) => [`${m} m`, ...GUIDES.map((g) => `f/${formatDecimal(g / m, 1)}`)]),
  source:
    'Guide number = f-number × distance, at ISO 100: ISO 1230:2007. ISO 400: two stops smaller. In feet divide by 3.28.'
};

const reels: LearnTable = {
  id: 'reels',
  name: 'Reels: seconds to a foot',
  head: ['Film', 'Pictures a foot', '16 a second', '18 a second', '24 a second'],
  rows: (
    [
      ['double-run-8', '8 mm'],
      ['super-8', 'super 8'],
      ['16', '16 mm']
    ] as const
  ).map(([gauge, name]) => [
    name,
    String(FRAMES_PER_FOOT[gauge]),
    ...[16, 18, 24].map((fps) => `${formatDecimal(FRAMES_PER_FOOT[gauge] / fps, 1)} s`)
  ]),
  source: 'SMPTE ST 149, ST 215 and ST 109; from memory.'
};

/** All of them, in the order in which they are needed. */
export const TABLES: readonly LearnTable[] = [
  ...[byShadow, bySky, byScene, values, surfaces, filters, flash, reels]
];
