// Numbers as people type and read them: decimal comma or point, ½ and ⅓, 1 1/2, and true fractions for print.

const VULGAR: ReadonlyMap<string, number> = new Map([
  ['½', 1 / 2],
  ['⅓', 1 / 3],
  ['⅔', 2 / 3],
  ['¼', 1 / 4],
  ['¾', 3 / 4],
  ['⅛', 1 / 8]
]);
const SUPERSCRIPT = '⁰¹²³⁴⁵⁶⁷⁸⁹';
const SUBSCRIPT = '₀₁₂₃₄₅₆₇₈₉';

/**
 * Writes ¹⁄₁₂₅ as 1/125, narrow spaces as spaces and the true minus as a hyphen, so that one grammar reads all.
 * @param text as typed or pasted
 * @returns the same in plain signs, without blanks at its ends
 */
export function plainDigits(text: string): string {
  return text
    .replace(/[⁰¹²³⁴⁵⁶⁷⁸⁹]/g, (c) => String(SUPERSCRIPT.indexOf(c)))
    .replace(/[₀₁₂₃₄₅₆₇₈₉]/g, (c) => String(SUBSCRIPT.indexOf(c)))
    .replace(/[⁄∕]/g, '/')
    .replace(/[−–]/g, '-')
    .replace(/[\u00a0\u2009\u202f\s]+/g, ' ')
    .trim();
}

/**
 * Reads "5.6", "5,6", "½", "1½", "1 1/2", "1/60".
 * @returns the number, or null when the text is none of these. A division by zero gives Infinity, for the caller to refuse.
 */
export function parseDecimal(text: string): number | null {
  const t = plainDigits(text);
  const vulgar = /^(\d*) ?([½⅓⅔¼¾⅛])$/.exec(t);
  if (vulgar) return Number(vulgar[1] ?? 0) + (VULGAR.get(vulgar[2] ?? '') ?? NaN);
  const mixed = /^(?:(\d+) )?(\d+(?:[.,]\d+)?) ?\/ ?(\d+(?:[.,]\d+)?)$/.exec(t);
  if (mixed) return Number(mixed[1] ?? 0) + pointed(mixed[2] ?? '') / pointed(mixed[3] ?? '');
  return /^-?(\d+([.,]\d*)?|[.,]\d+)$/.test(t) ? pointed(t) : null;
}

function pointed(text: string): number {
  return Number(text.replace(',', '.'));
}

/**
 * A number to at most `places` decimals without trailing zeros: 2.50 → "2.5".
 * @param value any finite number
 * @param places decimals, 0…100
 * @returns the digits with a decimal point
 */
export function formatDecimal(value: number, places: number): string {
  return String(Number(value.toFixed(places)));
}
