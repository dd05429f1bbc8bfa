// The form of a thing in the bag: texts in, a thing out, or a fault per field; and back, so that it can be changed.
import {
  readFilterStrength,
  STOPS_PER_DENSITY,
  STRENGTH_UNITS,
  type StrengthUnit
} from '#core/kit/filter-strength.ts';
import { THING_KINDS, type Thing, type ThingData } from '#core/kit/thing.ts';
import { err, ok, type Result } from '#core/numeric/result.ts';
import { formatDecimal, parseDecimal, plainDigits } from '#core/units/decimal.ts';
import { parseShutter } from '#core/units/shutter.ts';
import { formatStops } from '#core/units/stops.ts';
import type { FieldFault } from '../reading/parse.ts';
import { developerTexts, readDeveloper } from './developer-entry.ts';
import { SheetReader } from './sheet-reader.ts';

/** The texts of a thing. */
export type ThingTexts = Readonly<Record<string, string>>;

const FOOT_M = 0.3048;

/** Starting answers of every kind. Meter constants: ISO 2720 gives C 320–540 for domes, 240–400 for flat receptors and K 10.6–13.4; common choices inside. */
export const TYPICAL_THING: ThingTexts = {
  ...{
    strength: '',
    as: '',
    size: '',
    guideNumber: '',
    guideUnit: 'm',
    powers: 'full',
    duration: '1/1000',
    burns: 'electronic',
    bulbFrom: '1/30',
    angle: ''
  },
  ...{ reads: 'incident-dome', constant: '', tenths: 'no', offset: '0', sd: '' },
  ...{ lux: '', kelvin: '3200', takes: '' },
  ...{ model: '', lensMm: '', phoneOffset: '0', slope: '1.4', readings: '0', residual: '' },
  ...{ dilution: '1+1+100', stocks: '', minutes: '', atC: '20', loss: '0', agitation: 'ordinary' }
};

/** Starting constants and spreads of meters. Spreads: common practice, no source. */
const METER_STARTS = {
  'incident-dome': { constant: 330, sd: 0.25 },
  'incident-flat': { constant: 250, sd: 0.25 },
  reflected: { constant: 12.5, sd: 0.6 }
} as const;
const METER_KINDS = ['incident-dome', 'incident-flat', 'reflected'] as const;

const UNIT_WORDS: Readonly<Record<StrengthUnit, string>> = {
  stops: 'stops',
  density: 'as a density',
  factor: 'as a factor'
};

/** Reads the form. @param id of the thing to be */
export function readThing(texts: ThingTexts, id: string): Result<Thing, readonly FieldFault[]> {
  const r = new SheetReader(texts);
  const name = r.text('name');
  if (name === '' || name.length > 80) r.fault('name', 'Give it a name of 1 to 80 letters.');
  const kind = THING_KINDS.find((k) => k === r.text('kind'));
  if (!kind) return err([{ field: 'kind', message: 'Choose what it is from the list.' }]);
  const data = readData(r, kind);
  return r.faults.length > 0 ? err(r.faults) : ok({ id, name, data });
}

function readData(r: SheetReader, kind: ThingData['kind']): ThingData {
  switch (kind) {
    case 'filter':
      return readFilter(r);
    case 'flash':
      return readFlash(r);
    case 'meter': {
      const reads = METER_KINDS.find((k) => k === r.text('reads')) ?? 'incident-dome';
      const start = METER_STARTS[reads];
      const given = (field: string, otherwise: number, rule: Parameters<SheetReader['number']>[1]): number =>
        r.text(field) === '' ? otherwise : r.number(field, rule);
      return {
        ...{ kind, reads, showsTenths: r.text('tenths') === 'yes', offsetStops: r.stops('offset', 5) },
        constant: given('constant', start.constant, {
          ...{ min: 1, max: 1000, noun: 'constant' },
          example: '250 or 330 for incident, 12.5 for reflected light'
        }),
        sdStops: given('sd', start.sd, { min: 0, max: 4, noun: 'spread', example: 'stops, such as 0.25' })
      };
    }
    case 'support':
      return { kind };
    case 'lamp':
      return {
        kind,
        luxAtOneMetre: r.number('lux', {
          ...{ min: 0.001, max: 1e7, noun: 'brightness' },
          example: 'lux at one metre, such as 5000'
        }),
        kelvin: r.number('kelvin', {
          ...{ min: 1000, max: 20_000, noun: 'colour temperature' },
          example: 'kelvin, such as 3200'
        })
      };
    case 'modifier':
      return { kind, stops: Math.abs(r.stops('takes', 30)) };
    case 'developer':
      return readDeveloper(r);
    case 'phone':
      return readPhone(r);
  }
}

function readPhone(r: SheetReader): ThingData {
  const or = (field: string, rule: Parameters<SheetReader['number']>[1]): number | null =>
    r.text(field) === '' ? null : r.number(field, rule);
  return {
    ...{ kind: 'phone', model: r.text('model').slice(0, 80) },
    focalMm: or('lensMm', { min: 0.5, max: 200, noun: 'focal length', example: 'millimetres, such as 5.4' }),
    offsetStops: r.stops('phoneOffset', 5),
    slope: r.number('slope', { min: 0.3, max: 6, noun: 'slope', example: '1.4 where nobody measured it' }),
    readings: Math.round(r.number('readings', { min: 0, max: 1000, noun: 'number', example: '9' })),
    residualStops: or('residual', { min: 0, max: 5, noun: 'spread', example: 'stops, such as 0.3' })
  };
}

function readFilter(r: SheetReader): ThingData {
  const text = r.text('strength');
  const chosen = STRENGTH_UNITS.find((u) => u === r.text('as')) ?? null;
  const read = readFilterStrength(text, chosen);
  const size = r.text('size');
  const sizeMm =
    size === ''
      ? null
      : r.number('size', { min: 5, max: 200, noun: 'thread', example: 'millimetres, such as 49' });
  if (read.ok) return { kind: 'filter', ...read.value, ...(sizeMm === null ? {} : { sizeMm }) };
  if (read.error.problem === 'unit-missing') {
    const could = read.error.couldBe.map((s) => `${formatStops(s.stops)} (${UNIT_WORDS[s.givenAs]})`);
    r.fault('as', `“${text}” could mean ${could.join(', or ')}. Choose which.`);
  } else {
    r.fault(
      'strength',
      `“${text}” is no strength of a filter. Write it as 2 stops, density 0.6 or 4× (0 to 30 stops).`
    );
  }
  return { kind: 'filter', stops: NaN, givenAs: 'stops' };
}

/** Powers such as "full 1/2 1/4", as stops below full. */
function readPowers(r: SheetReader): readonly number[] {
  const powers = r
    .text('powers')
    .split(/[\s,;]+/)
    .filter((t) => t !== '')
    .map((t) => (/^full$/i.test(t) ? 1 : parseDecimal(t)));
  const good = powers.flatMap((p) =>
    p !== null && p > 0 && p <= 1 && p >= 2 ** -12 ? [-Math.log2(p) + 0] : []
  );
  if (good.length === powers.length && good.length > 0 && good.length <= 20) return good;
  r.fault('powers', `“${r.text('powers')}” are no powers. Write them as full 1/2 1/4 1/8 (down to 1/4096).`);
  return [0];
}

function readFlash(r: SheetReader): ThingData {
  const given = r.number('guideNumber', {
    ...{ min: 0.5, max: 500, noun: 'guide number' },
    example: 'at ISO 100 and full power, such as 18'
  });
  const seconds = parseShutter(r.text('duration'));
  if (!seconds.ok || seconds.value.seconds > 1) {
    r.fault('duration', `“${r.text('duration')}” is no flash duration. Write it as 1/1000, up to 1 second.`);
  }
  const angle = r.text('angle');
  const isBulb = r.text('burns') === 'bulbs';
  const from = parseShutter(r.text('bulbFrom'));
  if (isBulb && (!from.ok || from.value.seconds > 1)) {
    r.fault('bulbFrom', `“${r.text('bulbFrom')}” is no shutter time. Write it as 1/30, up to 1 second.`);
  }
  return {
    kind: 'flash',
    ...(isBulb ? { bulbs: { leastSeconds: from.ok ? from.value.seconds : NaN } } : {}),
    guideNumber: r.text('guideUnit') === 'ft' ? given * FOOT_M : given,
    powers: readPowers(r),
    seconds: seconds.ok ? seconds.value.seconds : NaN,
    angleDegrees:
      angle === ''
        ? null
        : r.number('angle', { min: 1, max: 180, noun: 'angle', example: 'degrees across, such as 60' })
  };
}

/** A thing's texts: reading them again gives the same thing. */
export function textsFromThing({ name, data }: Thing): ThingTexts {
  const number = (n: number): string => formatDecimal(n, 6).replace('-', '−');
  const texts = { ...TYPICAL_THING, name, kind: data.kind };
  switch (data.kind) {
    case 'filter': {
      const { stops, givenAs } = data;
      const value =
        givenAs === 'stops' ? stops : givenAs === 'density' ? stops / STOPS_PER_DENSITY : 2 ** stops;
      const size = data.sizeMm === undefined ? '' : formatDecimal(data.sizeMm, 1);
      return { ...texts, strength: plainDigits(number(value)), as: givenAs, size };
    }
    case 'flash':
      return {
        ...texts,
        guideNumber: number(data.guideNumber),
        powers: data.powers.map((p) => (p === 0 ? 'full' : `1/${number(2 ** p)}`)).join(' '),
        duration: `1/${number(1 / data.seconds)}`,
        ...(data.bulbs ? { burns: 'bulbs', bulbFrom: `1/${number(1 / data.bulbs.leastSeconds)}` } : {}),
        angle: data.angleDegrees === null ? '' : number(data.angleDegrees)
      };
    case 'meter':
      return {
        ...{ ...texts, reads: data.reads, constant: number(data.constant), sd: number(data.sdStops) },
        ...{ tenths: data.showsTenths ? 'yes' : 'no', offset: number(data.offsetStops) }
      };
    case 'support':
      return texts;
    case 'lamp':
      return { ...texts, lux: number(data.luxAtOneMetre), kelvin: number(data.kelvin) };
    case 'modifier':
      return { ...texts, takes: number(data.stops) };
    case 'developer':
      return { ...texts, ...developerTexts(data) };
    case 'phone':
      return {
        ...{ ...texts, model: data.model, phoneOffset: number(data.offsetStops), slope: number(data.slope) },
        ...{ lensMm: data.focalMm === null ? '' : number(data.focalMm), readings: String(data.readings) },
        residual: data.residualStops === null ? '' : number(data.residualStops)
      };
  }
}
