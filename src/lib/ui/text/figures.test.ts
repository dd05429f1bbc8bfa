import { expect, test } from 'vitest';
import { splitFigures } from './figures.ts';

test.each([
  [
    '1⅓ stops',
    [
      ['plain', '1'],
      ['fraction', '1', '3'],
      ['plain', ' stops']
    ]
  ],
  [
    'f/8 for ¹⁄₁₂₅ s',
    [
      ['plain', 'f/8 for '],
      ['fraction', '1', '125'],
      ['plain', ' s']
    ]
  ],
  ['∞', [['infinity', '∞']]],
  ['no figures', [['plain', 'no figures']]]
])('%s', (text, pieces) => expect(splitFigures(text).map((p) => Object.values(p))).toEqual(pieces));
