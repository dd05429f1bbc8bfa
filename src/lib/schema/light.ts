// Light as it stands in the address bar, in JSON and in the database. A bad address gives the last good light and words.
import { boolean, lazy, number, object, string } from 'yup';
import {
  choiceFromShadow,
  READING_SD,
  STARTING_LIGHT,
  type LightChoice,
  type LightWay
} from '#core/light/choice.ts';
import { CONTRASTS, type Contrast } from '#core/light/contrast.ts';
import { LV_RANGE } from '#core/light/lv.ts';
import { parseLightReading } from '#core/light/reading-text.ts';
import { SHADOW_STEPS, type ShadowClue } from '#core/light/shadow-edge.ts';
import { parseDecimal } from '#core/units/decimal.ts';
import { kindField, kindOf, keepShapes } from './kinds.ts';
import { explainQuantity } from './words.ts';

/** Largest uncertainty of a light that is taken, one sd in stops. */
export const MAX_SD = 4;

const clues: readonly ShadowClue[] = SHADOW_STEPS.map((s) => s.clue);
const WAY_KINDS = ['shadow', 'reading', 'hand'] as const satisfies readonly LightWay['kind'][];
const shadowWay = object({
  kind: kindField('shadow', WAY_KINDS),
  clue: string().oneOf(clues).required(),
  bright: boolean().required(),
  backlit: boolean().required()
});
const readingWay = object({
  kind: kindField('reading', WAY_KINDS),
  text: string().required().max(80)
});
const handWay = object({
  kind: kindField('hand', WAY_KINDS)
}).required();

/** The way a light was found. */
export const wayFieldSchema = lazy((value: unknown) => {
  const kind = kindOf(value);
  return kind === 'shadow' ? shadowWay : kind === 'reading' ? readingWay : handWay;
});
keepShapes(wayFieldSchema, { shadowWay, readingWay, handWay });

/** A light in a request body. */
export const lightSchema = object({
  lv: number()
    .required()
    .min(LV_RANGE.min, `Light must lie between LV −8 and 18.`)
    .max(LV_RANGE.max, `Light must lie between LV −8 and 18.`),
  sdStops: number().required().min(0).max(MAX_SD),
  contrast: string().oneOf(CONTRASTS).required(),
  way: wayFieldSchema
});

/** Reads a stored way. */
export function wayFromJson(text: string): LightWay {
  return wayFieldSchema.validateSync(JSON.parse(text), { strict: true });
}

/** Reads the contrast column. */
export function contrastFromText(text: string): Contrast {
  const contrast = CONTRASTS.find((c) => c === text);
  if (!contrast) throw new RangeError(`contrast must be one of ${CONTRASTS.join(', ')}, got ${text}`);
  return contrast;
}

/** A light read from an address, with what could not be understood. */
export interface LightQuery {
  readonly light: LightChoice;
  readonly problems: readonly string[];
}

/**
 * Reads `shadow=sharp&on=bright,backlit`, `reading=f/8 1/60 at 400` or `lv=13.7&sd=0.5&contrast=normal`.
 * Whatever is wrong is named and replaced: light off the scale by the end of the scale, anything else by the starting light.
 */
export function lightFromQuery(query: URLSearchParams): LightQuery {
  const problems: string[] = [];
  const contrast = contrastFromQuery(query, problems);
  const shadow = query.get('shadow');
  const reading = query.get('reading');
  if (query.has('lv')) return { light: handLight(query, contrast, problems), problems };
  if (reading !== null) {
    const read = parseLightReading(reading);
    if (!read.ok) problems.push(explainQuantity(read.error));
    else {
      const light = {
        lv: read.value.lv,
        sdStops: READING_SD,
        way: { kind: 'reading', text: reading }
      } as const;
      return { light: { ...light, contrast: contrast ?? 'normal' }, problems };
    }
  }
  if (shadow !== null) {
    const clue = clues.find((c) => c === shadow);
    if (clue) {
      const on = (query.get('on') ?? '').split(',');
      const light = choiceFromShadow(clue, {
        bright: on.includes('bright'),
        backlit: on.includes('backlit')
      });
      return { light: { ...light, contrast: contrast ?? light.contrast }, problems };
    }
    problems.push(`“${shadow}” is no shadow edge. Choose one of ${clues.join(', ')}.`);
  }
  return { light: contrast ? { ...STARTING_LIGHT, contrast } : STARTING_LIGHT, problems };
}

function contrastFromQuery(query: URLSearchParams, problems: string[]): Contrast | null {
  const text = query.get('contrast');
  if (text === null) return null;
  const contrast = CONTRASTS.find((c) => c === text) ?? null;
  if (!contrast) problems.push(`“${text}” is no kind of contrast. Choose one of ${CONTRASTS.join(', ')}.`);
  return contrast;
}

function handLight(query: URLSearchParams, contrast: Contrast | null, problems: string[]): LightChoice {
  const lvText = query.get('lv') ?? '';
  const lv = parseDecimal(lvText);
  const sd = parseDecimal(query.get('sd') ?? String(STARTING_LIGHT.sdStops));
  if (lv === null || !Number.isFinite(lv)) {
    problems.push(`“${lvText}” is no light value. Give a number from −8 to 18, such as lv=13.7.`);
  } else if (lv < LV_RANGE.min || lv > LV_RANGE.max) {
    problems.push(`LV ${lvText} is off the scale, which runs from −8 to 18. The end of the scale is shown.`);
  }
  const sdGood = sd !== null && sd >= 0 && sd <= MAX_SD;
  if (!sdGood)
    problems.push(`“${query.get('sd') ?? ''}” is no uncertainty. Give stops from 0 to 4, such as sd=0.5.`);
  return {
    lv:
      lv === null || !Number.isFinite(lv)
        ? STARTING_LIGHT.lv
        : Math.min(LV_RANGE.max, Math.max(LV_RANGE.min, lv)),
    sdStops: sdGood ? sd : STARTING_LIGHT.sdStops,
    contrast: contrast ?? STARTING_LIGHT.contrast,
    way: { kind: 'hand' }
  };
}

/** Writes a light for the address bar: the inverse of {@link lightFromQuery}, light values to a thousandth. */
export function queryFromLight(light: LightChoice): URLSearchParams {
  const query = new URLSearchParams();
  const { way } = light;
  if (way.kind === 'shadow') {
    query.set('shadow', way.clue);
    const on = [way.bright ? 'bright' : '', way.backlit ? 'backlit' : ''].filter((s) => s !== '');
    if (on.length > 0) query.set('on', on.join(','));
    if (light.contrast !== choiceFromShadow(way.clue, way).contrast) query.set('contrast', light.contrast);
  } else if (way.kind === 'reading') {
    query.set('reading', way.text);
    if (light.contrast !== 'normal') query.set('contrast', light.contrast);
  } else {
    query.set('lv', String(Number(light.lv.toFixed(3))));
    query.set('sd', String(Number(light.sdStops.toFixed(3))));
    query.set('contrast', light.contrast);
  }
  return query;
}
