// The darkroom in words.
import type { Moment, Scheme } from '#core/bench/develop/agitation.ts';
import type { DevelopingRow, InstantWay } from '#core/bench/develop/instant-time.ts';
import { err, ok, type Result } from '#core/numeric/result.ts';
import { formatDecimal, parseDecimal } from '#core/units/decimal.ts';

/** What the hands do now. */
export function sayMoment({ does }: Moment, scheme: Scheme): string {
  switch (does) {
    case 'first':
      return 'Turn it over gently all the time';
    case 'turn':
      return `Turn it over ${scheme.turns} times in ${scheme.inSeconds} s`;
    case 'rest':
      return 'Let it stand';
    case 'pour-out':
      return 'Pour it out';
    case 'done':
      return 'Stop bath or water in';
  }
}

/** What to mind with an instant picture. */
export const INSTANT_WORDS: Readonly<Record<InstantWay, { readonly act: string; readonly mind: string }>> = {
  peel: {
    act: 'Peel it apart',
    mind: 'Hold only the print side. The jelly is caustic: none on skin, eyes or clothes; rinse at once with much water. Fold the waste in and take it home.'
  },
  cover: {
    act: 'Uncover it',
    mind: 'Let it come out under a hand or a shield, keep it dark and flat, warm in the cold; do not bend or shake it.'
  }
};

/** A table as it is typed: "15: 45, 21: 30", °C and seconds. */
export function tableText(rows: readonly DevelopingRow[]): string {
  return rows.map((r) => `${formatDecimal(r.temperatureC, 1)}: ${formatDecimal(r.seconds, 0)}`).join(', ');
}

/** Reads a table. */
export function readTable(text: string): Result<readonly DevelopingRow[], string> {
  const rows = text
    .split(/[,;]\s+|;|\n/)
    .filter((t) => t.trim() !== '')
    .map((one): DevelopingRow | null => {
      const [temperature, seconds] = one.split(':').map((t) => parseDecimal(t.replace(/[°C\s]|s$/g, '')));
      return temperature != null && seconds != null && temperature >= -20 && temperature <= 60 && seconds > 0
        ? { temperatureC: temperature, seconds }
        : null;
    });
  const good = rows.flatMap((r) => r ?? []);
  const isRising = good.every((r, i) => i === 0 || r.temperatureC > (good[i - 1]?.temperatureC ?? 0));
  return good.length > 0 && good.length <= 12 && good.length === rows.length && isRising
    ? ok(good)
    : err(`“${text}” is no table. Write °C and seconds, coldest first: 15: 45, 21: 30.`);
}

/** Reads a number with its bounds. */
export function between(what: string, least: number, most: number): (text: string) => Result<number, string> {
  return (text) => {
    const n = parseDecimal(text.replace(/\s*(ml|°?C|min)\.?$/i, ''));
    return n !== null && n >= least && n <= most
      ? ok(n)
      : err(`“${text}” is no ${what}. Give ${least} to ${most}.`);
  };
}

/** Grams on a scale: "2.5 g". */
export function sayGrams(grams: number): string {
  return `${formatDecimal(grams, grams < 10 ? 2 : 1)} g`;
}
