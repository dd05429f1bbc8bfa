// A developer's part of the form of a thing: "A: sulphite 10, pyro 5; B: carbonate 75", "1+1+100", "9–13".
import type { DeveloperStock, DeveloperThing } from '#core/kit/thing.ts';
import { formatDecimal, parseDecimal } from '#core/units/decimal.ts';
import type { SheetReader } from './sheet-reader.ts';

const plain = (n: number): string => formatDecimal(n, 3).replace('−', '-');

/** Reads a developer. */
export function readDeveloper(r: SheetReader): DeveloperThing {
  const [fromMinutes, toMinutes] = readMinutes(r);
  return {
    ...{ kind: 'developer', dilution: readDilution(r), stocks: readStocks(r), fromMinutes, toMinutes },
    atC: r.number('atC', { min: 0, max: 60, noun: 'temperature', example: 'degrees, such as 20' }),
    lossStops: Math.abs(r.stops('loss', 5)),
    agitation: r.text('agitation') === 'gentle' ? 'gentle' : 'ordinary'
  };
}

function readDilution(r: SheetReader): readonly number[] {
  const parts = r
    .text('dilution')
    .split(/[+:]/)
    .map((t) => parseDecimal(t.trim()));
  const good = parts.flatMap((p) => (p !== null && p > 0 && p <= 10_000 ? [p] : []));
  if (good.length === parts.length && good.length <= 6) return good;
  r.fault('dilution', `“${r.text('dilution')}” is no dilution. Write it as 1+31, or 1+1+100 for two stocks.`);
  return [1];
}

function readMinutes(r: SheetReader): readonly [number, number] {
  const found = r
    .text('minutes')
    .split(/–|-|\bto\b/)
    .map((t) => parseDecimal(t.replace(/min(utes)?\.?/i, '').trim()));
  const [from, to = from] = found;
  if (found.length <= 2 && from != null && to != null && from > 0 && to >= from && to <= 1440)
    return [from, to];
  r.fault(
    'minutes',
    `“${r.text('minutes')}” are no minutes. Write 11, or 9–13 where the sheet gives a range.`
  );
  return [1, 1];
}

/** Stocks parted by semicolons, each "name: part grams, part grams". */
function readStocks(r: SheetReader): readonly DeveloperStock[] {
  const text = r.text('stocks');
  if (text === '') return [];
  const stocks = text.split(';').map((one): DeveloperStock | null => {
    const [name = '', rest = ''] = one.split(':').map((t) => t.trim());
    const parts = rest.split(/,(?!\d)/).map((part) => {
      const match = /^(.+?)\s+([\d.,]+)\s*(?:g|g\/l)?$/i.exec(part.trim());
      const grams = match ? parseDecimal(match[2] ?? '') : null;
      return match && grams !== null && grams <= 5000
        ? { name: (match[1] ?? '').slice(0, 60), gramsPerLitre: grams }
        : null;
    });
    const good = parts.flatMap((p) => p ?? []);
    return name !== '' && name.length <= 40 && good.length === parts.length ? { name, parts: good } : null;
  });
  const good = stocks.flatMap((s) => s ?? []);
  if (good.length === stocks.length && good.length <= 5) return good;
  r.fault(
    'stocks',
    `“${text}” cannot be read. Write each stock as A: sulphite 10, pyro 5 (grams a litre), with a semicolon between stocks.`
  );
  return [];
}

/** Writes it. */
export function developerTexts(data: DeveloperThing): Readonly<Record<string, string>> {
  const { dilution, stocks, fromMinutes, toMinutes } = data;
  return {
    dilution: dilution.map(plain).join('+'),
    stocks: stocks
      .map((s) => `${s.name}: ${s.parts.map((p) => `${p.name} ${plain(p.gramsPerLitre)}`).join(', ')}`)
      .join('; '),
    minutes: fromMinutes === toMinutes ? plain(fromMinutes) : `${plain(fromMinutes)}–${plain(toMinutes)}`,
    ...{ atC: plain(data.atC), loss: plain(data.lossStops), agitation: data.agitation }
  };
}
