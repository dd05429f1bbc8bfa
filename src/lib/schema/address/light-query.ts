// Light as it stands in the address bar. A bad address gives the last good light and words.
import { LOW_SUNS, NO_MODIFIERS, type LightModifiers } from '#core/light/by-eye.ts';
import { CONTRASTS, type Contrast } from '#core/light/contrast.ts';
import { LARGEST_SD, LV_RANGE } from '#core/light/lv.ts';
import { METERED, type Metering } from '#core/light/metering.ts';
import { parseLightReading } from '#core/light/reading-text.ts';
import { sceneById, SCENES } from '#core/light/scenes.ts';
import { SHADOW_STEPS } from '#core/light/shadow-edge.ts';
import { SKY_STEPS } from '#core/light/sky-first.ts';
import { parseDecimal } from '#core/units/decimal.ts';
import {
  choiceByEye,
  choiceFromReading,
  choiceFromScene,
  STARTING_LIGHT,
  type LightChoice,
  type LightWay,
  type SunWay
} from '#core/ways/choice.ts';
import { noteIn, type NoteReaders } from './notes.ts';
import { explainQuantity } from '../reading/words.ts';

/** A light read from an address, with what could not be understood. */
export interface LightQuery {
  readonly light: LightChoice;
  readonly problems: readonly string[];
}

/** Names in an address that say something about the light. */
export const LIGHT_KEYS = ['lv', 'shadow', 'sky', 'scene', 'reading', 'sun', 'picture', 'frame'] as const;

/**
 * Reads `shadow=sharp&on=bright,backlit`, `sky=clear`, `scene=stage`, `reading=f/8 1/60 at 400&of=snow`,
 * `lv=13.7&sd=0.5&contrast=normal` or `lv=13.7&sd=0.5&sun={…}`. Whatever is wrong is named and replaced: light off the scale
 * by the end of the scale, anything else by the starting light.
 * @param readers of what stands there in JSON; null = nothing of it is read
 */
export function lightFromQuery(query: URLSearchParams, readers: NoteReaders | null): LightQuery {
  const problems: string[] = [];
  const contrast = contrastFromQuery(query, problems);
  const found = query.has('lv')
    ? markedLight(query, { contrast, readers }, problems)
    : (readingLight(query, readers, problems) ??
      eyeLight(query, problems) ??
      sceneLight(query, problems) ??
      noSunLight(query, problems));
  if (found) {
    const light = byRecord(query, found, readers);
    return { light: contrast ? { ...light, contrast } : light, problems };
  }
  return { light: contrast ? { ...STARTING_LIGHT, contrast } : STARTING_LIGHT, problems };
}

/** A guess as it was corrected by the person's own record: `eye={"biasStops":0.7,"sdStops":0.4}`. */
function byRecord(query: URLSearchParams, light: LightChoice, readers: NoteReaders | null): LightChoice {
  const { way } = light;
  const eye = noteIn(query, 'eye', readers?.eye);
  if (!eye || (way.kind !== 'shadow' && way.kind !== 'sky' && way.kind !== 'scene')) return light;
  const lv = Math.min(LV_RANGE.max, Math.max(LV_RANGE.min, light.lv - eye.biasStops));
  return { ...light, lv, sdStops: eye.sdStops, way: { ...way, eye } };
}

function contrastFromQuery(query: URLSearchParams, problems: string[]): Contrast | null {
  const text = query.get('contrast');
  if (text === null) return null;
  const contrast = CONTRASTS.find((c) => c === text) ?? null;
  if (!contrast) problems.push(`“${text}” is no kind of contrast. Choose one of ${CONTRASTS.join(', ')}.`);
  return contrast;
}

function modifiersFrom(query: URLSearchParams): LightModifiers {
  const on = (query.get('on') ?? '').split(',');
  return {
    bright: on.includes('bright'),
    backlit: on.includes('backlit'),
    shaded: on.includes('shaded'),
    lowSun: LOW_SUNS.find((l) => l !== 'no' && on.includes(l)) ?? 'no'
  };
}

function eyeLight(query: URLSearchParams, problems: string[]): LightChoice | null {
  const shadow = query.get('shadow');
  if (shadow !== null) {
    const step = SHADOW_STEPS.find((s) => s.clue === shadow);
    if (step) return choiceByEye({ school: 'shadow', clue: step.clue }, modifiersFrom(query));
    problems.push(
      `“${shadow}” is no shadow edge. Choose one of ${SHADOW_STEPS.map((s) => s.clue).join(', ')}.`
    );
  }
  const sky = query.get('sky');
  if (sky === null) return null;
  const step = SKY_STEPS.find((s) => s.clue === sky);
  if (step) return choiceByEye({ school: 'sky', clue: step.clue }, modifiersFrom(query));
  problems.push(`“${sky}” is no sky. Choose one of ${SKY_STEPS.map((s) => s.clue).join(', ')}.`);
  return null;
}

function sceneLight(query: URLSearchParams, problems: string[]): LightChoice | null {
  const id = query.get('scene');
  if (id === null) return null;
  const scene = sceneById(id);
  if (scene) return choiceFromScene(scene);
  problems.push(`“${id}” is no named scene. Choose one of ${SCENES.map((s) => s.id).join(', ')}.`);
  return null;
}

function readingLight(
  query: URLSearchParams,
  readers: NoteReaders | null,
  problems: string[]
): LightChoice | null {
  const text = query.get('reading');
  if (text === null) return null;
  const metering: Metering = {
    of: METERED.find((m) => m === query.get('of')) ?? 'incident',
    elsewhere: query.get('held') === 'elsewhere',
    meter: noteIn(query, 'meter', readers?.meter)
  };
  const read = parseLightReading(text, { showsTenths: metering.meter?.showsTenths ?? false });
  if (read.ok) return choiceFromReading(text, read.value, metering);
  problems.push(explainQuantity(read.error));
  return null;
}

function noSunLight(query: URLSearchParams, problems: string[]): null {
  if (query.has('sun')) problems.push('The place and time in the address are not understood.');
  return null;
}

/**
 * A place and moment in an address that does not say the light there: it is to be worked out before the address is read.
 * @returns null where there is none, or where the light is said
 */
export function sunToWorkOut(query: URLSearchParams, readers: NoteReaders | null): SunWay | null {
  return query.has('lv') ? null : noteIn(query, 'sun', readers?.sun);
}

const frameWay = (frameId: string | undefined, label: string | null): LightWay =>
  frameId ? { kind: 'frame', frameId, label: (label ?? 'an earlier frame').slice(0, 200) } : { kind: 'hand' };

function markedLight(
  query: URLSearchParams,
  { contrast, readers }: { readonly contrast: Contrast | null; readonly readers: NoteReaders | null },
  problems: string[]
): LightChoice {
  const lvText = query.get('lv') ?? '';
  const lv = parseDecimal(lvText);
  const sd = parseDecimal(query.get('sd') ?? String(STARTING_LIGHT.sdStops));
  if (lv === null || !Number.isFinite(lv)) {
    problems.push(`“${lvText}” is no light value. Give a number from −8 to 18, such as lv=13.7.`);
  } else if (lv < LV_RANGE.min || lv > LV_RANGE.max) {
    problems.push(`LV ${lvText} is off the scale, which runs from −8 to 18. The end of the scale is shown.`);
  }
  const sdGood = sd !== null && sd >= 0 && sd <= LARGEST_SD;
  if (!sdGood)
    problems.push(`“${query.get('sd') ?? ''}” is no uncertainty. Give stops from 0 to 4, such as sd=0.5.`);
  const frame = query.get('frame')?.slice(0, 64);
  const picture = noteIn(query, 'picture', readers?.picture);
  const sun = noteIn(query, 'sun', readers?.sun);
  if (!sun) noSunLight(query, problems);
  const way: LightWay = picture ?? sun ?? frameWay(frame, query.get('as'));
  return {
    lv:
      lv === null || !Number.isFinite(lv)
        ? STARTING_LIGHT.lv
        : Math.min(LV_RANGE.max, Math.max(LV_RANGE.min, lv)),
    sdStops: sdGood ? sd : STARTING_LIGHT.sdStops,
    contrast: contrast ?? STARTING_LIGHT.contrast,
    way
  };
}

function onText(m: LightModifiers): string {
  const named = (['bright', 'backlit', 'shaded'] as const).filter((name) => m[name]);
  return [...named, ...(m.lowSun === NO_MODIFIERS.lowSun ? [] : [m.lowSun])].join(',');
}

/** Writes a light for the address bar: the inverse of {@link lightFromQuery}, light values to a thousandth. */
export function queryFromLight(light: LightChoice): URLSearchParams {
  const query = new URLSearchParams();
  const { way } = light;
  const rounded = (n: number): string => String(Number(n.toFixed(3)));
  switch (way.kind) {
    case 'shadow':
    case 'sky':
      query.set(way.kind, way.clue);
      if (onText(way) !== '') query.set('on', onText(way));
      if (way.eye) query.set('eye', JSON.stringify(way.eye));
      break;
    case 'scene':
      query.set('scene', way.scene);
      if (way.eye) query.set('eye', JSON.stringify(way.eye));
      break;
    case 'reading':
      query.set('reading', way.text);
      if (way.of !== 'incident') query.set('of', way.of);
      if (way.elsewhere) query.set('held', 'elsewhere');
      if (way.meter) query.set('meter', JSON.stringify(way.meter));
      break;
    case 'sun':
    case 'picture':
    case 'frame':
    case 'hand':
      query.set('lv', rounded(light.lv));
      query.set('sd', rounded(light.sdStops));
      if (way.kind === 'sun' || way.kind === 'picture') query.set(way.kind, JSON.stringify(way));
      if (way.kind === 'frame') {
        query.set('frame', way.frameId);
        query.set('as', way.label);
      }
  }
  // no kind of light has its contrast from what stands there in JSON
  if (lightFromQuery(query, null).light.contrast !== light.contrast || way.kind === 'hand') {
    query.set('contrast', light.contrast);
  }
  return query;
}
