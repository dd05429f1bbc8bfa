// The words of a pocket card: short, in the camera's own marks. What every row would repeat stands once at the head.
import { positionsOf, type Camera } from '#core/camera/camera.ts';
import { controlFor } from '#core/camera/setting.ts';
import type { FilterPlace } from '#core/error/filters.ts';
import type { RemedyStep } from '#core/advice/remedy.ts';
import { LIKELY, POSSIBLE, type Verdict } from '#core/chance/verdict.ts';
import type { FrameFormat } from '#core/film/formats.ts';
import { sharpTable } from '#core/focus/sharp-table.ts';
import { SHADOW_STEPS } from '#core/light/shadow-edge.ts';
import { knownScene } from '#core/light/scenes.ts';
import type { CardLight } from '#core/plan/card.ts';
import { formatFNumber } from '#core/units/aperture.ts';
import { markOfFNumber } from '#core/units/series.ts';
import { choiceFromScene, choiceFromShadow, type LightChoice } from '#core/ways/choice.ts';
import { CLUE_WORDS } from '../text/say-light.ts';
import { chanceInHundred, instructionParts, sayMetres, sayTime } from '../text/say.ts';
import { sayPower, sayStep } from '../text/say-remedy.ts';

/** Scenes on the card, where shadows tell nothing. */
const CARD_SCENES = [
  ['by-window', 'Beside a window'],
  ['room-evening', 'Evening room'],
  ['stage', 'Stage'],
  ['street-bright', 'Bright street'],
  ['station', 'Platform'],
  ['street', 'Street lamps']
] as const;

/** The lights of the card, brightest first: by the edge of a shadow, then scenes. `more`: what the sky does, where there is room. */
export const CARD_LIGHTS: readonly {
  readonly name: string;
  readonly more: string;
  readonly light: LightChoice;
}[] = [
  ...SHADOW_STEPS.map(({ clue }) => ({
    ...{ name: CLUE_WORDS[clue].edge, more: CLUE_WORDS[clue].sky },
    light: choiceFromShadow(clue)
  })),
  ...CARD_SCENES.map(([id, name]) => ({ name, more: '', light: choiceFromScene(knownScene(id)) }))
];

/** How likely, as a sign that a black printer can print: ● likely, ○ as likely as not, – hardly. */
export function sign({ pUsable }: Verdict): '●' | '○' | '–' {
  return pUsable >= LIKELY ? '●' : pUsable >= POSSIBLE ? '○' : '–';
}

const PLACES: Readonly<Record<FilterPlace, string>> = {
  lens: 'on the lens',
  'lens-and-eye': 'on lens and eye',
  pack: 'on the pack',
  eye: 'on the eye'
};

/** A step, as short as a card wants it. */
function sayShort(step: RemedyStep): string {
  if (step.kind === 'support') return 'set down';
  if (step.kind === 'leaning') return 'lean';
  if (step.kind === 'filter')
    return `${step.filter.name || `ND ${step.filter.stops}`} ${PLACES[step.filter.place]}`;
  if (step.kind === 'flash')
    return step.flash.powerStops === 0 ? 'flash' : `flash ${sayPower(step.flash.powerStops)}`;
  if (step.kind === 'development') return `${step.stops > 0 ? 'push' : 'pull'} ${Math.abs(step.stops)}`;
  return sayStep(step);
}

/** One row of the front. */
export interface CardRow {
  /** Marks to set, as under the heads of the table. */
  readonly marks: string;
  /** What to do beside setting them; '' = nothing. */
  readonly also: string;
  readonly sign: '●' | '○' | '–';
}

/** The front of the card: what the marks of every row belong to, and the rows. */
export interface CardFront {
  /** "aperture · shutter"; '' where there is nothing to set. */
  readonly head: string;
  readonly rows: readonly CardRow[];
}

const split = (part: string): readonly [of: string, mark: string] => {
  const at = part.lastIndexOf(' ');
  return at === -1 ? ['', part] : [part.slice(0, at), part.slice(at + 1)];
};

/** Below this chance a card says no: one frame in seven. A choice of ours. */
const HOPELESS = 0.15;

/** Puts what all rows have in common at the head: "aperture 11, shutter 125" becomes "11 · 125" under "aperture · shutter". */
export function cardFront(camera: Camera, lights: readonly CardLight[]): CardFront {
  const shown = lights.map(({ verdict, help }) => ({ best: help?.verdict ?? verdict, verdict, help }));
  const parts = shown.map(({ best }) => instructionParts(camera, best.setting).map(split));
  const [first = []] = parts;
  const same =
    first.length > 0 &&
    parts.every((p) => p.length === first.length && p.every(([of], i) => of === first[i]?.[0]));
  return {
    head: same ? first.map(([of]) => of.replace(/ to$/, '')).join(' · ') : '',
    rows: shown.map(({ best, verdict, help }, i) => {
      const own = parts[i] ?? [];
      const marks = same
        ? own.map(([, mark]) => mark).join(' · ')
        : own.map((p) => p.join(' ').trim()).join(', ');
      const unlikely = !help && verdict.pUsable < POSSIBLE;
      const hopeless = unlikely && verdict.pUsable < HOPELESS;
      const odds = unlikely ? `${chanceInHundred(verdict.pUsable)} in 100` : '';
      return {
        marks: hopeless ? '' : marks || (help ? '' : 'just press'),
        also: hopeless ? 'not with this film' : (help?.steps.map(sayShort).join(' + ') ?? odds),
        sign: sign(best)
      };
    })
  };
}

/** A long exposure: "8 s", with the aperture where it can be set. */
export function saySeconds(camera: Camera, verdict: Verdict | null): string {
  if (!verdict) return '–';
  const { fNumber, seconds } = verdict.exposure;
  const aperture = controlFor(camera, 'aperture');
  const sets = aperture !== null && positionsOf(aperture).length > 1;
  return sets ? `${sayTime(seconds)} ${formatFNumber(markOfFNumber(fNumber))}` : sayTime(seconds);
}

/** From where to where it is sharp, for each mark of the focus: "2.5 m: 1.9 to 3.8 m"; the aperture that it holds for. */
export function saySharp(
  camera: Camera,
  format: FrameFormat
): { readonly at: string; readonly lines: readonly string[] } {
  const table = sharpTable(camera, format);
  const middle = Math.floor((table[0]?.cells.length ?? 0) / 2);
  const fNumber = table[0]?.cells[middle]?.fNumber;
  return {
    at: fNumber === undefined ? '' : formatFNumber(markOfFNumber(fNumber)),
    lines: table.flatMap(({ mark, cells }) => {
      const cell = cells[middle];
      if (!cell) return [];
      const far = cell.farM === Infinity ? '∞' : sayMetres(cell.farM);
      const near = sayMetres(cell.nearM);
      const range = far.endsWith(' m') ? `${near.replace(/ m$/, '')}–${far}` : `${near}–${far}`;
      return [mark === '' ? range : `${mark}: ${range}`];
    })
  };
}
