import { expect, test } from 'vitest';
import { sayFound } from './say-eye.ts';

const verdict = { offStops: null, sdStops: null, answeredStops: null, reads: [] };
test.each([
  [{ ...verdict, found: 'dead' }, ['Dead: it does the same whatever it sees.']],
  [
    { ...verdict, found: 'slow', answeredStops: 1 },
    [
      'Slow or uneven: it follows the light, but not by as much as the light changes.',
      'Where two stops were taken away it answered 1 stop.'
    ]
  ],
  [
    { ...verdict, found: 'off', offStops: -4 / 3, sdStops: 0.3 },
    [
      'Alive, and off by a constant: that can be counted with.',
      'It takes them to be 1⅓ stops darker than they are, give or take 0.3 stop.'
    ]
  ],
  [
    { ...verdict, found: 'alive', offStops: 0.1, sdStops: 0.4, answeredStops: 2 },
    [
      'Alive.',
      'It reads these lights as they are, give or take 0.4 stop.',
      'Where two stops were taken away it answered 2 stops.'
    ]
  ]
] as const)('%o', (found, words) => expect(sayFound(found)).toEqual(words));
