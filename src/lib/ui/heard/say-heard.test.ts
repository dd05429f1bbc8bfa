import { expect, test } from 'vitest';
import { sayHeard, sayHeardTime } from './say-heard.ts';

const short = { stops: -4 / 3, readLv: 7 + 1 / 3, deltaStops: -4 / 3, sdStops: 0.6 };
test.each([
  [
    { seconds: 0.5, sdStops: 0.01 },
    short,
    [
      '½ s heard: 1⅓ stops under its usual 1.3 s.',
      'Its eye read LV 7⅓, 1⅓ stops brighter than you told.',
      'If your light is right, the frame comes out 1⅓ stops under, give or take ⅔ stop.'
    ]
  ],
  [
    { seconds: 0.25, sdStops: null },
    { stops: 0.1, readLv: 6.1, deltaStops: 0.05, sdStops: 0.2 },
    [
      '1/4 s heard: as it should be in this light.',
      'Its eye read the light as you told it.',
      'If your light is right, the frame comes out right on, give or take ⅓ stop.',
      'By ear that is half a stop either way.'
    ]
  ],
  [
    { seconds: 9, sdStops: 0.01 },
    { stops: 3, readLv: null, deltaStops: 3, sdStops: 0.5 },
    [
      '9 s heard: 3 stops over its usual 1.3 s.',
      'That is a limit of the camera, or past it: what its eye read cannot be said.',
      'If your light is right, the frame comes out 3 stops over, give or take ⅔ stop.'
    ]
  ]
])('%o', (heard, means, words) => {
  expect(sayHeard(heard, means, means.stops < 0.5 && means.stops > -0.5 ? 0.25 : 1.26, 6)).toEqual(words);
});

test('by ear it is about', () => {
  expect(sayHeardTime({ seconds: 2, sdStops: null })).toBe('about 2 s');
  expect(sayHeardTime({ seconds: 2, sdStops: 0.1 })).toBe('2 s');
});
