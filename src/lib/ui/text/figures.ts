// Splits a text from the core into plain pieces and fractions, which the fonts then set as true fractions:
// the shipped fonts have no single characters ⅓, ⅔, ₁₂₅ or ∞, and their fraction feature does not reach long denominators.

/** Words and the figure that follows them; the last piece has none. One kind of piece, so that a text that only changes a number changes no element. */
export interface Piece {
  readonly words: string;
  readonly figure: Figure | null;
}

/** What has to be drawn rather than written. */
export type Figure =
  | { readonly kind: 'infinity' }
  | { readonly kind: 'fraction'; readonly over: string; readonly under: string };

const VULGAR: Readonly<Record<string, string>> = {
  '⅓': '1⁄3',
  '⅔': '2⁄3',
  '½': '1⁄2',
  '¼': '1⁄4',
  '¾': '3⁄4'
};
const TOKEN = /([⁰¹²³⁴⁵⁶⁷⁸⁹]+⁄[₀₁₂₃₄₅₆₇₈₉]+|[⅓⅔½¼¾]|∞)/;

/** The pieces in order, at least one. */
export function splitFigures(text: string): readonly Piece[] {
  // split by one group: words and figures take turns, words first and last
  const turns = text.split(TOKEN);
  return turns.flatMap((words, i) => {
    if (i % 2 === 1) return [];
    const figure = turns[i + 1];
    return [{ words, figure: figure === undefined ? null : figureOf(figure) }];
  });
}

function figureOf(token: string): Figure {
  if (token === '∞') return { kind: 'infinity' };
  const [over = '', under = ''] = (VULGAR[token] ?? plain(token)).split('⁄');
  return { kind: 'fraction', over, under };
}

function plain(fraction: string): string {
  return Array.from(fraction, (c) => {
    const up = '⁰¹²³⁴⁵⁶⁷⁸⁹'.indexOf(c);
    const down = '₀₁₂₃₄₅₆₇₈₉'.indexOf(c);
    return up >= 0 ? String(up) : down >= 0 ? String(down) : c;
  }).join('');
}
