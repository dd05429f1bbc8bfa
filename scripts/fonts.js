// Makes the files of the typeface from the complete Inter (SIL Open Font License, beside the files): the characters of the app,
// all features kept, so that fractions, arrows and ∞ are of one cut with the letters. Run by hand when a character is added:
//   npm install --no-save inter-ui@4.1.1 subset-font@2.9.0 && node scripts/fonts.js && npm ci
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** @param {number} from @param {number} to */
const range = (from, to) =>
  Array.from({ length: to - from + 1 }, (_, i) => String.fromCodePoint(from + i)).join('');

const SYMBOLS = 'ƒ∞→←↑↓↔′″⅓⅔½¼¾⅛⅜⅝⅞⅙⅚−×±≤≥≈≠⁄–—‘’“”…·•✓€⁰¹²³⁴⁵⁶⁷⁸⁹₀₁₂₃₄₅₆₇₈₉ΔσΦτ√∑∅☀☁▲▼◀▶●○■□';
/** Names of people and places in Latin letters beyond Latin-1: loaded when one is shown. */
const PARTS = {
  text: { characters: range(0x20, 0x7e) + range(0xa0, 0xff) + SYMBOLS },
  names: { characters: range(0x100, 0x17f) },
  // by itself and without its tabular form, which is as wide as a figure: “twin-lens” would fall apart wherever figures are tabular
  hyphen: { characters: '-', noLayoutClosure: true }
};

// a package that is there only while the files are made
const { default: subsetFont } = await import('subset-font');
const root = fileURLToPath(new URL('..', import.meta.url));
const whole = readFileSync(join(root, 'node_modules/inter-ui/variable/InterVariable.woff2'));
for (const [name, { characters, ...options }] of Object.entries(PARTS)) {
  const variationAxes = { opsz: 14, wght: { min: 400, max: 700 } };
  const part = await subsetFont(whole, characters, {
    ...{ targetFormat: 'woff2', variationAxes },
    ...options
  });
  writeFileSync(join(root, 'src/lib/ui/fonts', `${name}.woff2`), part);
  console.log(name, `${(part.length / 1000).toFixed(1)} kB`);
}
