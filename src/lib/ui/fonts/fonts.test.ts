import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { create, type Font } from 'fontkit';
import { expect, test } from 'vitest';

const HERE = 'src/lib/ui/fonts';
function fontOf(file: string): Font {
  const font = create(readFileSync(join(HERE, file)));
  if (!('hasGlyphForCodePoint' in font)) throw new Error('a collection of fonts');
  return font;
}
const text = fontOf('text.woff2');
const names = fontOf('names.woff2');

/** Everything that can stand on a screen: the sources but for comments, tests and what only reads what people type. */
function charactersOf(folder: string): ReadonlySet<string> {
  const found = new Set<string>();
  for (const entry of readdirSync(folder, { recursive: true, withFileTypes: true })) {
    if (!/\.(svelte|ts)$/.test(entry.name) || /\.test\./.test(entry.name)) continue;
    const source = readFileSync(join(entry.parentPath, entry.name), 'utf8')
      .replace(/\/\*[\s\S]*?\*\/|<!--[\s\S]*?-->|(^|\s)\/\/.*$/gm, '')
      // character classes of what is read
      .replace(/\/[^/\n]*\[[^\]\n]*\][^/\n]*\/[giu]*/g, '');
    for (const c of source) if (c > '\u007f') found.add(c);
  }
  return found;
}

/** Typed full-width digits and signs are read, never written. */
const READ_ONLY = /[\uff00-\uffef]/;

test.each(['src/lib/ui', 'src/lib/schema', 'src/routes', 'src/core/units'])(
  'the typeface has every character of %s',
  (folder) => {
    const missing = [...charactersOf(folder)].filter(
      (c) => !READ_ONLY.test(c) && !text.hasGlyphForCodePoint(c.codePointAt(0) ?? 0)
    );
    expect(missing).toEqual([]);
  }
);

test('fractions, arrows and the signs of the trade are of one cut with the letters', () => {
  for (const c of 'ƒ∞→←′″⅓⅔½¼¾−×±≤≥≈°')
    expect([c, text.hasGlyphForCodePoint(c.codePointAt(0) ?? 0)]).toEqual([c, true]);
  // names of places and people beyond Latin-1
  for (const c of 'őřłžşğ') expect(names.hasGlyphForCodePoint(c.codePointAt(0) ?? 0)).toBe(true);
});

test('its figures are tabular on request and its zero is plain', () => {
  expect(text.availableFeatures).toContain('tnum');
  const width = (digits: string) => text.layout(digits, ['tnum']).advanceWidth;
  expect(new Set(Array.from('0123456789', width)).size).toBe(1);
  // a slashed zero has a third outline
  const zero = text.glyphForCodePoint(0x30).path.commands.filter((c) => c.command === 'moveTo');
  expect(zero).toHaveLength(2);
});

test('the hyphen keeps its width where figures are tabular: “twin-lens” does not fall apart', () => {
  const hyphen = fontOf('hyphen.woff2');
  const width = (font: Font, features: readonly string[]) => font.layout('-', [...features]).advanceWidth;
  expect(width(hyphen, ['tnum'])).toBe(width(text, []));
  // the typeface's own would not
  expect(width(text, ['tnum'])).toBeGreaterThan(width(text, []));
});
