import { expect, test } from 'vitest';
import { splitFigures } from './figures.ts';

const third = { kind: 'fraction', over: '1', under: '3' };

test.each([
  [
    '1⅓ stops',
    [
      { words: '1', figure: third },
      { words: ' stops', figure: null }
    ]
  ],
  [
    'f/8 for ¹⁄₁₂₅ s',
    [
      { words: 'f/8 for ', figure: { kind: 'fraction', over: '1', under: '125' } },
      { words: ' s', figure: null }
    ]
  ],
  [
    '⅓ to ∞',
    [
      { words: '', figure: third },
      { words: ' to ', figure: { kind: 'infinity' } },
      { words: '', figure: null }
    ]
  ],
  ['no figures', [{ words: 'no figures', figure: null }]]
])('%s', (text, pieces) => expect(splitFigures(text)).toEqual(pieces));
