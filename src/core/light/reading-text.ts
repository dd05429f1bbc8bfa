// A meter reading typed the way people say it: "f/8 1/60 at 400", "EV 12 at 400", "f/32 and 7 tenths 1/30",
// "between 16 and 22 at 1/125", "5000 lux", "30 fc", "400 cd/m²". Answers with what was understood, as LV.
import { err, ok, type Result } from '../numeric/result.ts';
import { parseFNumber } from '../units/aperture.ts';
import { parseDecimal, plainDigits } from '../units/decimal.ts';
import { parseFilmSpeed } from '../units/film-speed.ts';
import type { QuantityError } from '../units/quantity-error.ts';
import { exactFNumber, exactSeconds, fNumberMarks } from '../units/series.ts';
import { parseShutter } from '../units/shutter.ts';
import { evFromSetting, LV_RANGE, lvFromEv, lvFromLuminance, lvFromLux } from './lv.ts';

/** What a reading was understood as; every kind carries its LV. */
export type LightReading =
  | { readonly kind: 'ev'; readonly lv: number; readonly ev: number; readonly iso: number }
  | {
      readonly kind: 'pair';
      readonly lv: number;
      readonly fNumber: number;
      readonly seconds: number;
      readonly iso: number;
      /** LV if the bare number for the time meant whole seconds. */
      readonly otherLv: number | null;
    }
  /** `otherLv`: LV if a comma or point before three digits was meant the other way. */
  | { readonly kind: 'lux'; readonly lv: number; readonly lux: number; readonly otherLv: number | null }
  | {
      readonly kind: 'luminance';
      readonly lv: number;
      readonly luminanceCdM2: number;
      readonly otherLv: number | null;
    };

/** Lux in a foot-candle (exact: 1/0.3048²). */
const LUX_PER_FOOTCANDLE = 1 / 0.3048 ** 2;

/** How a meter shows apertures between marks. */
export interface ReadingOptions {
  /** The meter shows tenths of a stop: "32.7" is 7 tenths past f/32. */
  readonly showsTenths: boolean;
}

/**
 * Reads a meter reading. Without a speed, ISO 100 is taken.
 * @returns the reading as understood, or why not; light off the scale (LV −8…18) is out of range
 */
export function parseLightReading(
  text: string,
  options: ReadingOptions = { showsTenths: false }
): Result<LightReading, QuantityError> {
  const refuse = (problem: QuantityError['problem']): Result<LightReading, QuantityError> =>
    err({ quantity: 'light', problem, text });
  const plain = plainDigits(text).toLowerCase();
  if (plain === '') return refuse('empty');
  const { body, speed } = splitSpeed(plain);
  const iso = speed === null ? ok(100) : parseFilmSpeed(speed);
  if (!iso.ok) return err({ ...iso.error, text });
  const reading =
    readPhotometric(body) ?? readEv(body, iso.value) ?? readPair(body, iso.value, options.showsTenths);
  if (reading === null) return refuse('unreadable');
  if (!reading.ok) return err({ ...reading.error, text });
  if (!Number.isFinite(reading.value.lv)) return refuse('not-positive');
  if (reading.value.lv < LV_RANGE.min || reading.value.lv > LV_RANGE.max) return refuse('out-of-range');
  return reading;
}

function splitSpeed(plain: string): { body: string; speed: string | null } {
  const match =
    /^(.*?) ?(?:,? ?\bat iso|@ ?iso|\bat|@|,? ?\biso) ?(\d+(?:[.,]\d+)?(?: ?\/ ?\d+ ?°)?|\d+ ?°)$/.exec(
      plain
    );
  if (match?.[1] === undefined || match[2] === undefined) return { body: plain, speed: null };
  // "f/8 at 125": the number after "at" is the time when no time stands before it
  const time = /^(?:f|ƒ|\d|between)/.test(match[1]) && !/\biso/.test(plain) && !hasTime(match[1]);
  return time && !/ev|lv/.test(match[1]) && !isEvAt(match[1], match[2])
    ? { body: plain, speed: null }
    : { body: match[1], speed: match[2] };
}

/** Apertures and times as they stand on old lenses and shutters. */
const F_MARKS = new Set([1, 1.4, 2, 2.8, 3.5, 4, 4.5, 5.6, 6.3, 8, 9, 11, 12.5, 16, 18, 22, 32, 45, 64]);
const TIME_MARKS = new Set([1, 2, 4, 5, 8, 10, 15, 25, 30, 50, 60, 100, 125, 200, 250, 300, 500, 1000, 2000]);

/** "12 at 400" is EV 12 at ISO 400; "8 at 125" an aperture and a time: both numbers stand on cameras. */
function isEvAt(bare: string, speed: string): boolean {
  const value = /^-?\d+(?:[.,]\d+)?$/.test(bare) ? parseDecimal(bare) : null;
  return value !== null && !(F_MARKS.has(value) && TIME_MARKS.has(Number(speed)));
}

function hasTime(body: string): boolean {
  return /\d ?\/ ?\d|\ds\b|\d ?["″]|[½⅓¼]|\bat\b|\d +\d+$|\bs$/.test(body.replace(/^[fƒ] ?\//, 'f'));
}

function readPhotometric(body: string): Result<LightReading, QuantityError> | null {
  const match = /^(.+?) ?(lux|lx|foot-?candles?|ft-?c|fc|cd\/m(?:²|2)|nits?)$/.exec(body);
  if (!match?.[1] || !match[2]) return null;
  const amounts = amountsOf(match[1]);
  const [value, other] = amounts;
  if (value === undefined) return null;
  if (value <= 0) return err({ quantity: 'light', problem: 'not-positive', text: body });
  const unit = match[2];
  const isLuminance = /^(cd|nit)/.test(unit);
  const scale = isLuminance || unit.startsWith('l') ? 1 : LUX_PER_FOOTCANDLE;
  const lvOf = (amount: number): number =>
    isLuminance ? lvFromLuminance(amount) : lvFromLux(amount * scale);
  const otherLv = other === undefined || other <= 0 ? null : lvOf(other);
  return isLuminance
    ? ok({ kind: 'luminance', luminanceCdM2: value, lv: lvOf(value), otherLv })
    : ok({ kind: 'lux', lux: value * scale, lv: lvOf(value), otherLv });
}

/**
 * An amount of light as typed: "5000", "80 k", "25 000"; "25,000" and "2.500" may be thousands or decimals, and the likelier
 * comes first: nobody writes three decimals, unless the thousands would be more light than there is.
 */
function amountsOf(text: string): readonly number[] {
  const spaced = text.replace(/(?<=\d) (?=\d{3}(?!\d))/g, '');
  const kilo = /^([\d.,]+) ?k$/.exec(spaced);
  if (kilo?.[1] !== undefined) {
    const value = parseDecimal(kilo[1]);
    return value === null ? [] : [value * 1000];
  }
  const value = parseDecimal(spaced);
  const grouped = /^[1-9]\d{0,2}([.,])\d{3}(\1\d{3})*$/.test(spaced)
    ? Number(spaced.replace(/[.,]/g, ''))
    : null;
  if (grouped === null) return value === null ? [] : [value];
  if (value === null) return [grouped];
  return lvFromLux(grouped) > LV_RANGE.max ? [value, grouped] : [grouped, value];
}

function readEv(body: string, iso: number): Result<LightReading, QuantityError> | null {
  const match = /^(?:(?:ev|lv) ?(-?[\d.,]+)|(-?[\d.,]+)(?: ?(?:ev|lv))?)$/.exec(body);
  const value = parseDecimal(match?.[1] ?? match?.[2] ?? '');
  return value === null ? null : ok({ kind: 'ev', ev: value, iso, lv: lvFromEv(value, iso) });
}

function readPair(
  body: string,
  iso: number,
  showsTenths: boolean
): Result<LightReading, QuantityError> | null {
  const between = /^between f?\/?([\d.,]+) and f?\/?([\d.,]+)(?: ?(?:,|at|@) ?| )(.+)$/.exec(body);
  if (between) return pair(readBetween(between[1] ?? '', between[2] ?? ''), between[3] ?? '', iso);
  const tenths = /^(f? ?\/?[\d.,]+) and (\d) tenths?(?: ?(?:,|at|@) ?| )(.+)$/.exec(body);
  if (tenths) return pair(pastMark(tenths[1] ?? '', Number(tenths[2])), tenths[3] ?? '', iso);
  const timeFirst = /^(\S+?(?: ?s)?)(?: ?(?:,|at|@) ?| )([fƒ] ?\/? ?[\d.,]+)$/.exec(body);
  if (timeFirst) return pair(readAperture(timeFirst[2] ?? '', showsTenths), timeFirst[1] ?? '', iso);
  const plain = /^([fƒ]? ?\/? ?[\d.,]+?)(?:,? ?(?:at|@) ?|, | )(.+)$/.exec(body);
  return plain ? pair(readAperture(plain[1] ?? '', showsTenths), plain[2] ?? '', iso) : null;
}

function pair(
  fNumber: Result<number, QuantityError>,
  timeText: string,
  iso: number
): Result<LightReading, QuantityError> {
  if (!fNumber.ok) return fNumber;
  const time = parseShutter(timeText);
  if (!time.ok) return time;
  const lvAt = (seconds: number): number =>
    lvFromEv(evFromSetting(fNumber.value, exactSeconds(seconds, 'third')), iso);
  const { seconds, otherSeconds } = time.value;
  const otherLv = otherSeconds === null ? null : lvAt(otherSeconds);
  return ok({ kind: 'pair', fNumber: fNumber.value, seconds, iso, lv: lvAt(seconds), otherLv });
}

function readAperture(text: string, showsTenths: boolean): Result<number, QuantityError> {
  const dotted = /^f? ?\/?(\d+)[.,](\d)$/.exec(text);
  const whole = Number(dotted?.[1]);
  const isMark = (n: number): boolean => fNumberMarks('third').includes(n);
  const all = Number(`${dotted?.[1] ?? ''}.${dotted?.[2] ?? ''}`);
  // 5.6 is a mark of its own; 32.7 is not, and 32 is a full-stop mark: 7 tenths past it
  if (showsTenths && dotted && fNumberMarks('full').includes(whole) && !isMark(all) && all !== 8.8) {
    return pastMark(String(whole), Number(dotted[2]));
  }
  const read = parseFNumber(text);
  return read.ok ? ok(exactFNumber(read.value, 'third')) : read;
}

function pastMark(mark: string, tenths: number): Result<number, QuantityError> {
  const read = parseFNumber(mark);
  return read.ok ? ok(exactFNumber(read.value, 'full') * 2 ** (tenths / 20)) : read;
}

function readBetween(from: string, to: string): Result<number, QuantityError> {
  const a = parseFNumber(from);
  if (!a.ok) return a;
  const b = parseFNumber(to);
  // half way in stops is the geometric mean
  return b.ok ? ok(Math.sqrt(exactFNumber(a.value, 'third') * exactFNumber(b.value, 'third'))) : b;
}
