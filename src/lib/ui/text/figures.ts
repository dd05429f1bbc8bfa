// Splits a text from the core into plain pieces and fractions, which the fonts then set as true fractions:
// the shipped fonts have no single characters ⅓, ⅔, ₁₂₅ or ∞, and their fraction feature does not reach long denominators.

/** A piece of text; a fraction has its two numbers apart. */
export type Piece =
  | { readonly kind: 'plain' | 'infinity'; readonly text: string }
  | { readonly kind: 'fraction'; readonly over: string; readonly under: string };

const VULGAR: Readonly<Record<string, string>> = {
  '⅓': '1⁄3',
  '⅔': '2⁄3',
  '½': '1⁄2',
  '¼': '1⁄4',
  '¾': '3⁄4'
};
const TOKEN = /([⁰¹²³⁴⁵⁶⁷⁸⁹]+⁄[₀₁₂₃₄₅₆₇₈₉]+|[⅓⅔½¼¾]|∞)/;

/** The pieces in order; joined they read as the text. */
export function splitFigures(text: string): readonly Piece[] {
  return text
    .split(TOKEN)
    .filter((t) => t !== '')
    .map((t): Piece => {
      if (t === '∞') return { kind: 'infinity', text: t };
      if (!TOKEN.test(t)) return { kind: 'plain', text: t };
      const [over = '', under = ''] = (VULGAR[t] ?? plain(t)).split('⁄');
      return { kind: 'fraction', over, under };
    });
}

function plain(fraction: string): string {
  return Array.from(fraction, (c) => {
    const up = '⁰¹²³⁴⁵⁶⁷⁸⁹'.indexOf(c);
    const down = '₀₁₂₃₄₅₆₇₈₉'.indexOf(c);
    return up >= 0 ? String(up) : down >= 0 ? String(down) : c;
  }).join('');
}
